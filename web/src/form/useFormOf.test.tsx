import { answering, inTheShop, named, Refusal } from "../testing/atTheBench";
import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { z } from "zod";
import { answer, Problem, server } from "../api/client";
import { FormText } from "./fields";
import { Form } from "./Form";
import { figure, listOf, minor, text } from "./typed";
import { useFormOf } from "./useFormOf";

const PIECE = z.object({ name: text, lengthMm: figure, marks: listOf(","), cost: minor });

function Piece({
  send,
  reset = () => Promise.resolve(),
  keepAs,
  name = "pawl",
}: {
  send: (read: z.output<typeof PIECE>) => Promise<unknown>;
  reset?: () => Promise<unknown>;
  keepAs?: string;
  name?: string;
}) {
  const form = useFormOf(PIECE, { name, lengthMm: "", marks: "", cost: "" }, send, keepAs);
  return (
    <Form form={form} aria-label="Piece">
      <FormText form={form} name="name" label="Name" />
      <FormText form={form} name="lengthMm" label="Length" />
      <FormText form={form} name="marks" label="Marks" />
      <FormText form={form} name="cost" label="Cost" />
      {form.refused}
      <button type="button" onClick={() => void form.attempt(reset)}>
        Reset
      </button>
      <button type="submit" disabled={form.busy}>
        Keep
      </button>
    </Form>
  );
}

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const keep = () => fireEvent.click(named("button", "Keep"));

it("hands on what the schema read: figures as figures, lists as lists, amounts in minor units", async () => {
  const send = vi.fn().mockResolvedValue(undefined);
  inTheShop(<Piece send={send} />);
  type("Length", " 2,5 ");
  type("Marks", "red line, , dot");
  type("Cost", "12.50");
  keep();
  await waitFor(() =>
    expect(send).toHaveBeenCalledWith({
      name: "pawl",
      lengthMm: 2.5,
      marks: ["red line", "dot"],
      cost: 1250,
    }),
  );
});

it("sends nothing while a field cannot be read, and says so beside that field", async () => {
  const send = vi.fn();
  inTheShop(<Piece send={send} />);
  type("Length", "long");
  keep();
  expect(await screen.findByText(/“long” is not a number/)).toBeTruthy();
  expect(screen.getByLabelText("Length").getAttribute("aria-invalid")).toBe("true");
  expect(screen.getByLabelText("Name").getAttribute("aria-invalid")).toBeNull();
  expect(send).not.toHaveBeenCalled();
  type("Length", "3");
  keep();
  await waitFor(() => expect(send).toHaveBeenCalled());
});

it("says an amount that is none beside its field, in the server's words", async () => {
  const send = vi.fn();
  inTheShop(<Piece send={send} />);
  answering({ "GET /api/amount": new Refusal(422, { detail: "“lots” is not an amount." }) });
  type("Length", "3");
  type("Cost", "lots");
  keep();
  expect(await screen.findByText("“lots” is not an amount.")).toBeTruthy();
  expect(screen.getByLabelText("Cost").getAttribute("aria-invalid")).toBe("true");
  expect(send).not.toHaveBeenCalled();
});

const refusing = (body: Record<string, unknown>) => {
  answering({ "GET /api/stands": new Refusal(422, body) });
  return () => answer(server.GET("/api/stands"));
};

it("puts a refusal beside the field it is about, once, and keeps what was typed", async () => {
  inTheShop(
    <Piece send={refusing({ field: "name", detail: "Two have that name.", remedy: "Take another." })} />,
  );
  type("Length", "3");
  type("Name", "second pawl");
  keep();
  expect(await screen.findAllByText("Two have that name. Take another.")).toHaveLength(1);
  expect(screen.queryByRole("alert")).toBeNull();
  expect(screen.getByLabelText<HTMLInputElement>("Name").value).toBe("second pawl");
});

it("puts a refusal that belongs to no field of the form under it", async () => {
  inTheShop(<Piece send={refusing({ field: "elsewhere", detail: "That came too late." })} />);
  type("Length", "3");
  keep();
  expect((await screen.findByRole("alert")).textContent).toContain("That came too late.");
});

it("shows what a reset was refused for where the form's own refusals are shown, one at a time", async () => {
  const send = refusing({ field: "name", detail: "Two have that name.", remedy: "Take another." });
  const reset = () => Promise.reject(new Problem({ detail: "It is used on R-0001." }, ""));
  inTheShop(<Piece send={send} reset={reset} />);
  type("Length", "3");
  keep();
  await screen.findByText("Two have that name. Take another.");
  fireEvent.click(named("button", "Reset"));
  expect((await screen.findByRole("alert")).textContent).toContain("It is used on R-0001.");
  expect(screen.queryByText("Two have that name. Take another.")).toBeNull();
});

it("keeps what is half typed until it is sent, and nothing that was left as it was", async () => {
  const send = vi.fn().mockResolvedValue(undefined);
  inTheShop(<Piece send={send} keepAs="piece" />);
  type("Length", "12");
  cleanup();
  inTheShop(<Piece send={send} keepAs="piece" name="long pawl" />);
  expect(screen.getByLabelText<HTMLInputElement>("Length").value).toBe("12");
  expect(screen.getByLabelText<HTMLInputElement>("Name").value).toBe("long pawl");
  keep();
  await waitFor(() => expect(send).toHaveBeenCalledOnce());
  cleanup();
  inTheShop(<Piece send={send} keepAs="piece" />);
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("Length").value).toBe(""));
});

it("keeps nothing of a form that bears no name", () => {
  inTheShop(<Piece send={vi.fn()} />);
  type("Length", "12");
  cleanup();
  inTheShop(<Piece send={vi.fn()} />);
  expect(screen.getByLabelText<HTMLInputElement>("Length").value).toBe("");
});
