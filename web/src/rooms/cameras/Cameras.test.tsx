import { answering, asked, inTheShop, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { Cameras } from "./Cameras";

const summary = (number: number) => ({
  tag: `R-${String(number).padStart(4, "0")}`,
  maker: "Pellworm",
  model: "Twin",
  pattern: "",
  serial: "338120",
  family: "LEAF_LENS",
  owner: `Owner ${number}`,
  complaint: "drags",
  cause: "",
  cameIn: "2031-03-01T09:00:00Z",
  returnedAt: "2031-03-09T09:00:00Z",
  minutes: 0,
  piecesOff: 0,
  lastSequence: 1,
  lastAt: "2031-03-01T09:00:00Z",
  trays: [],
  features: [],
});
const show = (jobs: object[]) => {
  inTheShop(<Cameras />);
  answering({
    "GET /api/bench": { now: "2031-03-10T09:00:00Z", tasks: [], waits: [], open: [], returned: jobs.length },
    "GET /api/jobs": jobs,
    "POST /api/jobs/import": { tag: "R-0099" },
  });
};
const pick = (file: File) =>
  fireEvent.change(screen.getByLabelText("Job package to import"), { target: { files: [file] } });
const sized = (mb: number) => {
  const file = new File(["x"], "job.zip");
  Object.defineProperty(file, "size", { value: mb * 1024 * 1024 });
  return file;
};

it("shows who got which camera back, each leading to its page", async () => {
  show([summary(12), summary(11)]);
  const link = (await screen.findByText(/Owner 12/)).closest("a")!;
  expect(link.getAttribute("href")).toBe("/camera/R-0012");
  expect(screen.getByText(/Owner 11/)).toBeTruthy();
});

it("brings in a package and goes to its camera", async () => {
  show([]);
  await screen.findByLabelText("Job package to import");
  pick(sized(1));
  expect(await screen.findByText("elsewhere")).toBeTruthy();
});

it("does not send what is too large to be a job's package, and says what to choose", async () => {
  show([]);
  await screen.findByLabelText("Job package to import");
  pick(sized(900));
  expect((await screen.findByRole("alert")).textContent).toMatch(/“job.zip” is 900 MB.*Choose the ZIP/);
  expect(asked.some((one) => one.path === "/api/jobs/import")).toBe(false);
});

it("says why a package is not taken, and takes the next one", async () => {
  show([]);
  await screen.findByLabelText("Job package to import");
  answering({ "POST /api/jobs/import": new Refusal(400, { detail: "That is no job's package." }) });
  pick(sized(1));
  expect((await screen.findByRole("alert")).textContent).toContain("That is no job's package.");
  answering({ "POST /api/jobs/import": { tag: "R-0099" } });
  pick(sized(1));
  await waitFor(() => expect(screen.getByText("elsewhere")).toBeTruthy());
});
