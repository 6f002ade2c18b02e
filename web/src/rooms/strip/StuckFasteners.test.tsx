import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { aHouse } from "../../testing/house";
import { StuckFasteners } from "./StuckFasteners";

const DRILL = aHouse().stuckLadder.find((one) => one.id === "drill-out");

it("begins with the gentlest and logs each try", async () => {
  atTheBench(<StuckFasteners job={aJob()} />);
  fireEvent.click(named("button", "One is stuck…"));
  fireEvent.change(screen.getByLabelText("Part it holds"), { target: { value: "top cover" } });
  fireEvent.change(screen.getByLabelText("Which fastener"), { target: { value: "by the eyepiece" } });
  fireEvent.click(named("button", "Log as stuck"));
  expect(await screen.findByText("right driver, firm pressure")).toBeTruthy();
  fireEvent.click(named("button", "Did not work"));
  await waitFor(() =>
    expect(logged()).toEqual([
      {
        kind: "stuckTried",
        part: "top cover",
        fastener: "by the eyepiece",
        rung: { id: "firm-driver", words: "right driver, firm pressure" },
        freed: false,
        remark: "",
        agreed: "",
      },
    ]),
  );
});

it("does not go where there is no way back without somebody's word", async () => {
  const job = aJob();
  job.stuck = [{ what: { part: "ring", fastener: "lock ring", tries: [], freed: false }, next: DRILL }];
  atTheBench(<StuckFasteners job={job} />, job);
  expect(screen.getByText(/cannot be undone/)).toBeTruthy();
  expect(named("button", "Done, it is free")).toHaveProperty("disabled", true);
  fireEvent.change(screen.getByLabelText("How the owner agreed"), {
    target: { value: "owner, by telephone" },
  });
  fireEvent.click(named("button", "Done, it is free"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { rung: { id: "drill-out" }, freed: true, agreed: "owner, by telephone" },
    ]),
  );
});

it("asks nobody where nobody is to agree", () => {
  const job = aJob();
  job.ownerToAgree = false;
  job.stuck = [{ what: { part: "ring", fastener: "lock ring", tries: [], freed: false }, next: DRILL }];
  atTheBench(<StuckFasteners job={job} />, job);
  expect(named("button", "Done, it is free")).toHaveProperty("disabled", false);
});
