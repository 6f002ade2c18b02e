import { useSyncExternalStore } from "react";

/** A small value kept in this browser. */
export function storedValue(name: string, initial: string) {
  const listeners = new Set<() => void>();
  const read = () => localStorage.getItem(name) ?? initial;
  return {
    read,
    write(value: string) {
      localStorage.setItem(name, value);
      listeners.forEach((listener) => listener());
    },
    use: () =>
      useSyncExternalStore((listener) => {
        listeners.add(listener);
        return () => listeners.delete(listener);
      }, read),
  };
}
