import "../testing/server";
import { act, cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { Away, Problem } from "../api/client";
import { dismiss, notify, orSay, sayRefusal, useNotice } from "./notices";

function Said() {
  return <p>{useNotice()?.text ?? "nothing"}</p>;
}

afterEach(() => {
  cleanup();
  dismiss();
});

const said = () => screen.getByText(/./).textContent;

it("says what would not go together with what to do", () => {
  render(<Said />);
  act(() => sayRefusal(new Problem({ detail: "The bath is full.", remedy: "Take something out." }, "")));
  expect(said()).toBe("The bath is full. Take something out.");
  act(() => sayRefusal(new Away("Ruvant's server does not answer.")));
  expect(said()).toBe("Ruvant's server does not answer.");
});

it("says nothing of what went well, and speaks up when it did not", async () => {
  render(<Said />);
  await act(async () => orSay(Promise.resolve("fine")));
  expect(said()).toBe("nothing");
  await act(async () => orSay(Promise.reject(new Error("It broke."))));
  expect(said()).toBe("It broke.");
});

it("keeps the last notice only, until it is dismissed", () => {
  render(<Said />);
  act(() => notify({ kind: "done", text: "First." }));
  act(() => notify({ kind: "done", text: "Second." }));
  expect(said()).toBe("Second.");
  act(() => dismiss());
  expect(said()).toBe("nothing");
});
