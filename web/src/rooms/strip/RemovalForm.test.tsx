import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { RemovalForm } from "./RemovalForm";

const show = (wells: string[] = [], job = aJob()) => {
  const done = vi.fn();
  const setWells = vi.fn();
  atTheBench(<RemovalForm job={job} wells={wells} setWells={setWells} onDone={done} />, job);
  answering({
    "GET /api/guess": ({ path }: { path: string }) => ({
      covers: path.includes("cover"),
      materials: [],
    }),
    "GET /api/jobs/R-0001/known": undefined,
  });
  return { done, setWells };
};
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const off = () => fireEvent.click(named("button", "Log the part"));
const first = () => logged()[0];

it("logs a part with nothing more than its name, into the wells that were tapped", async () => {
  const { done } = show(["B1", "B2"]);
  type("Part", "front plate");
  off();
  await waitFor(() => expect(done).toHaveBeenCalled());
  expect(first()).toMatchObject({
    kind: "removed",
    part: "front plate",
    covers: false,
    wells: ["B1", "B2"],
    fasteners: [],
    joints: [],
    loose: [],
  });
  expect(first()).not.toHaveProperty("mark");
});

it("takes a name that speaks of a cover for one until somebody says otherwise", async () => {
  show();
  type("Part", "top cover");
  const covers = screen.getByLabelText<HTMLInputElement>("Lies over the parts after it");
  await waitFor(() => expect(covers.checked).toBe(true));
  fireEvent.click(covers);
  off();
  await waitFor(() => expect(first()).toMatchObject({ part: "top cover", covers: false }));
});

it("forgets what was said of one name when another is typed", async () => {
  show();
  type("Part", "top cover");
  const covers = screen.getByLabelText<HTMLInputElement>("Lies over the parts after it");
  await waitFor(() => expect(covers.checked).toBe(true));
  fireEvent.click(covers);
  expect(covers.checked).toBe(false);
  type("Part", "bottom cover");
  await waitFor(() => expect(covers.checked).toBe(true));
});

it("takes along how it lay: marks, loose pieces, the stack and out of what it came", async () => {
  show([], aJob({ parts: [aPart("shutter unit")] }));
  type("Part", "speed ring");
  type("Witness mark", "notch at red line");
  type("Mark holds when", "cocked");
  type("Loose underneath", "detent ball");
  type("how many", "2");
  type("Stack, outermost first", "hook up / hook down / ");
  type("Comes out of", "shutter unit");
  type("Its control was set to", "1/125");
  off();
  await waitFor(() =>
    expect(first()).toMatchObject({
      mark: { text: "notch at red line", state: "cocked" },
      loose: [{ name: "detent ball", count: 2 }],
      stack: ["hook up", "hook down"],
      within: "shutter unit",
      setting: "1/125",
    }),
  );
});

it("takes fasteners one type at a time", async () => {
  show();
  type("Part", "plate");
  fireEvent.click(named("button", "Add a fastener"));
  fireEvent.click(named("button", "Add a fastener"));
  fireEvent.change(screen.getAllByLabelText("How many")[0]!, { target: { value: "3" } });
  off();
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(first()).toMatchObject({ fasteners: [{ count: 3, drive: "SLOTTED" }, { count: 1 }] });
});

it("is empty for the next part once one is off, and stays at its side", async () => {
  show();
  type("Part", "plate");
  type("Remark", "tilt it");
  off();
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("Part").value).toBe(""));
  expect(screen.getByLabelText<HTMLInputElement>("Remark").value).toBe("");
});

it("keeps all that was typed where it is refused, and says why beside the part", async () => {
  show();
  answering({
    "POST /api/logs/R-0001/lines": new Refusal(400, {
      field: "part",
      detail: "“plate” is already off.",
      remedy: "Give another one a name of its own.",
    }),
  });
  type("Part", "plate");
  type("Remark", "tilt it");
  off();
  expect(await screen.findByText(/is already off. Give another/)).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>("Remark").value).toBe("tilt it");
  expect(screen.getByLabelText("Part").getAttribute("aria-invalid")).toBe("true");
});

it("puts the cursor into a fastener that was just added, so that what is typed next goes there", () => {
  show();
  fireEvent.click(named("button", "Add a fastener"));
  expect(document.activeElement).toBe(screen.getByLabelText("How many"));
});

it("takes over what is usual for a part of the model in one press, and waits with the button in focus", async () => {
  show();
  answering({
    "GET /api/jobs/R-0001/known": {
      jobs: 3,
      ofFamily: false,
      next: [],
      ofTheModel: [],
      leaveAlone: [],
      needless: [],
      parts: [
        {
          care: false,
          unlogged: [],
          part: {
            name: "front plate",
            jobs: 3,
            lies: { side: "FRONT", covers: true },
            held: {
              fasteners: [{ kind: "SCREW", drive: "SLOTTED", head: "NOT_SAID", count: 4, traits: [] }],
              hidden: [],
              loose: [],
            },
            beware: { hazards: ["SPRING"], slips: [], remarks: [] },
          },
        },
      ],
    },
  });
  type("Part", "front plate");
  fireEvent.click(await screen.findByText("Fill in as usual"));
  expect(document.activeElement).toBe(named("button", "Log the part"));
  off();
  await waitFor(() =>
    expect(first()).toMatchObject({
      part: "front plate",
      side: "FRONT",
      covers: true,
      fasteners: [{ count: 4 }],
      hazards: ["SPRING"],
    }),
  );
});

it("keeps what is half typed when the stop is left", () => {
  atTheBench(<RemovalForm job={aJob()} wells={[]} setWells={vi.fn()} onDone={vi.fn()} />);
  type("Part", "front plate");
  type("Remark", "tilt it");
  cleanup();
  show();
  expect(screen.getByLabelText<HTMLInputElement>("Part").value).toBe("front plate");
  expect(screen.getByLabelText<HTMLInputElement>("Remark").value).toBe("tilt it");
});
