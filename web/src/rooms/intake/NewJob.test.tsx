import { answering, asked, inTheShop, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob } from "../../testing/examples";
import { NewJob } from "./NewJob";

const show = () => {
  inTheShop(<NewJob />);
  answering({
    "GET /api/identify": { jobs: 0, features: [], care: [], batteries: [], ofTheModel: [], leaveAlone: [] },
    "POST /api/jobs": aJob({ tag: "R-0042", lastSequence: 1 }),
    "POST /api/logs/R-0042/lines": { log: "R-0042", lastSequence: 3 },
  });
};
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const fill = () => {
  type("Maker", "Pellworm");
  type("Model", "Twin");
  type("Owner", "Ada");
  type("Complaint, in the owner's words", "drags");
};
const tag = () => fireEvent.click(named("button", "Create job"));
const opened = () =>
  asked
    .filter((one) => one.method === "POST" && one.path === "/api/jobs")
    .map((one) => one.body as { id: string; received: Record<string, unknown> });

it("opens a job with what came in, and what is to be done as lines of their own", async () => {
  show();
  fill();
  type("Work to do", "slow speeds, new seals");
  tag();
  expect(await screen.findByText("elsewhere")).toBeTruthy();
  expect(opened()[0]!.received).toMatchObject({
    camera: { maker: "Pellworm", model: "Twin" },
    owner: { name: "Ada", shopsOwn: false },
    complaint: "drags",
  });
  const lines = asked.find((one) => one.path === "/api/logs/R-0042/lines")!.body as {
    lines: { entry: { what: { words: string } } }[];
  };
  expect(lines.lines.map((line) => line.entry.what.words)).toEqual(["slow speeds", "new seals"]);
});

it("keeps what is typed on the machine until the camera has its tag", async () => {
  show();
  fill();
  expect(localStorage.getItem("ruvant.draft.newJob")).toContain("Pellworm");
  tag();
  expect(await screen.findByText("elsewhere")).toBeTruthy();
  await waitFor(() => expect(localStorage.getItem("ruvant.draft.newJob")).toBeNull());
});

it("goes on with what was typed before, and starts afresh where that is wanted", () => {
  localStorage.setItem("ruvant.draft.newJob", JSON.stringify({ maker: "Tarn", complaint: "dead" }));
  show();
  expect(screen.getByLabelText<HTMLInputElement>("Maker").value).toBe("Tarn");
  fireEvent.click(named("button", "Clear the form"));
  expect(screen.getByLabelText<HTMLInputElement>("Maker").value).toBe("");
  expect(localStorage.getItem("ruvant.draft.newJob")).toBeNull();
});

it("sends the same opening again after a refusal, so that one camera gets one tag", async () => {
  show();
  fill();
  answering({
    "POST /api/jobs": new Refusal(400, {
      field: "owner",
      detail: "The owner is empty.",
      remedy: "Type an owner.",
    }),
  });
  tag();
  expect(await screen.findByText("The owner is empty. Type an owner.")).toBeTruthy();
  expect(document.activeElement).toBe(screen.getByLabelText("Owner"));
  answering({ "POST /api/jobs": aJob({ tag: "R-0042" }) });
  tag();
  expect(await screen.findByText("elsewhere")).toBeTruthy();
  expect(new Set(opened().map((one) => one.id)).size).toBe(1);
});

it("asks what was paid only for the shop's own, in the shop's money", async () => {
  show();
  fill();
  expect(screen.queryByLabelText(/Paid for it/)).toBeNull();
  fireEvent.click(named("radio", "The shop"));
  expect(screen.queryByLabelText("Owner")).toBeNull();
  type("Price paid, EUR", "35.50");
  tag();
  await waitFor(() => expect(opened()).toHaveLength(1));
  expect(opened()[0]!.received).toMatchObject({ owner: { shopsOwn: true, paid: { minor: 3550 } } });
});

it("offers the older row of speeds with the older way to mark them, but not over what was typed", () => {
  show();
  const speeds = () => screen.getByLabelText<HTMLInputElement>("Speeds on the dial").value;
  const doubling = speeds();
  type("Marked speeds are", "OLDER");
  const changed = speeds();
  expect(changed === doubling || changed.includes("1/25")).toBe(true);
  type("Speeds on the dial", "1/30 1/60");
  type("Marked speeds are", "DOUBLING");
  expect(speeds()).toBe("1/30 1/60");
});
