import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { HereBefore } from "./HereBefore";

it("shows an earlier stay, whether it is covered, and joins the fault to it", async () => {
  const job = aJob({ tag: "R-0009" });
  atTheBench(<HereBefore job={job} />, job);
  answering({
    "GET /api/jobs/R-0009/earlier": {
      visits: [
        {
          tag: "R-0003",
          owner: "First Owner",
          complaint: "drags",
          causes: [{ id: "gummed", words: "gummed train" }],
          parts: [],
          who: "Ada",
          returned: "2031-01-10",
          coveredUntil: "2031-07-10",
          covered: true,
          coveredAs: { SAME: true, RELATED: true, NEW: false },
          seems: "SAME",
          because: "the same complaint",
        },
      ],
    },
  });
  expect(await screen.findByText(/under warranty until/)).toBeTruthy();
  expect(screen.getByText(/gummed train; Ada/)).toBeTruthy();
  fireEvent.click(named("button", "the same fault"));
  await waitFor(() =>
    expect(logged()[0]).toMatchObject({ kind: "cameBack", earlier: "R-0003", judged: "SAME", covered: true }),
  );
});
