import { answering, atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { aCamera, aPlan } from "../../testing/plans";
import { chanceWords } from "./chance";
import { WhenDone } from "./WhenDone";

const show = (change: object = {}) => {
  const job = aJob(change);
  atTheBench(<WhenDone job={job} />, job);
  answering({
    "GET /api/plan": aPlan({
      cameras: [
        aCamera(job.tag, {
          promised: job.promised,
          forecast: { by50: "2031-03-06", by80: "2031-03-07", by95: "2031-03-09", chance: 0.62 },
        }),
      ],
    }),
  });
  return job;
};

it("says by when it is done with which chance, and promises with what was known then", async () => {
  show({ promised: "2031-03-07" });
  expect(await screen.findByText("60 %")).toBeTruthy();
  fireEvent.click(named("button", "Promise another date"));
  fireEvent.click(named("button", "Promise"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "promised", by: "2031-03-07", chance: 62, remark: "" }]),
  );
});

it("suggests the day of 80 % where nothing was promised, and keeps no chance for another day", async () => {
  show();
  await screen.findByText("80 %");
  fireEvent.click(named("button", "Promise a date"));
  expect(screen.getByLabelText<HTMLInputElement>("Promise it for").value).toBe("2031-03-07");
  fireEvent.click(named("button", "Promise"));
  await waitFor(() => expect(logged()).toEqual([{ kind: "promised", by: "2031-03-07", remark: "" }]));
});

it("asks the owner and takes the answer", async () => {
  show();
  fireEvent.change(await screen.findByLabelText("What you asked the owner"), {
    target: { value: "new leather?" },
  });
  fireEvent.submit(screen.getByLabelText("What you asked the owner").closest("form")!);
  await waitFor(() => expect(logged()).toEqual([{ kind: "ownerAsked", question: "new leather?" }]));
});

it("shows the open question until it is answered", async () => {
  const id = "00000000-0000-4000-8000-000000000001";
  show({
    offer: {
      ...aJob().offer,
      questions: [
        {
          id,
          at: "2031-03-04T09:00:00Z",
          by: "Ada",
          question: "new leather?",
          about: "OTHER",
          paper: "",
          reminded: [],
          answer: "",
        },
      ],
    },
  });
  expect(await screen.findByText(/new leather\?/)).toBeTruthy();
  fireEvent.change(screen.getByLabelText("What the owner said"), { target: { value: "yes" } });
  fireEvent.submit(screen.getByLabelText("What the owner said").closest("form")!);
  await waitFor(() => expect(logged()).toEqual([{ kind: "ownerAnswered", asked: id, answer: "yes" }]));
});

it("never says that something is certain", () => {
  expect(chanceWords(0.9999)).toBe("> 98 %");
  expect(chanceWords(0.0001)).toBe("< 2 %");
  expect(chanceWords(0.62)).toBe("60 %");
  expect(chanceWords(0.93)).toBe("93 %");
});
