import { useEffect, useRef } from "react";

/** What a scanned code says. */
export type Scanned =
  { kind: "tag"; tag: string } | { kind: "well"; well: string } | { kind: "shelf"; number: string };

/** Where a scanned label of the shelf leads: stock by its number, donors to their list. */
export const shelfPlace = (number: string) =>
  number.startsWith("D") ? `/shelf/donors` : `/shelf/stock?find=${number.toLowerCase()}`;

/** A scanner types faster than anybody; a longer gap than this is a hand. */
const BURST_MS = 60;
const PREFIX = "RV-";

/** Reads a printed code; codes of others are none. */
export function readCode(text: string): Scanned | undefined {
  const tag = /^RV-(R-\d{4,7})$/.exec(text)?.[1];
  if (tag !== undefined) return { kind: "tag", tag };
  const shelf = /^RV-([SD]-\d{1,7})$/.exec(text)?.[1];
  if (shelf !== undefined) return { kind: "shelf", number: shelf };
  const well = /^RV-W-([2-9]?[A-Z][1-9]\d?)$/.exec(text)?.[1];
  return well === undefined ? undefined : { kind: "well", well };
}

/** Who wants to know of codes that are not ours: on the stand any of them means "go on". */
const foreignListeners = new Set<() => void>();

const LEAST_FOREIGN = 4;

/** Hears any code that is not one of ours, scanned with no field in focus. */
export function useForeignCode(onCode: () => void): void {
  const latest = useRef(onCode);
  useEffect(() => {
    latest.current = onCode;
  });
  useEffect(() => {
    const heard = () => latest.current();
    foreignListeners.add(heard);
    return () => void foreignListeners.delete(heard);
  }, []);
}

type Field = HTMLInputElement | HTMLTextAreaElement;

const fieldOf = (target: EventTarget | null): Field | undefined =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement ? target : undefined;

const inWindow = () => document.querySelector("[role=dialog]") !== null;

/** Puts back what stood in a field before a scanner typed into it. */
function restore(field: Field, value: string): void {
  const proto =
    field instanceof HTMLInputElement ? HTMLInputElement.prototype : HTMLTextAreaElement.prototype;
  Object.getOwnPropertyDescriptor(proto, "value")?.set?.call(field, value);
  field.dispatchEvent(new Event("input", { bubbles: true }));
}

/**
 * A keyboard-wedge scanner is a keyboard: its burst is told from typing by its speed and its prefix, works on every
 * screen and in every field, and leaves nothing behind in the field where it was typed.
 */
export function useScanner(onScan: (scanned: Scanned) => void): void {
  const latest = useRef(onScan);
  useEffect(() => {
    latest.current = onScan;
  });
  useEffect(() => {
    let typed = "";
    let lastAt = 0;
    let field: Field | undefined;
    let before = "";
    let held: { key: string; target: EventTarget | null }[] = [];
    let release: ReturnType<typeof setTimeout> | undefined;
    const replayed = new WeakSet<Event>();
    // a key that no other follows at once was a hand's
    const letGo = () => {
      held.splice(0).forEach(({ key, target }) => {
        const again = new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true });
        replayed.add(again);
        (target ?? document.body).dispatchEvent(again);
      });
    };
    const hold = (event: KeyboardEvent) => {
      held.push({ key: event.key, target: event.target });
      clearTimeout(release);
      release = setTimeout(letGo, BURST_MS);
    };
    const listen = (event: KeyboardEvent) => {
      if (replayed.has(event)) return;
      if (event.key === "Shift" || event.altKey || event.ctrlKey || event.metaKey) return;
      const goesOn = event.timeStamp - lastAt <= BURST_MS;
      lastAt = event.timeStamp;
      if (event.key === "Enter") {
        const scanned = goesOn ? readCode(typed) : undefined;
        const foreign = goesOn && scanned === undefined && held.length >= LEAST_FOREIGN;
        typed = "";
        if (scanned !== undefined || foreign) {
          held = [];
          clearTimeout(release);
        }
        if (foreign) {
          event.preventDefault();
          event.stopImmediatePropagation();
          foreignListeners.forEach((heard) => heard());
        }
        if (scanned === undefined) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        if (field !== undefined) restore(field, before);
        latest.current(scanned);
        return;
      }
      if (event.key.length !== 1) {
        typed = "";
        return;
      }
      if (!goesOn || typed === "") {
        typed = "";
        field = fieldOf(event.target);
        before = field?.value ?? "";
      }
      typed += event.key;
      const burst = typed.length > 2 && typed.startsWith(PREFIX);
      // figures of a scanned tag must not press the keys of the screen
      const awaited = foreignListeners.size > 0 && event.key !== " " && !inWindow();
      if (field === undefined && (burst || awaited)) {
        event.preventDefault();
        event.stopImmediatePropagation();
        if (awaited) hold(event);
      }
    };
    window.addEventListener("keydown", listen, true);
    return () => {
      clearTimeout(release);
      window.removeEventListener("keydown", listen, true);
    };
  }, []);
}
