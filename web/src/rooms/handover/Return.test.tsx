import { answering, atTheBench, logged, named, saying } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, called } from "../../testing/examples";
import { aHouse } from "../../testing/house";
import { queries } from "../../api/queries";
import { Return } from "./Return";

it("says how many pieces are not accounted for before the camera leaves", () => {
  atTheBench(<Return />, aJob({ notAccounted: 2, ledger: { ...aJob().ledger, off: 7 } }));
  expect(screen.getByText("2 of 7 pieces are not accounted for.")).toBeTruthy();
  expect(screen.getByText(/Goes back with it: case/)).toBeTruthy();
});

it("returns it to its owner, named beforehand", async () => {
  atTheBench(<Return />);
  expect(screen.getByLabelText<HTMLInputElement>("Returned to").value).toBe("A. Okonjo");
  fireEvent.click(named("button", "Return the camera"));
  await waitFor(() =>
    expect(logged()).toEqual([{ kind: "returned", to: "A. Okonjo", remark: "", passedOver: [] }]),
  );
});

it("settles what was to be done: done, or left with a reason", async () => {
  const job = aJob();
  job.intake.scope = [
    { id: "1", what: called("slow speeds"), state: "OPEN" },
    { id: "2", what: called("haze"), state: "OPEN" },
  ] as typeof job.intake.scope;
  atTheBench(<Return />, job);
  fireEvent.click(screen.getAllByRole("button", { name: saying("Done") })[0]);
  fireEvent.click(screen.getAllByRole("button", { name: saying("Not done…") })[1]);
  fireEvent.change(screen.getByLabelText("Why is it not done?"), { target: { value: "cemented group" } });
  fireEvent.click(named("button", "Log as not done"));
  await waitFor(() => expect(logged()).toHaveLength(2));
  expect(logged()).toMatchObject([
    { what: called("slow speeds"), done: true },
    { what: called("haze"), done: false, reason: "cemented group" },
  ]);
});

it("prints on the paper that is chosen", () => {
  atTheBench(<Return />);
  fireEvent.click(named("radio", "Letter"));
  expect(named("link", "Open the PDF").getAttribute("href")).toBe("/api/jobs/R-0001/sheet.pdf?paper=letter");
  expect(screen.getByTitle("Return sheet").getAttribute("src")).toContain("paper=letter");
});

const open = (change: Partial<ReturnType<typeof aJob>["outstanding"][number]>) => ({
  stop: "PROVE" as const,
  what: "Fire it to prove it",
  why: "0 of 36 good in a row",
  id: change.what ?? "fire",
  hold: "NOT" as const,
  suggested: "",
  ...change,
});

it("goes out with something open only for a reason, which goes with it", async () => {
  const needs = open({
    id: "need/governor/governor",
    what: "Part still needed: governor",
    hold: "WITHOUT_REASON",
  });
  const waived = open({
    id: "waived/x/ball",
    what: "Waived: ball",
    hold: "WITHOUT_REASON",
    suggested: "no ball here",
  });
  atTheBench(<Return />, aJob({ outstanding: [needs, waived] }));
  expect(screen.queryByRole("button", { name: /^Return/ })).toBeNull();
  fireEvent.click(screen.getAllByRole("button", { name: saying("Pass over…") })[0]!);
  fireEvent.change(screen.getByLabelText(/Why does it go out with this open: Part/, { selector: "input" }), {
    target: { value: "comes in May" },
  });
  fireEvent.click(named("button", "Pass over"));
  expect(await screen.findByText("goes out so: comes in May")).toBeTruthy();
  fireEvent.click(screen.getByRole("button", { name: saying("Pass over…") }));
  expect(
    screen.getByLabelText<HTMLInputElement>(/Why does it go out with this open: Waived/, {
      selector: "input",
    }).value,
  ).toBe("no ball here");
  fireEvent.click(named("button", "Pass over"));
  fireEvent.click(await waitFor(() => named("button", "Return it anyway")));
  await waitFor(() =>
    expect(logged()).toEqual([
      {
        kind: "returned",
        to: "A. Okonjo",
        remark: "",
        passedOver: [
          { what: { id: needs.id, words: needs.what }, reason: "comes in May" },
          { what: { id: waived.id, words: waived.what }, reason: "no ball here" },
        ],
      },
    ]),
  );
});

it("lists what is missing with the way to it, and does not push the camera out of the door", () => {
  atTheBench(
    <Return />,
    aJob({
      outstanding: [
        open({}),
        open({ stop: "MEND", part: "governor", what: "Part still needed: governor", why: "" }),
      ],
    }),
  );
  expect(screen.getByRole("link", { name: /Part still needed: governor/ }).getAttribute("href")).toBe(
    "/camera/R-0001/mend?part=governor",
  );
  expect(screen.getByRole("link", { name: /Fire it to prove it/ }).getAttribute("href")).toBe(
    "/camera/R-0001/prove",
  );
  expect(screen.queryByRole("button", { name: "Return the camera" })).toBeNull();
  expect(named("button", "Return it anyway").className).not.toContain("bg-ready");
});

it("has no button to return it while something holds it back, and says what would help", () => {
  atTheBench(
    <Return />,
    aJob({
      outstanding: [open({ stop: "REFIT", part: "top cover", what: "Put back: top cover", hold: "FIRMLY" })],
    }),
  );
  expect(screen.queryByRole("button", { name: /^Return/ })).toBeNull();
  expect(screen.getByText(/It can be returned once/)).toBeTruthy();
});

it("says where the sheet gets the shop's name from while it has none", async () => {
  answering({ "GET /api/house": { ...aHouse(), shopNamed: false } });
  atTheBench(<Return />);
  queries.setQueryData(["house"], { ...aHouse(), shopNamed: false });
  expect((await screen.findByRole("link", { name: "Name it in Settings" })).getAttribute("href")).toBe(
    "/house",
  );
});
