import { useEffect, useLayoutEffect, useRef } from "react";

/** What a phone asks of the bench it is paired with. */
export type Press = "NEXT_SPEED";

const listeners = new Set<(press: Press) => void>();

export function pressed(press: Press): void {
  listeners.forEach((listener) => listener(press));
}

/** Does what a phone asks for, as a key of this place would. */
export function usePressed(act: (press: Press) => void): void {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  useEffect(() => {
    const listen = (press: Press) => latest.current(press);
    listeners.add(listen);
    return () => void listeners.delete(listen);
  }, []);
}
