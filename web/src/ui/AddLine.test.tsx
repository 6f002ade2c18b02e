import { named } from "../testing/atTheBench";
import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { Problem } from "../api/client";
import { AddLine } from "./AddLine";

const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
const value = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value;

it("adds what was typed, then is empty for the next", async () => {
  const add = vi.fn().mockResolvedValue(undefined);
  render(<AddLine blanks={[{ label: "Left" }, { label: "Why" }]} onAdd={add} />);
  type("Left", "haze");
  expect(named("button", "Add")).toHaveProperty("disabled", true);
  type("Why", "too deep");
  fireEvent.click(named("button", "Add"));
  await waitFor(() => expect(value("Left")).toBe(""));
  expect(add).toHaveBeenCalledExactlyOnceWith("haze", "too deep");
});

it("keeps what was typed while it would not go, and says why", async () => {
  const add = vi.fn().mockRejectedValue(new Problem({ detail: "It is there already." }, ""));
  render(<AddLine blanks={[{ label: "Suspect" }]} onAdd={add} />);
  type("Suspect", "oil on blades");
  fireEvent.submit(screen.getByLabelText("Suspect"));
  expect(await screen.findByRole("alert")).toHaveProperty("textContent", "It is there already.");
  expect(value("Suspect")).toBe("oil on blades");
});

it("keeps it too where the reason is said elsewhere", async () => {
  const add = vi.fn().mockResolvedValue(false);
  render(<AddLine blanks={[{ label: "Reason" }]} onAdd={add} />);
  type("Reason", "seen by eye");
  fireEvent.submit(screen.getByLabelText("Reason"));
  await waitFor(() => expect(add).toHaveBeenCalled());
  expect(value("Reason")).toBe("seen by eye");
});

it("lets blanks that may stay empty be empty, and never sends spaces alone", () => {
  const add = vi.fn().mockResolvedValue(undefined);
  render(
    <AddLine
      blanks={[{ label: "Battery type" }, { label: "Battery chamber", optional: true }]}
      onAdd={add}
    />,
  );
  type("Battery type", "   ");
  fireEvent.submit(screen.getByLabelText("Battery type"));
  expect(add).not.toHaveBeenCalled();
  type("Battery type", "silver, plus up");
  fireEvent.submit(screen.getByLabelText("Battery type"));
  expect(add).toHaveBeenCalledWith("silver, plus up", "");
});

it("keeps what was typed when the page is left, but not what a button asked for", () => {
  const first = render(<AddLine blanks={[{ label: "Suspect" }]} onAdd={vi.fn()} />);
  type("Suspect", "gummed");
  first.unmount();
  const second = render(<AddLine blanks={[{ label: "Suspect" }]} onAdd={vi.fn()} />);
  expect(value("Suspect")).toBe("gummed");
  second.unmount();
  render(<AddLine focus blanks={[{ label: "Suspect" }]} onAdd={vi.fn()} />);
  expect(value("Suspect")).toBe("");
});
