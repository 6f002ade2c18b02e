import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aSource } from "../../testing/examples";
import { Mend } from "./Mend";

const type = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string) => fireEvent.click(named("button", name));
const choose = (name: string) => fireEvent.click(screen.getByRole("radio", { name }));

it("logs what was mended, as the factory had it", async () => {
  atTheBench(<Mend />);
  type("Part", "advance pawl");
  type("What was done", "bent back straight");
  expect(screen.queryByLabelText(/How the owner agreed/)).toBeNull();
  press("Log the repair");
  await waitFor(() =>
    expect(logged()).toEqual([
      { kind: "mended", part: "advance pawl", what: "bent back straight", modification: false, agreed: "" },
    ]),
  );
  await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>("What was done").value).toBe(""));
});

const filed = {
  modification: {
    first: {
      kind: "modified" as const,
      part: "speed ring",
      how: "FILED" as const,
      what: "catching corner",
      limit: "",
      result: "",
      agreed: "by telephone",
      pastReason: "",
    },
    passes: 1,
    takenMm: 0.2,
    limitMm: 0.5,
    limit: "",
    agreed: "by telephone",
    results: [],
  },
  words: "speed ring, catching corner: filed by 0.2 mm of at most 0.5 mm",
  leftMm: 0.3,
};

it("asks how the owner agreed at the first go, and only what came off at the next", async () => {
  atTheBench(<Mend />, aJob({ treat: { ...aJob().treat, modified: [filed] } }));
  choose("Modified");
  type("How the owner agreed, before it was done", "by letter");
  press("Another pass");
  expect(screen.queryByLabelText(/How the owner agreed/)).toBeNull();
  expect(screen.getByText("0.30 mm")).toBeTruthy();
  type("Removed in this pass, mm", "0,1");
  press("Log pass 2");
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "modified", part: "speed ring", what: "catching corner", takenMm: 0.1, pastReason: "" },
    ]),
  );
});

it("lets it past the line only with a reason", async () => {
  atTheBench(<Mend />, aJob({ treat: { ...aJob().treat, modified: [filed] } }));
  let refused = true;
  answering({
    "POST /api/logs/R-0001/lines": () => {
      const first = refused;
      refused = false;
      return first
        ? new Refusal(409, { code: "pastTheLine", detail: "Past the line.", remedy: "Take less." })
        : aJob();
    },
  });
  choose("Modified");
  press("Another pass");
  type("Removed in this pass, mm", "0.5");
  press("Log pass 2");
  fireEvent.change(await screen.findByLabelText("Why did it go past the limit?"), {
    target: { value: "scribed too high" },
  });
  press("Log past the limit");
  await waitFor(() =>
    expect(logged().at(-1)).toMatchObject({ pastReason: "scribed too high", takenMm: 0.5 }),
  );
});

it("does not send the reason for one go with a later go, also where the first was refused", async () => {
  atTheBench(<Mend />, aJob({ treat: { ...aJob().treat, modified: [filed] } }));
  answering({
    "POST /api/logs/R-0001/lines": new Refusal(409, { code: "pastTheLine", detail: "Past the line." }),
  });
  choose("Modified");
  press("Another pass");
  type("Removed in this pass, mm", "0.5");
  press("Log pass 2");
  fireEvent.change(await screen.findByLabelText("Why did it go past the limit?"), {
    target: { value: "scribed too high" },
  });
  press("Log past the limit");
  await waitFor(() => expect(logged().at(-1)).toMatchObject({ pastReason: "scribed too high" }));
  answering({ "POST /api/logs/R-0001/lines": aJob() });
  type("Removed in this pass, mm", "0.1");
  press("Log pass 2");
  await waitFor(() => expect(logged().at(-1)).toMatchObject({ takenMm: 0.1, pastReason: "" }));
});

it("does not insist where nobody is to be asked", () => {
  atTheBench(<Mend />, aJob({ ownerToAgree: false }));
  choose("Modified");
  expect(screen.getByLabelText("How the owner agreed, if asked")).toBeTruthy();
});

it("says where the part went whose place another took", async () => {
  atTheBench(<Mend />);
  choose("Replaced");
  type("Part", "governor");
  type("Donor camera", "Sweep 5512");
  type("The old part goes", "STOCK");
  press("New part ready");
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "replaced", part: "governor", source: "DONOR", from: "Sweep 5512", old: "STOCK" },
    ]),
  );
});

it("asks the size of what was made here", async () => {
  atTheBench(<Mend />);
  choose("Replaced");
  choose("made here");
  type("Part", "governor");
  type("Made from", "brass rod");
  type("Size", "2.0 × 6.5 mm");
  press("New part ready");
  await waitFor(() => expect(logged()).toMatchObject([{ source: "FABRICATED", dimensions: "2.0 × 6.5 mm" }]));
});

it("shows where a need can come from, takes it, and opens the fitting with what is known of it", async () => {
  const job = aJob({
    needs: {
      needs: [
        {
          id: "n",
          part: "governor",
          piece: "",
          what: "governor",
          open: true,
          since: "2031-03-04T08:00:00Z",
          how: "",
        },
      ],
      replacements: [],
      fits: [],
      pieces: [],
    },
  });
  let taken = false;
  atTheBench(<Mend />, job);
  answering({
    "GET /api/jobs/R-0001/sources": () => ({
      asked: { need: { tag: "R-0001", part: "governor" }, what: "", into: {}, worthMinor: 8000 },
      sources: [
        aSource("stock 1", { thing: { of: "s1", part: "" } }, 6900),
        aSource("made", { words: "made here" }, 5000, { kind: "FABRICATED" }),
      ],
      atBench: taken
        ? [
            {
              thing: { of: "s1", part: "" },
              forNeed: { tag: "R-0001", part: "governor" },
              count: 1,
              since: "2031-03-04T08:00:00Z",
              words: "governor for Sweep",
              source: {
                from: "drawer 3, S-4",
                madeFor: { maker: "Brackwater", model: "Sweep", pattern: "" },
                dimensions: "",
                costMinor: 300,
              },
            },
          ]
        : [],
    }),
    "POST /api/logs/shelf/lines": () => {
      taken = true;
      return { lines: 2 };
    },
    "GET /api/shelf/catalogue": () => ({ supplier: "S", found: [], all: 0 }),
    "GET /api/amount": () => ({ minor: 300, currency: "EUR" }),
  });
  press("Find a source");
  fireEvent.click(await screen.findByRole("button", { name: "Take it" }));
  await waitFor(() =>
    expect(logged()).toMatchObject([{ kind: "taken", thing: { of: "s1" }, forNeed: { part: "governor" } }]),
  );
  fireEvent.click(await screen.findByRole("button", { name: "Fit it…" }));
  fireEvent.click(screen.getByLabelText(/Checked before fitting/));
  press("New part ready");
  await waitFor(() =>
    expect(logged().slice(1)).toMatchObject([
      {
        kind: "replaced",
        source: "STOCK",
        from: "drawer 3, S-4",
        checked: true,
        fromShelf: "s1",
        madeFor: { model: "Sweep" },
        cost: { minor: 300 },
      },
    ]),
  );
});

it("opens a need for the part itself where nothing else is said", async () => {
  atTheBench(<Mend />);
  choose("Needed");
  type("Part", "governor");
  press("Find a source");
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "needOpened", part: "governor", what: "governor", piece: "" }]),
  );
});
