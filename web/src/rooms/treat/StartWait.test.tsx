import { atTheBench, answering, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { queries } from "../../api/queries";
import { aJob, aPart } from "../../testing/examples";
import { aHouse } from "../../testing/house";
import { StartWait } from "./StartWait";

const SOAK = {
  id: "soak",
  label: "penetrant soak",
  minutes: 120,
  latestMinutes: 600,
  station: "bath",
  late: "it creeps",
  then: "",
};
const show = () => {
  const job = aJob({ parts: [aPart("ring")] });
  atTheBench(<StartWait job={job} />, job);
  const house = aHouse();
  const kept = { ...house, lubrication: { ...house.lubrication, waits: [SOAK] } };
  queries.setQueryData(["house"], kept);
  answering({ "GET /api/house": kept });
};
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const start = () => fireEvent.click(named("button", "Start the timer"));

it("fills in a usual wait with all that goes with it", async () => {
  show();
  await screen.findByRole("option", { name: /penetrant soak/ });
  type("Usual waits", "soak");
  expect(screen.getByLabelText<HTMLInputElement>("Minutes").value).toBe("120");
  type("Which part", "ring");
  start();
  await waitFor(() =>
    expect(logged()).toMatchObject([
      {
        kind: "waitStarted",
        what: { id: "soak", words: "penetrant soak" },
        minutes: 120,
        latestMinutes: 600,
        station: "bath",
        late: "it creeps",
        part: "ring",
      },
    ]),
  );
});

it("takes a wait of one's own for the whole camera, never too late where nothing is said", async () => {
  show();
  type("What", "glue under weight");
  type("Minutes", "45");
  start();
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ minutes: 45, latestMinutes: 0, what: { words: "glue under weight" } });
  expect(logged()[0]).not.toHaveProperty("part");
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("What").value).toBe(""));
});

it("says beside the minutes what cannot be, and logs nothing of what is no number", async () => {
  show();
  type("What", "soak");
  type("Minutes", "soon");
  start();
  expect(await screen.findByText(/“soon” is not a number/)).toBeTruthy();
  expect(logged()).toEqual([]);
  answering({
    "POST /api/logs/R-0001/lines": new Refusal(400, {
      field: "latestMinutes",
      detail: "It would be too late before it has finished.",
      remedy: "Give more.",
    }),
  });
  type("Minutes", "60");
  type("Too late after, min", "30");
  start();
  expect(await screen.findByText("It would be too late before it has finished. Give more.")).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>("What").value).toBe("soak");
});
