import { answering, asked, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { GoneCells } from "./GoneCells";

const CELL = { id: "silver", label: "silver oxide cell", freshVolts: 1.55, spentVolts: 1.5, note: "flat" };

it("says what each cell does, and puts the chosen one on the return sheet", async () => {
  atTheBench(<GoneCells job={aJob()} />);
  answering({
    "GET /api/meter-cells": [{ cell: CELL, freshEv: 0.25, spentEv: 0.19, thirds: -1, leftEv: 0.14 }],
  });
  expect(await screen.findByText("± 0.14 EV")).toBeTruthy();
  fireEvent.click(named("button", "Use the silver oxide cell"));
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({
    kind: "batteryChosen",
    cell: "silver oxide cell; film speed set 1/3 stop lower",
  });
});

it("asks only when both readings are there, and says what is wrong with them", async () => {
  atTheBench(<GoneCells job={aJob()} />);
  answering({
    "GET /api/meter-cells": new Refusal(400, {
      code: "field",
      field: "volts",
      detail: "The two voltages are too near.",
    }),
  });
  fireEvent.change(await screen.findByLabelText("Circuit"), { target: { value: "measured" } });
  const before = asked.length;
  const fields = screen.getAllByRole("textbox");
  ["1.35", "12", "1.36", "12.1"].forEach((value, index) =>
    fireEvent.change(fields[index + 1]!, { target: { value } }),
  );
  expect(await screen.findByText(/too near/)).toBeTruthy();
  expect(asked.slice(before).every((one) => one.path.includes("otherReadingEv"))).toBe(true);
});
