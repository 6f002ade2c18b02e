import { QueryObserver } from "@tanstack/react-query";
import { expect, it } from "vitest";
import { queries } from "./queries";
import { refreshed } from "./refreshed";

it("asks once more where the first answer was under way when the log went on", async () => {
  const answers: ((value: string) => void)[] = [];
  const observer = new QueryObserver(queries, {
    queryKey: ["job", "R-0001"],
    queryFn: () => new Promise<string>((resolve) => answers.push(resolve)),
    retry: false,
  });
  const seen: unknown[] = [];
  const stop = observer.subscribe((result) => seen.push(result.data));
  await until(() => answers.length === 1);
  refreshed("R-0001");
  answers[0]("as found");
  await until(() => answers.length === 2);
  answers[1]("as it is");
  await until(() => seen.at(-1) === "as it is");
  expect(answers).toHaveLength(2);
  stop();
});

it("leaves another job alone", async () => {
  queries.setQueryData(["job", "R-0002"], "kept");
  refreshed("R-0001");
  expect(queries.getQueryState(["job", "R-0002"])?.isInvalidated).toBe(false);
  refreshed("house");
  await until(() => queries.getQueryState(["job", "R-0002"])?.isInvalidated === true);
});

function until(holds: () => boolean): Promise<void> {
  return new Promise((resolve) => {
    const look = () => (holds() ? resolve() : setTimeout(look, 5));
    look();
  });
}
