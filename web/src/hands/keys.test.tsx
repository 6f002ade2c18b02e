import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { useKeys } from "./keys";

afterEach(cleanup);

function Page({ onSpace, onFind }: { onSpace: () => void; onFind: () => void }) {
  useKeys({ " ": onSpace, F2: onFind, "Ctrl+z": onFind, n: onSpace, "Ctrl+Enter": onFind });
  return (
    <>
      <input aria-label="field" />
      <button>press me</button>
      <form>
        <button type="button">in a form</button>
      </form>
    </>
  );
}

it("counts with Space, but never when it presses a button or writes in a field", () => {
  const onSpace = vi.fn();
  render(<Page onSpace={onSpace} onFind={vi.fn()} />);
  fireEvent.keyDown(document.body, { key: " " });
  fireEvent.keyDown(screen.getByText("press me"), { key: " " });
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

it("leaves letters to a form while one of its controls has focus, and takes Ctrl Enter from a focused button", () => {
  const onLetter = vi.fn();
  const onSend = vi.fn();
  render(<Page onSpace={onLetter} onFind={onSend} />);
  fireEvent.keyDown(screen.getByText("in a form"), { key: "n" });
  expect(onLetter).not.toHaveBeenCalled();
  fireEvent.keyDown(screen.getByText("press me"), { key: "n" });
  expect(onLetter).toHaveBeenCalledOnce();
  fireEvent.keyDown(screen.getByText("press me"), { key: "Enter", ctrlKey: true });
  expect(onSend).toHaveBeenCalledOnce();
});
