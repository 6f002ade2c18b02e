import { act, cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { dismiss, notify } from "../hands/notices";
import { NoticeBar } from "./NoticeBar";

afterEach(() => {
  act(dismiss);
  cleanup();
});

it("has its own place in the page, and keeps it once something was said", () => {
  const { container } = render(<NoticeBar />);
  const strip = container.firstElementChild!;
  expect(strip.className).not.toContain("min-h-11");
  act(() => notify({ kind: "done", text: "Taken off: cover." }));
  expect(screen.getByText("Taken off: cover.")).toBeTruthy();
  expect(strip.className).not.toMatch(/\b(fixed|absolute)\b/);
  act(dismiss);
  expect(strip.className).toContain("min-h-11");
});
