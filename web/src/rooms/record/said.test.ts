import { expect, it } from "vitest";
import type { Entry } from "../../api/client";
import { removed } from "../../api/entries";
import { cleaned, saidIn, saying, without, withAnother } from "./said";

const off = removed("front plate", { loose: [{ name: "ball", count: 2 }] }) as Entry;

it("tells every thing in an entry that can be said otherwise, by its kind", () => {
  const names = saidIn(off).map((said) => `${said.kind} ${said.path.join(".")}`);
  expect(names).toContain("text part");
  expect(names).toContain("choice side");
  expect(names).toContain("tick covers");
  expect(names).toContain("text mark.text");
  expect(names).toContain("list wells");
  const loose = saidIn(off).find((said) => said.name === "loose");
  expect(loose?.kind === "group" && loose.items[0]!.map((one) => one.name)).toEqual(["name", "count"]);
});

it("leaves alone what refers to other things", () => {
  const ended = {
    kind: "waitEnded",
    wait: "0b610000-0000-4000-8000-000000000004",
    remark: "",
  } as unknown as Entry;
  expect(saidIn(ended).map((said) => said.name)).toEqual(["remark"]);
});

it("says one thing otherwise and leaves the entry as it was", () => {
  const other = saying(off, ["loose", 0, "count"], 3);
  expect(other).toMatchObject({ loose: [{ name: "ball", count: 3 }], part: "front plate" });
  expect(off).toMatchObject({ loose: [{ count: 2 }] });
});

it("gives what is called otherwise no id of what it was", () => {
  const scope = { kind: "scopeAdded", what: { id: "slow-speeds", words: "slow speeds" } } as unknown as Entry;
  expect(saying(scope, ["what", "words"], "all speeds")).toMatchObject({
    what: { id: "", words: "all speeds" },
  });
});

it("adds to a list and takes from it", () => {
  const more = withAnother(off, ["fasteners"]);
  expect(more).toMatchObject({ fasteners: [{ kind: "SCREW", count: 1 }] });
  expect(without(more, ["fasteners"], 0)).toMatchObject({ fasteners: [] });
});

it("does not say what was left empty", () => {
  const tidy = cleaned(
    withAnother({ ...off, mark: { text: "", state: "" }, state: "" } as unknown as Entry, ["fasteners"]),
  );
  expect(tidy).not.toHaveProperty("mark");
  expect(tidy).not.toHaveProperty("state");
  expect((tidy as unknown as { fasteners: object[] }).fasteners[0]).not.toHaveProperty("threadMm");
});
