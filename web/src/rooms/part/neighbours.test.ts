import { describe, expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { neighboursOf } from "./neighbours";

const named = (names: string[], change: Record<string, Partial<ReturnType<typeof aPart>>> = {}) =>
  names.map((name) => ({ ...aPart(name), ...change[name] }));

describe("the neighbours of a part", () => {
  it("are what came off before and after it where nobody said how they lie", () => {
    const job = aJob({ parts: named(["cover", "plate", "train"]) });
    const { over, under } = neighboursOf(job, job.parts[1]);
    expect([over?.part.name, over?.known]).toEqual(["cover", false]);
    expect([under?.part.name, under?.known]).toEqual(["train", false]);
  });

  it("are those known to lie over it and under it, the nearest of several", () => {
    const job = aJob({
      parts: named(["cover", "plate", "train", "spring"], {
        train: { over: ["cover", "plate"] },
        spring: { over: ["train"] },
      }),
    });
    const { over, under } = neighboursOf(job, job.parts[2]);
    expect([over?.part.name, over?.known]).toEqual(["plate", true]);
    expect([under?.part.name, under?.known]).toEqual(["spring", true]);
  });

  it("are of the same side: what came off elsewhere says nothing about this place", () => {
    const [cover, plate] = named(["cover", "bottom plate"]);
    plate.removed = { ...plate.removed, side: "BOTTOM" };
    cover.removed = { ...cover.removed, side: "TOP" };
    const job = aJob({ parts: [cover, plate] });
    expect(neighboursOf(job, plate)).toEqual({ over: undefined, under: undefined });
  });
});
