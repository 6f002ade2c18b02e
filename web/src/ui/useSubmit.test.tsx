import "../testing/server";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import { Away, Problem } from "../api/client";
import { useSubmit } from "./useSubmit";

afterEach(cleanup);

function Doing({ work, again }: { work: () => Promise<unknown>; again?: boolean }) {
  const { refused, busy, submit } = useSubmit(
    ({ code }) => again && code === "notYet" && <button type="button">All the same</button>,
  );
  return (
    <>
      <button type="button" disabled={busy} onClick={() => void submit(work)}>
        Do it
      </button>
      {refused}
    </>
  );
}

const press = () => fireEvent.click(screen.getByRole("button", { name: "Do it" }));

it("is busy while it goes, and says nothing when it went well", async () => {
  let end = () => {};
  render(<Doing work={() => new Promise<void>((resolve) => (end = resolve))} />);
  press();
  await waitFor(() => expect(screen.getByRole("button")).toHaveProperty("disabled", true));
  end();
  await waitFor(() => expect(screen.getByRole("button")).toHaveProperty("disabled", false));
  expect(screen.queryByRole("alert")).toBeNull();
});

it("says a refusal with its remedy and what others did meanwhile", async () => {
  const body = {
    code: "changed",
    detail: "This was changed.",
    remedy: "Look again.",
    since: ["Mei: trays: 2"],
  };
  render(<Doing work={() => Promise.reject(new Problem(body, ""))} />);
  press();
  const alert = await screen.findByRole("alert");
  expect(alert.textContent).toContain("This was changed.");
  expect(alert.textContent).toContain("Look again.");
  expect(alert.textContent).toContain("Meanwhile: Mei: trays: 2");
});

it("offers a way on only where there is one", async () => {
  render(
    <Doing again work={() => Promise.reject(new Problem({ code: "notYet", detail: "Not yet." }, ""))} />,
  );
  press();
  expect(await screen.findByRole("button", { name: "All the same" })).toBeTruthy();
  cleanup();
  render(<Doing again work={() => Promise.reject(new Problem({ code: "other", detail: "No." }, ""))} />);
  press();
  await screen.findByRole("alert");
  expect(screen.queryByRole("button", { name: "All the same" })).toBeNull();
});

it("says that the server is away without blaming what was typed, and forgets it at the next try", async () => {
  let away = true;
  render(<Doing work={() => (away ? Promise.reject(new Away("x")) : Promise.resolve())} />);
  press();
  expect((await screen.findByRole("alert")).textContent).toContain("cannot be reached");
  away = false;
  press();
  await waitFor(() => expect(screen.queryByRole("alert")).toBeNull());
});
