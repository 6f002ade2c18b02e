import { fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { expect, it } from "vitest";
import { Pick } from "./Pick";

const SIDES = ["top", "bottom", "front"].map((value) => ({ value, label: value }));

function Sides() {
  const [side, setSide] = useState("top");
  return <Pick label="Side" choices={SIDES} value={side} onChange={setSide} />;
}

it("chooses with the arrow keys, so that what has focus is what is chosen", async () => {
  render(<Sides />);
  const top = screen.getByRole("radio", { name: "top" });
  top.focus();
  fireEvent.keyDown(top, { key: "ArrowRight" });
  const bottom = await screen.findByRole("radio", { name: "bottom", checked: true });
  expect(document.activeElement).toBe(bottom);
});
