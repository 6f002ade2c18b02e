const listeners = new Set<() => void>();

/** Asks for the code by which a phone becomes the camera of this bench. */
export function askForPhone(): void {
  listeners.forEach((listener) => listener());
}

export function onAskForPhone(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}
