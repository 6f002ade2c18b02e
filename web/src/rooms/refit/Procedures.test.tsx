import { atTheBench, logged, named, saying } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { Schemas } from "../../api/client";
import { aJob, aPart, called } from "../../testing/examples";
import { Procedures } from "./Procedures";

const walk = (...states: Schemas["Walk"]["steps"][number]["state"][]): Schemas["Walk"] => ({
  procedure: { name: called("timing"), steps: states.map((_, at) => ({ what: `do ${at + 1}`, check: "" })) },
  own: true,
  steps: states.map((state, at) => ({
    number: at + 1,
    step: { what: `do ${at + 1}`, check: "", state: at === 1 ? ("RELEASED" as const) : undefined },
    state,
    words: state === "FAILED" ? "a tooth off" : "",
  })),
});

function open(...walks: Schemas["Walk"][]) {
  const job = aJob({ parts: [aPart("rack"), aPart("gear")], walks });
  atTheBench(<Procedures job={job} />, job);
}

it("takes the next step with one key, and says how the mechanism must stand", async () => {
  open(walk("DONE", "NEXT", "LATER"));
  fireEvent.click(named("button", "It is released now"));
  fireEvent.keyDown(document.body, { key: "d" });
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toEqual([
    { kind: "stateSet", state: "RELEASED" },
    { kind: "stepTaken", procedure: called("timing"), number: 2, outcome: "DONE", words: "" },
  ]);
});

it("says what was seen where a step fails", async () => {
  open(walk("FAILED", "LATER"));
  expect(screen.getByText("a tooth off")).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: saying("Fails…") }));
  fireEvent.change(screen.getByLabelText("What do you see instead?"), { target: { value: "two teeth off" } });
  fireEvent.click(named("button", "Log as failed"));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ number: 1, outcome: "FAILED", words: "two teeth off" }]),
  );
});

it("keeps steps that are written down, in their order, without the empty ones", async () => {
  open();
  fireEvent.click(named("button", "Write down steps that follow one another…"));
  fireEvent.change(await screen.findByLabelText("Name"), { target: { value: "tension both curtains" } });
  fireEvent.change(screen.getByLabelText("Step 1: what to do"), { target: { value: "rack on" } });
  fireEvent.change(screen.getByLabelText("Part that goes on at step 1"), { target: { value: "rack" } });
  fireEvent.change(screen.getByLabelText("Step 3: what to do"), { target: { value: "one stroke" } });
  fireEvent.change(screen.getByLabelText("What must hold after step 3"), { target: { value: "latches" } });
  fireEvent.click(named("button", "Keep these steps"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      {
        kind: "procedureKept",
        procedure: {
          name: { words: "tension both curtains" },
          steps: [
            { what: "rack on", part: "rack" },
            { what: "one stroke", check: "latches" },
          ],
        },
      },
    ]),
  );
});
