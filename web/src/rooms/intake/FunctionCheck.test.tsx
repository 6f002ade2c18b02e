import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { NoticeBar } from "../../shell/NoticeBar";
import { aJob, called } from "../../testing/examples";
import { FunctionCheck } from "./FunctionCheck";

const row = (name: string) => named("listitem", new RegExp(`^${name}:`));

it("takes a whole check with one key an answer", async () => {
  atTheBench(<FunctionCheck job={aJob()} />);
  fireEvent.keyDown(document.body, { key: "c" });
  expect(document.activeElement).toBe(row("Speed 1"));
  for (const key of ["w", "D", "f"]) fireEvent.keyDown(document.activeElement!, { key });
  await waitFor(() => expect(logged()).toHaveLength(3));
  expect(logged().map((entry) => "function" in entry && `${entry.function.words} ${entry.result}`)).toEqual([
    "Speed 1 WORKS",
    "Speed 1/30 DOUBTFUL",
    "B FAILS",
  ]);
});

it("takes down what the camera does not have", async () => {
  atTheBench(<FunctionCheck job={aJob()} />);
  row("B").focus();
  fireEvent.keyDown(row("B"), { key: "n" });
  await waitFor(() => expect(logged()).toHaveLength(1));
  expect(logged()[0]).toMatchObject({ kind: "functionChecked", result: "NOT_FITTED" });
});

it("moves with the arrows and stays at the ends", () => {
  atTheBench(<FunctionCheck job={aJob()} />);
  row("Speed 1").focus();
  fireEvent.keyDown(row("Speed 1"), { key: "ArrowUp" });
  expect(document.activeElement).toBe(row("Speed 1"));
  fireEvent.keyDown(row("Speed 1"), { key: "ArrowDown" });
  expect(document.activeElement).toBe(row("Speed 1/30"));
  fireEvent.keyDown(row("Speed 1/30"), { key: "q" });
  expect(logged()).toEqual([]);
});

it("shows what is answered, functions of its own among them", () => {
  const job = aJob();
  job.intake.functions = [
    { id: "1", function: called("B"), result: "WORKS", remark: "" },
    { id: "2", function: called("Bellows light-tight"), result: "DOUBTFUL", remark: "" },
  ] as typeof job.intake.functions;
  atTheBench(<FunctionCheck job={job} />);
  expect(row("B").getAttribute("aria-label")).toBe("B: works");
  expect(row("Bellows light-tight").getAttribute("aria-label")).toBe("Bellows light-tight: doubtful");
  expect(screen.getByText(/2 of 4/)).toBeTruthy();
});

it("says so when an answer would not go", async () => {
  const job = aJob();
  atTheBench(
    <>
      <FunctionCheck job={job} />
      <NoticeBar />
    </>,
    job,
  );
  answering({
    "POST /api/logs/R-0001/lines": new Refusal(409, { detail: "This camera was returned to A. Okonjo." }),
  });
  fireEvent.click(named("button", "B works"));
  expect(await screen.findByText(/was returned to A. Okonjo/)).toBeTruthy();
});
