import { useEffect, useLayoutEffect, useRef } from "react";

/** What keys do on a screen, by the key's name; "Ctrl+z" for a combination. */
export type Keys = Record<string, (event: KeyboardEvent) => void>;

/** Keys that work while a field has focus too. */
const ANYWHERE = new Set(["F2", "F8"]);

function inField(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName))
  );
}

/** A letter typed while a control of a form has focus was meant for the form, not for the screen. */
const meantForForm = (event: KeyboardEvent) =>
  event.key.length === 1 &&
  !event.ctrlKey &&
  !event.metaKey &&
  event.target instanceof HTMLElement &&
  event.target.closest("form") !== null;

/** Space presses a focused button or link; it must not count a firing as well. With Ctrl held nothing is pressed. */
function pressesSomething(event: KeyboardEvent): boolean {
  return (
    !event.ctrlKey &&
    !event.metaKey &&
    (event.key === " " || event.key === "Enter") &&
    event.target instanceof HTMLElement &&
    event.target.closest("button, a, summary, [role=radio], [role=button]") !== null
  );
}

/** Listens for keys when no field has focus and no window is open. */
export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  // What a screen shows and what its keys do change together: a key pressed the moment something appears is for it.
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const name = (event.ctrlKey || event.metaKey ? "Ctrl+" : "") + event.key;
      const act = latest.current[name];
      if (act === undefined || event.altKey || event.repeat) return;
      const free = !inField(event.target) && document.querySelector("[role=dialog]") === null;
      if ((free && !pressesSomething(event) && !meantForForm(event)) || ANYWHERE.has(name)) {
        event.preventDefault();
        act(event);
      }
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}

/** Esc leaves a field, so that the keys work again. */
export function useEscapeLeavesField(): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.key === "Escape" && inField(event.target)) (event.target as HTMLElement).blur();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}
