import { fireEvent, screen } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { answering, asked, inTheShop, Refusal } from "../../testing/atTheBench";
import { ByPin } from "./ByPin";

const figures = () => screen.getByLabelText<HTMLInputElement>(/^PIN of/);

it("leads from a name to its figures, also where it is pressed once more", () => {
  inTheShop(<ByPin names={["Ada", "Ben"]} onEntered={vi.fn()} />);
  expect(screen.queryByLabelText(/^PIN of/)).toBeNull();
  fireEvent.click(screen.getByText("Ben"));
  expect(document.activeElement).toBe(figures());
  screen.getByText("Ben").focus();
  fireEvent.click(screen.getByText("Ben"));
  expect(document.activeElement).toBe(figures());
});

it("takes digits from the pad and clears them after a wrong PIN", async () => {
  inTheShop(<ByPin names={["Ada"]} onEntered={vi.fn()} />);
  answering({ "POST /api/enter/pin": new Refusal(403, { code: "wrongPin", detail: "That PIN is wrong." }) });
  for (const figure of ["2", "5", "8", "0"]) fireEvent.click(screen.getByLabelText(`Figure ${figure}`));
  expect(figures().value).toBe("2580");
  fireEvent.click(screen.getByText("Sign in"));
  expect((await screen.findByRole("alert")).textContent).toContain("That PIN is wrong.");
  expect(asked.at(-1)?.body).toEqual({ name: "Ada", pin: "2580" });
  expect(figures().value).toBe("");
});
