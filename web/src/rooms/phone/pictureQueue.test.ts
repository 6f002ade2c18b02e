import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Kept, OnItsWay } from "./pictureQueue";
import { answering, asked, AWAY, forgetAnswers, Refusal } from "../../testing/server";
import { PictureQueue } from "./pictureQueue";

const memory = (held: OnItsWay[] = []): Kept & { held: Map<string, OnItsWay> } => {
  const map = new Map(held.map((one) => [one.id, one]));
  return {
    held: map,
    all: () => Promise.resolve([...map.values()]),
    put: (one) => Promise.resolve(void map.set(one.id, one)),
    drop: (id) => Promise.resolve(void map.delete(id)),
  };
};

const taken = (shows: string, tag = "R-0001") => ({
  tag,
  by: "Ada",
  picture: new Blob([shows]),
  shows,
  part: "",
  stop: "STRIP" as const,
});

const LINES = "POST /api/logs/R-0001/lines";

beforeEach(() => {
  localStorage.clear();
  answering({
    "POST /api/pictures": { name: "aa.jpg" },
    [LINES]: { log: "R-0001", lastSequence: 2 },
  });
});

afterEach(() => {
  forgetAnswers();
  vi.restoreAllMocks();
});

const states = (queue: PictureQueue) => queue.now().map((one) => one.state);

it("sends a picture and its line, and keeps nothing of it afterwards", async () => {
  const kept = memory();
  const queue = new PictureQueue(kept);
  await queue.add(taken("before: ring"));
  expect(states(queue)).toEqual(["sent"]);
  expect(kept.held.size).toBe(0);
  expect(asked.map((one) => one.path)).toEqual(["/api/pictures", "/api/logs/R-0001/lines"]);
  expect(asked[1].body).toMatchObject({
    by: "Ada",
    lines: [{ id: queue.now()[0].of.id, entry: { kind: "pictured", name: "aa.jpg", shows: "before: ring" } }],
  });
});

it("keeps pictures while the network is away, also for the next page, and sends them in order", async () => {
  const kept = memory();
  answering({ "POST /api/pictures": AWAY });
  const queue = new PictureQueue(kept);
  await queue.add(taken("first"));
  await queue.add(taken("second"));
  expect(states(queue)).toEqual(["away", "sending"]);
  expect(kept.held.size).toBe(2);

  answering({ "POST /api/pictures": { name: "bb.jpg" } });
  const next = new PictureQueue(kept);
  await next.work();
  expect(states(next)).toEqual(["sent", "sent"]);
  const lines = asked.filter((one) => one.path.endsWith("/lines"));
  expect(
    lines.map((one) => (one.body as { lines: { entry: { shows: string } }[] }).lines[0].entry.shows),
  ).toEqual(["first", "second"]);
  expect(kept.held.size).toBe(0);
});

it("holds a picture of another camera until the phone is paired with that again", async () => {
  answering({
    [LINES]: new Refusal(403, { code: "notAllowed", detail: "Your account does not allow this." }),
  });
  const queue = new PictureQueue(memory());
  await queue.add(taken("held"));
  expect(states(queue)).toEqual(["held"]);
  answering({ [LINES]: { log: "R-0001", lastSequence: 3 } });
  queue.tryAgain();
  await vi.waitFor(() => expect(states(queue)).toEqual(["sent"]));
});

it("says why a picture is not taken, goes on with the next, and lets it be discarded", async () => {
  answering({
    "POST /api/pictures": ({ path }: { path: string }) =>
      path === "" ? undefined : new Refusal(422, { code: "badPicture", detail: "That is no picture." }),
  });
  const kept = memory();
  const queue = new PictureQueue(kept);
  await queue.add(taken("no picture"));
  expect(queue.now()[0]).toMatchObject({ state: "refused", problem: "That is no picture." });
  answering({ "POST /api/pictures": { name: "cc.jpg" } });
  await queue.add(taken("a picture"));
  expect(states(queue)).toEqual(["refused", "sent"]);
  queue.discard(queue.now()[0].of.id);
  expect(states(queue)).toEqual(["sent"]);
  expect(kept.held.size).toBe(0);
});

it("sends a picture that the phone has no room to keep", async () => {
  const kept = memory();
  kept.put = () => Promise.reject(new Error("quota"));
  const queue = new PictureQueue(kept);
  await queue.add(taken("large"));
  expect(states(queue)).toEqual(["sent"]);
});
