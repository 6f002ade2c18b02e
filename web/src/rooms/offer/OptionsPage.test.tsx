import { answering, asked, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import type { JobView } from "../../api/client";
import { somePricing } from "../../testing/accounts";
import { aJob } from "../../testing/examples";
import { aSheet, worked } from "../../testing/offers";
import { OptionsPage } from "./OptionsPage";

const show = (job: Partial<JobView> = {}, loggedAt?: string) => {
  atTheBench(<OptionsPage />, aJob(job));
  answering({
    "GET /api/jobs/R-0001/options": {
      logged: loggedAt,
      sheet: aSheet(),
      suggested: aSheet(),
      today: "2031-03-04",
    },
    "POST /api/jobs/R-0001/options/figures": worked(),
    "POST /api/jobs/R-0001/options/dates": [{ id: "minimal", likely: "2031-03-08", safely: "2031-03-11" }],
    "POST /api/jobs/R-0001/message": {
      to: "a@post.example",
      text: "Which is it to be?",
      subject: "",
      body: "",
      attached: true,
    },
    "GET /api/accounts/jobs/R-0001": {
      lastSequence: 3,
      today: "2031-03-04",
      pricing: somePricing(),
      papers: [],
      bills: [],
      deposits: [],
    },
  });
};

const agreed = {
  option: "minimal",
  words: "Minimal repair",
  limitMinor: 12_000,
  currency: "EUR",
  how: "PHONE" as const,
  who: "",
  day: "2031-03-04",
  remark: "",
  kind: "optionAgreed" as const,
};

it("says what each option costs, when it is done, and how such repairs went here", async () => {
  show();
  const minimal = await screen.findByRole("radio", { name: /Minimal repair, Cost €60.00, up to €84.00/ });
  await waitFor(() => expect(minimal.textContent).toMatch(/Mar/));
  expect(minimal.textContent).toContain("worked 5 of 8 here");
  expect(screen.getByText(/up to €84.00 ± €0.40; enter resale values/)).toBeTruthy();
});

it("logs the suggested options with one key", async () => {
  show();
  await screen.findByRole("radio", { name: /Minimal repair, Cost/ });
  fireEvent.keyDown(window, { key: "Enter" });
  await waitFor(() => expect(logged()[0]).toMatchObject({ kind: "optionsDrawn" }));
});

it("takes minutes that are typed for an estimate, and says what cannot be read beside it", async () => {
  show();
  await screen.findByRole("radio", { name: /Minimal repair, Cost/ });
  answering({
    "POST /api/jobs/R-0001/options/figures": new Refusal(400, {
      field: "options.1.steps.0.likely",
      detail: "“soon” is not a whole number.",
    }),
  });
  fireEvent.change(screen.getByLabelText("Likely, Minutes, step 1"), { target: { value: "soon" } });
  expect(await screen.findByText(/“soon” is not a whole number/)).toBeTruthy();
  expect(named("button", /Log these options/)).toHaveProperty("disabled", true);
});

it("logs what the owner agreed to, up to what, and by whom", async () => {
  show(
    {
      offer: {
        ...aJob().offer,
        questions: [
          {
            id: "q1",
            at: "2031-03-01T09:00:00Z",
            by: "Ada",
            question: "Which option?",
            about: "OPTIONS",
            paper: "",
            reminded: [],
            answer: "",
          },
        ],
      },
    },
    "2031-03-01T09:00:00Z",
  );
  fireEvent.change(await screen.findByLabelText("At most, EUR"), { target: { value: "120" } });
  fireEvent.change(screen.getByLabelText("Who, if not the owner"), { target: { value: "her son" } });
  fireEvent.submit(screen.getByLabelText("At most, EUR").closest("form")!);
  await waitFor(() =>
    expect(logged()[0]).toMatchObject({
      kind: "optionAgreed",
      asked: "q1",
      option: "minimal",
      limitMinor: 12_000,
      who: "her son",
      day: "2031-03-04",
    }),
  );
});

it("says that the limit is spent, and offers to ask for a higher one", async () => {
  show(
    {
      offer: {
        ...aJob().offer,
        agreements: [{ id: "a1", at: "2031-03-01T09:00:00Z", by: "Ada", what: agreed }],
      },
      cost: {
        minutes: 190,
        labourMinor: 15_200,
        partsMinor: 0,
        currency: "EUR",
        parts: [],
        limit: { agreement: "a1", limitMinor: 12_000, leftMinor: 2_000, state: "OVER" },
      },
    },
    "2031-03-01T09:00:00Z",
  );
  expect(await screen.findByText(/Over the limit: work stops/)).toBeTruthy();
  expect(screen.getByLabelText<HTMLSelectElement>("About").value).toBe("LIMIT");
});

it("sends an e-mail once, whatever becomes of the answer", async () => {
  show({}, "2031-03-01T09:00:00Z");
  await screen.findByText("Which is it to be?");
  answering({ "POST /api/jobs/R-0001/email": new Refusal(400, { detail: "The server failed." }) });
  fireEvent.click(named("button", "Send by e-mail"));
  await screen.findByText(/The server failed/);
  answering({ "POST /api/jobs/R-0001/email": { file: "x.eml" } });
  fireEvent.click(named("button", "Send by e-mail"));
  await waitFor(() => expect(asked.filter((one) => one.path.endsWith("/email"))).toHaveLength(2));
  const ids = asked
    .filter((one) => one.path.endsWith("/email"))
    .map((one) => (one.body as { id: string }).id);
  expect(ids[0]).toBe(ids[1]);
});

it("draws up a quote from an option", async () => {
  show();
  await screen.findByRole("radio", { name: /Minimal repair, Cost/ });
  fireEvent.click(await screen.findByRole("button", { name: "Draw up a quote" }));
  const draft = JSON.parse(localStorage.getItem("ruvant.draft.paper R-0001") ?? "{}") as {
    lines: { words: string; quantity: string; price: string }[];
  };
  expect(draft.lines.map((line) => [line.words, line.quantity])).toEqual([
    ["Minimal repair", "1:00"],
    ["seal", "1"],
  ]);
});
