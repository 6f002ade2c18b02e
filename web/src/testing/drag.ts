import { createEvent, fireEvent } from "@testing-library/react";

/** Drags one thing onto another, as a hand with a mouse does. */
export function drag(from: Element, to: Element): void {
  const carried = new Map<string, string>();
  const dataTransfer = {
    setData: (type: string, value: string) => carried.set(type, value),
    getData: (type: string) => carried.get(type) ?? "",
    get types() {
      return [...carried.keys()];
    },
  };
  for (const [what, on] of [
    ["dragStart", from],
    ["dragOver", to],
    ["drop", to],
  ] as const) {
    const event = createEvent[what](on);
    Object.defineProperty(event, "dataTransfer", { value: dataTransfer });
    fireEvent(on, event);
  }
}
