import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { useKeys } from "./keys";

afterEach(cleanup);

function Page({ onSpace, onFind }: { onSpace: () => void; onFind: () => void }) {
  useKeys({ " ": onSpace, F2: onFind, "Ctrl+z": onFind });
  return (
    <>
      <input aria-label="field" />
      <button>press me</button>
    </>
  );
}

it("counts with Space, but never when it presses a button or writes in a field", () => {
  const onSpace = vi.fn();
  render(<Page onSpace={onSpace} onFind={vi.fn()} />);
  fireEvent.keyDown(document.body, { key: " " });
  fireEvent.keyDown(screen.getByRole("button"), { key: " " });
  fireEvent.keyDown(screen.getByLabelText("field"), { key: " " });
  fireEvent.keyDown(document.body, { key: " ", repeat: true });
  expect(onSpace).toHaveBeenCalledTimes(1);
});

it("finds from anywhere, and takes combinations", () => {
  const onFind = vi.fn();
  render(<Page onSpace={vi.fn()} onFind={onFind} />);
  fireEvent.keyDown(screen.getByLabelText("field"), { key: "F2" });
  fireEvent.keyDown(document.body, { key: "z", ctrlKey: true });
  fireEvent.keyDown(document.body, { key: "z" });
  expect(onFind).toHaveBeenCalledTimes(2);
});
