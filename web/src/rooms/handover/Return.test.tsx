import { atTheBench, logged, named } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, called } from "../../testing/examples";
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
  await waitFor(() => expect(logged()).toEqual([{ kind: "returned", to: "A. Okonjo", remark: "" }]));
});

it("settles what was to be done: done, or left with a reason", async () => {
  const job = aJob();
  job.intake.scope = [
    { id: "1", what: called("slow speeds"), state: "OPEN" },
    { id: "2", what: called("haze"), state: "OPEN" },
  ] as typeof job.intake.scope;
  atTheBench(<Return />, job);
  fireEvent.click(screen.getAllByRole("button", { name: "Done" })[0]);
  fireEvent.click(screen.getAllByRole("button", { name: "Not done…" })[1]);
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
