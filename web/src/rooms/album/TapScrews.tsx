import { useAppend } from "../../hands/append";
import { removed } from "../../api/entries";
import type { JobView, Schemas } from "../../api/client";
import { useQuery } from "@tanstack/react-query";
import { guessQuery, useWords } from "../../api/queries";
import { useKept } from "../../hands/draft";
import { useKeys } from "../../hands/keys";
import { Button } from "../../ui/Button";
import { ChoiceField, TextField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { FastenerEditor, FRESH } from "../../ui/FastenerEditor";
import { fastenerWords } from "../../ui/fastenerWords";
import type { Shot } from "./shot";
import { texts } from "./words";

type Fastener = Schemas["Fastener"];

interface Tap {
  x: number;
  y: number;
  fastener: Fastener;
  well: string;
}

interface Tapped {
  part: string;
  taps: Tap[];
  /** What the next tap is, and where its piece goes. */
  fastener: Fastener;
  well: string;
  side: Schemas["Removed"]["side"];
}

/**
 * A part and its screws tapped so far on a picture, each with the type and well that were set when it was tapped;
 * kept while another picture is looked at.
 */
export function useTaps(job: JobView, shot: Shot, given?: string) {
  const blank: Tapped = {
    part: given ?? stillOn(job, shot.what.part),
    taps: [],
    fastener: { ...FRESH, count: 1 },
    well: "",
    side: job.parts.at(-1)?.removed.side ?? "TOP",
  };
  const [kept, keep] = useKept<Partial<Tapped>>(`taps.${job.tag}.${shot.what.name}`, blank);
  const now: Tapped = { ...blank, ...kept };
  const set = (change: Partial<Tapped>) => keep({ ...now, ...change });
  const { fastener, well, taps } = now;
  return {
    ...now,
    set,
    tap: (x: number, y: number) => set({ taps: [...taps, { x, y, fastener, well }] }),
    undo: () => set({ taps: taps.slice(0, -1) }),
    clear: () => keep(undefined),
  };
}

const alike = (a: Fastener, b: Fastener) =>
  JSON.stringify({ ...a, count: 1 }) === JSON.stringify({ ...b, count: 1 });

/** Taps added up: one fastener a type, with its count. */
export function addedUp(taps: Tap[]): Fastener[] {
  const sums: Fastener[] = [];
  for (const { fastener } of taps) {
    const at = sums.findIndex((one) => alike(one, fastener));
    if (at < 0) sums.push({ ...fastener, count: 1 });
    else sums[at] = { ...sums[at], count: sums[at].count + 1 };
  }
  return sums;
}

/** The part that the picture shows, unless it came off already. */
const stillOn = (job: JobView, part = "") => (job.parts.some((one) => one.name === part) ? "" : part);

/** Picture first: each screw is tapped, and the removal is logged with its fasteners, its hole map and its wells. */
export function TapScrews({
  job,
  shot,
  first,
  taps,
}: {
  job: JobView;
  shot: Shot;
  first: number;
  taps: ReturnType<typeof useTaps>;
}) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const { refused, busy, submit } = useSubmit();
  const { part, side } = taps;
  const guess = useQuery(guessQuery(part)).data;
  const fasteners = addedUp(taps.taps);
  const wells = [...new Set(taps.taps.map((tap) => tap.well).filter((well) => well !== ""))];
  const log = () =>
    submit(async () => {
      await append(
        [
          removed(part, { side, covers: guess?.covers ?? false, fasteners, wells }),
          ...taps.taps.map((tap, index) => ({
            kind: "pinned" as const,
            picture: shot.what.name,
            number: first + index,
            x: tap.x,
            y: tap.y,
            what: "HOLE" as const,
            words: fastenerWords(tap.fastener),
            part,
            well: tap.well === "" ? undefined : tap.well,
          })),
        ],
        { said: texts.takenOffScrewsMapped(part, taps.taps.length) },
      );
      taps.clear();
    });
  useKeys({ Backspace: taps.undo, Enter: () => taps.taps.length > 0 && part !== "" && void log() });
  return (
    <Panel
      title={texts.tapEachScrew}
      note={taps.taps.length === 0 ? texts.thenLogThePart : texts.tapped(taps.taps.length)}
    >
      <TextField
        label={texts.partTheyHold}
        name="part"
        value={part}
        placeholder={texts.topCover}
        onChange={(event) => taps.set({ part: event.target.value })}
      />
      <div className="grid grid-cols-2 gap-2">
        <ChoiceField
          label={texts.side}
          value={side}
          choices={choices("side")}
          onChange={(event) => taps.set({ side: event.target.value as typeof side })}
        />
        <TextField
          label={texts.andGoIntoWell}
          className="num"
          placeholder={job.freeWell ?? "A1"}
          value={taps.well}
          onChange={(event) => taps.set({ well: event.target.value.toUpperCase() })}
        />
      </div>
      <h3 className="text-soft text-[13.5px]">{texts.theNextTapsAre}</h3>
      <FastenerEditor
        fastener={taps.fastener}
        counted={false}
        onChange={(next) => taps.set({ fastener: next })}
      />
      {fasteners.length === 0 ? (
        <Empty>{texts.setTheScrewsDetailsThen}</Empty>
      ) : (
        <ul>
          {fasteners.map((one) => (
            <li key={fastenerWords(one)} className="border-line/70 border-b py-1">
              <b className="num">{one.count}</b> × {fastenerWords(one)}
            </li>
          ))}
        </ul>
      )}
      {refused}
      <div className="flex flex-wrap gap-2">
        <Button
          kind="primary"
          keyHint="↵"
          disabled={busy || part.trim() === "" || taps.taps.length === 0}
          onClick={() => void log()}
        >
          {texts.logThePart}
        </Button>
        {taps.taps.length > 0 && (
          <Button kind="quiet" keyHint="⌫" onClick={taps.undo}>
            {texts.undoTheLastTap}
          </Button>
        )}
      </div>
    </Panel>
  );
}
