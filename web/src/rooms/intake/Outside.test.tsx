import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { Findings, Visitors } from "./Outside";

it("lists what was found outside and takes one more by region", async () => {
  const job = aJob();
  job.intake.findings = [
    {
      id: "1",
      found: {
        kind: "conditionFound",
        region: "TOP",
        condition: "DENT",
        severity: "GRAVE",
        remark: "by the winder",
        picture: "",
      },
    },
  ];
  atTheBench(<Findings job={job} />, job);
  expect(screen.getByText("1 finding")).toBeTruthy();
  expect(screen.getByText(", by the winder")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Where"), { target: { value: "BACK" } });
  fireEvent.change(screen.getByLabelText("Remark"), { target: { value: "peels" } });
  fireEvent.submit(screen.getByLabelText("Remark"));
  await waitFor(() =>
    expect(logged()).toEqual([
      {
        kind: "conditionFound",
        region: "BACK",
        condition: "DENT",
        severity: "SLIGHT",
        remark: "peels",
        picture: "",
      },
    ]),
  );
});

it("says what an earlier visitor means for the work", async () => {
  const job = aJob({
    visitor: {
      opened: "WITHOUT_CARE",
      reasons: ["chewed slot"],
      expect: ["Screws may be in the wrong holes. Measure each length before it goes back."],
    },
  });
  job.intake.visitorSigns = [
    { id: "1", sign: { kind: "visitorSign", sign: "CHEWED_SLOT", remark: "name ring" } },
  ];
  atTheBench(<Visitors job={job} />, job);
  expect(screen.getByText(/Screws may be in the wrong holes/)).toBeTruthy();
  expect(screen.getByText(", name ring")).toBeTruthy();
  fireEvent.change(screen.getByLabelText("Where the sign is"), { target: { value: "back plate" } });
  fireEvent.click(named("button", "Add"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "visitorSign", sign: "CHEWED_SLOT", remark: "back plate" }]),
  );
});
