import { useCallback, useState } from "react";

const KEY = "ruvant.draft.";

/** What was half done under this name and not finished; empty where there is nothing. */
export const readDraft = (name: string) => localStorage.getItem(KEY + name) ?? "";

/** Keeps what is half done under this name; the empty text forgets it. */
export function writeDraft(name: string, text: string): void {
  if (text === "") localStorage.removeItem(KEY + name);
  else localStorage.setItem(KEY + name, text);
}

/** Text that is kept while it is being typed, also when the page is left or the machine goes down. */
export function useDraft(name: string): [string, (text: string) => void] {
  const [text, setText] = useState(() => readDraft(name));
  const keep = useCallback(
    (next: string) => {
      setText(next);
      writeDraft(name, next);
    },
    [name],
  );
  return [text, keep];
}

/** A value of any shape that is kept while it is half done; undefined forgets it. */
export function useKept<Value>(name: string, initial: Value): [Value, (next: Value | undefined) => void] {
  const [text, keep] = useDraft(name);
  return [
    text === "" ? initial : (JSON.parse(text) as Value),
    (next) => keep(next === undefined ? "" : JSON.stringify(next)),
  ];
}
