import { fireEvent, render, screen, within } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { KeysHelp } from "./KeysHelp";

it("groups the keys by the place where they work, and leaves what is sought", () => {
  render(<KeysHelp onOpenChange={vi.fn()} />);
  expect(within(screen.getByRole("region", { name: "Refit" })).getByText("Put the part back")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Search the keys"), { target: { value: "oil sheet" } });
  expect(screen.queryByRole("region", { name: "Refit" })).toBeNull();
  expect(screen.getByText(/Work down the oil sheet/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Search the keys"), { target: { value: "zumpf" } });
  expect(screen.getByText(/No key or line matches/)).toBeTruthy();
});
