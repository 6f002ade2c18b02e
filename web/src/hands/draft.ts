import { useCallback, useState } from "react";

/** Text that is kept while it is being typed, also when the page is left or the machine goes down. */
export function useDraft(name: string): [string, (text: string) => void] {
  const key = `ruvant.draft.${name}`;
  const [text, setText] = useState(() => localStorage.getItem(key) ?? "");
  const keep = useCallback(
    (next: string) => {
      setText(next);
      if (next === "") localStorage.removeItem(key);
      else localStorage.setItem(key, next);
    },
    [key],
  );
  return [text, keep];
}
