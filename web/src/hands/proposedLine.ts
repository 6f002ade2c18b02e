import { useEffect, useRef } from "react";

type Listener = (line: string) => void;

const listeners = new Set<Listener>();

/** Puts a line into the log line, to be looked over and logged with Enter. */
export function propose(line: string): void {
  listeners.forEach((listener) => listener(line));
}

/** Hears of lines that other parts of the screen propose. */
export function useProposed(onProposed: Listener): void {
  const latest = useRef(onProposed);
  useEffect(() => {
    latest.current = onProposed;
  });
  useEffect(() => {
    const listener: Listener = (line) => latest.current(line);
    listeners.add(listener);
    return () => {
      listeners.delete(listener);
    };
  }, []);
}
