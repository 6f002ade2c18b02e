import { answering, atTheBench, logged, named, Refusal } from "../../testing/atTheBench";
import { fireEvent, screen, waitFor } from "@testing-library/react";
import { expect, it } from "vitest";
import { aJob, aPart } from "../../testing/examples";
import { HoleMap } from "./HoleMap";
import { Pictures } from "./Pictures";
import { addedUp } from "./TapScrews";

const NAME = `${"a".repeat(64)}.jpg`;
const withPicture = () =>
  aJob({
    album: {
      shots: [
        {
          id: "shot",
          at: "2031-03-04T09:00:00Z",
          by: "Ada",
          what: { kind: "pictured", name: NAME, shows: "", at: "STRIP" },
          pins: [],
        },
      ],
      toCome: [],
    },
  });
const board = () => named("button", /^The picture/);
const arrows = (...keys: string[]) => keys.forEach((key) => fireEvent.keyDown(board(), { key }));

it("adds up taps of one type", () => {
  const screw = {
    kind: "SCREW",
    drive: "SLOTTED",
    head: "PAN",
    threadMm: 1.4,
    count: 1,
    traits: [],
  } as const;
  const tap = (lengthMm: number) => ({ x: 0, y: 0, well: "", fastener: { ...screw, traits: [], lengthMm } });
  expect(addedUp([tap(3), tap(4), tap(3)]).map((one) => [one.lengthMm, one.count])).toEqual([
    [3, 2],
    [4, 1],
  ]);
});

it("logs a part with its fasteners, hole map and wells from taps, by keyboard alone", async () => {
  atTheBench(<Pictures />, withPicture());
  answering({ "GET /api/guess": { covers: true, materials: [] } });
  fireEvent.change(screen.getByLabelText("Part they hold"), { target: { value: "top cover" } });
  fireEvent.change(screen.getByLabelText("Thread, mm"), { target: { value: "1,7" } });
  fireEvent.change(screen.getByLabelText("and go into well"), { target: { value: "b2" } });
  arrows("ArrowLeft", "ArrowUp", "Enter", "ArrowRight", "Enter", "Enter");
  expect(screen.getByText("3 tapped")).toBeTruthy();
  fireEvent.keyDown(document.body, { key: "Backspace" });
  await waitFor(() => expect(screen.getByText("2 tapped")).toBeTruthy());
  await screen.findByRole("button", { name: "Pin 2: not logged yet" });
  fireEvent.keyDown(document.body, { key: "Enter" });
  await waitFor(() => expect(logged()).toHaveLength(3));
  const [off, first, second] = logged();
  expect(off).toMatchObject({
    kind: "removed",
    part: "top cover",
    wells: ["B2"],
    fasteners: [{ count: 2, threadMm: 1.7 }],
  });
  expect(first).toMatchObject({ kind: "pinned", number: 1, x: 0.48, y: 0.48, what: "HOLE", well: "B2" });
  expect(second).toMatchObject({ number: 2, x: 0.5, part: "top cover" });
});

it("keeps the part and its taps while another picture is looked at", async () => {
  const job = withPicture();
  const other = { ...job.album.shots[0], id: "other" };
  job.album.shots.push({ ...other, what: { ...other.what, name: `${"b".repeat(64)}.jpg`, shows: "inside" } });
  atTheBench(<Pictures />, job);
  answering({ "GET /api/guess": { covers: true, materials: [] } });
  fireEvent.change(screen.getByLabelText("Part they hold"), { target: { value: "top cover" } });
  arrows("ArrowLeft", "Enter");
  expect(screen.getByText("1 tapped")).toBeTruthy();
  fireEvent.click(named("button", /^Picture/));
  await waitFor(() => expect(screen.queryByText("1 tapped")).toBeNull());
  fireEvent.click(named("button", /^inside/));
  expect(await screen.findByText("1 tapped")).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>("Part they hold").value).toBe("top cover");
});

it("pins one thing in words", async () => {
  atTheBench(<Pictures />, withPicture());
  fireEvent.click(named("radio", "Pin one thing"));
  arrows("ArrowDown", "Enter");
  fireEvent.change(screen.getByLabelText("What it is"), { target: { value: "scribe line" } });
  fireEvent.click(named("button", "Place the pin"));
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "pinned", number: 1, y: 0.52, what: "MARK", words: "scribe line" },
    ]),
  );
});

it("takes in a file and says its place in the log", async () => {
  atTheBench(<Pictures />, aJob());
  answering({ "POST /api/pictures": { name: NAME, width: 10, height: 10 } });
  fireEvent.change(screen.getByLabelText("Pictures to add"), {
    target: { files: [new File(["x"], "plate.jpg")] },
  });
  await waitFor(() => expect(logged()).toEqual([{ kind: "pictured", name: NAME, shows: "", at: "STRIP" }]));
});

it("says what is wrong with a file, and logs nothing", async () => {
  atTheBench(<Pictures />, aJob());
  answering({
    "POST /api/pictures": new Refusal(422, { detail: "That is a HEIC picture.", remedy: "Save it as JPEG." }),
  });
  fireEvent.change(screen.getByLabelText("Pictures to add"), {
    target: { files: [new File(["x"], "plate.heic")] },
  });
  expect(await screen.findByText("That is a HEIC picture.")).toBeTruthy();
  const huge = new File(["x"], "huge.jpg");
  Object.defineProperty(huge, "size", { value: 26 * 1024 * 1024 });
  fireEvent.change(screen.getByLabelText("Pictures to add"), { target: { files: [huge] } });
  expect(await screen.findByText(/huge.jpg” is 26 MB/)).toBeTruthy();
  expect(logged()).toEqual([]);
});

it("hands in a picture that was said to come", async () => {
  const job = aJob({
    album: {
      shots: [],
      toCome: [
        {
          id: "awaited",
          at: "2031-03-04T09:00:00Z",
          what: { kind: "pictureToCome", shows: "wires under the plate", part: "front plate" },
        },
      ],
    },
  });
  atTheBench(<Pictures />, job);
  answering({ "POST /api/pictures": { name: NAME } });
  const field = screen.getByLabelText("The picture: wires under the plate");
  fireEvent.change(field, { target: { files: [new File(["x"], "from the telephone.jpg")] } });
  await waitFor(() =>
    expect(logged()).toMatchObject([
      { kind: "pictured", name: NAME, shows: "wires under the plate", part: "front plate", meets: "awaited" },
    ]),
  );
});

it("shows which screw goes into which hole, the longer one of a pair marked", () => {
  const job = withPicture();
  const [short] = aPart("plate").fasteners;
  const long = {
    ...short,
    type: "slotted screw 1.4 × 3.5",
    fastener: { ...short.fastener, count: 1, lengthMm: 3.5 },
  };
  const part = aPart("plate", { fasteners: [short, long] });
  const pin = (number: number, words: string) => ({
    id: `pin ${number}`,
    what: {
      kind: "pinned" as const,
      picture: NAME,
      number,
      x: 0.1 * number,
      y: 0.5,
      what: "HOLE" as const,
      words,
      part: "plate",
    },
  });
  job.album.shots[0].pins = [pin(1, short.type), pin(2, long.type), pin(3, short.type)];
  job.lookAlikes = [
    { words: "", shorterOf: "plate", longerOf: "plate", shorter: short.fastener, longer: long.fastener },
  ];
  atTheBench(<HoleMap job={job} part={part} />, job);
  const map = named("figure", "Hole map of the plate");
  expect(map.textContent).toContain("1 3 slotted screw 1.4 × 3.0");
  expect(map.textContent).toContain("2 slotted screw 1.4 × 3.5the longer one");
});
