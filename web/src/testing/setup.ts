import { afterEach } from "vitest";
import { configure } from "@testing-library/react";

// a loaded machine is slow: a test waits for what it wants to see, and fails only where it never comes
configure({ asyncUtilTimeout: 15_000 });

// what one test left half typed is not the next one's
afterEach(() => localStorage.clear());

// jsdom lays nothing out, so there is nothing to observe
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

// dates are written as the browser's language has them; the tests read British ones
Object.defineProperty(navigator, "language", { get: () => "en-GB", configurable: true });
