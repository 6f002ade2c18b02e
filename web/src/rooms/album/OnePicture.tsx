import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { PinBoard } from "../../ui/PinBoard";
import { useSubmit } from "../../ui/useSubmit";
import { WellMark } from "../../ui/WellMark";
import { wholeOf } from "../../api/pictures";
import { altOf, type Shot } from "./shot";
import { TapScrews, useTaps } from "./TapScrews";
import { texts } from "./words";

type Mode = "look" | "pin" | "screws";

/** One picture with its pins: to look at, to pin one thing, or to tap all screws of a part. */
export function OnePicture({ job, shot, part }: { job: JobView; shot: Shot; part?: string }) {
  const [mode, setMode] = useState<Mode>(part === undefined && shot.pins.length > 0 ? "look" : "screws");
  const [chosen, setChosen] = useState<string>();
  const [spot, setSpot] = useState<{ x: number; y: number }>();
  const taps = useTaps(job, shot, part);
  const next = Math.max(0, ...shot.pins.map((pin) => pin.what.number)) + 1;
  const fresh = [
    ...taps.taps.map((tap, index) => ({
      key: texts.tap(index),
      number: next + index,
      x: tap.x,
      y: tap.y,
      label: texts.notLoggedYet,
      look: "fresh" as const,
    })),
    ...(spot === undefined
      ? []
      : [{ key: "spot", number: next, ...spot, label: texts.notLoggedYet, look: "fresh" as const }]),
  ];
  const place =
    mode === "look" ? undefined : mode === "pin" ? (x: number, y: number) => setSpot({ x, y }) : taps.tap;
  return (
    <div className="wide:grid-cols-[minmax(0,1fr)_360px] grid min-h-0 grid-cols-[minmax(0,1fr)_300px]">
      <div className="flex min-h-0 flex-col gap-2 overflow-y-auto px-4 py-3">
        <Pick
          label={texts.whatToDoWithThe}
          choices={[
            { value: "screws", label: texts.tapTheScrewsOfA },
            { value: "pin", label: texts.pinOneThing },
            { value: "look", label: texts.justLook },
          ]}
          value={mode}
          onChange={(to) => {
            setMode(to as Mode);
            setSpot(undefined);
          }}
        />
        <PinBoard
          label={texts.thePicture}
          pins={[
            ...shot.pins.map((pin) => ({
              key: pin.id,
              number: pin.what.number,
              x: pin.what.x,
              y: pin.what.y,
              label: pinWords(pin),
            })),
            ...fresh,
          ]}
          chosen={chosen}
          onPlace={place}
          onChoose={setChosen}
          className="self-start"
        >
          <img
            src={wholeOf(shot.what.name)}
            alt={altOf(shot)}
            className="max-h-[calc(100vh-300px)] max-w-full"
          />
        </PinBoard>
      </div>
      <aside
        tabIndex={0}
        className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3"
      >
        {mode === "screws" && <TapScrews job={job} shot={shot} first={next} taps={taps} />}
        {mode === "pin" && (
          <PinOne job={job} shot={shot} number={next} spot={spot} onPinned={() => setSpot(undefined)} />
        )}
        <Pins job={job} shot={shot} chosen={chosen} onChoose={setChosen} />
      </aside>
    </div>
  );
}

type PinView = Shot["pins"][number];

const pinWords = (pin: PinView) =>
  [pin.what.words, pin.what.part].filter((word) => word !== undefined && word !== "").join(" of ") || "pin";

function PinOne({
  job,
  shot,
  number,
  spot,
  onPinned,
}: {
  job: JobView;
  shot: Shot;
  number: number;
  spot?: { x: number; y: number };
  onPinned: () => void;
}) {
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const [what, setWhat] = useState<Schemas["Pinned"]["what"]>("MARK");
  const [part, setPart] = useState(shot.what.part ?? "");
  return (
    <Panel title={texts.pin(number)} note={spot === undefined ? texts.tapThePictureFirst : texts.placed}>
      <Pick
        small
        label={texts.whatThePinShows}
        choices={choices("pinKind")}
        value={what}
        onChange={(to) => setWhat(to as typeof what)}
      />
      <ChoiceField
        label={texts.onWhichPart}
        empty={texts.none}
        value={part}
        choices={job.parts.map((one) => ({ value: one.name, label: one.name }))}
        onChange={(event) => setPart(event.target.value)}
      />
      {spot !== undefined && (
        <AddLine
          blanks={[{ label: texts.whatItIs, hint: texts.scribeLineAtThePost }]}
          action={texts.placeThePin}
          look="primary"
          onAdd={async (words) => {
            await append(
              [
                {
                  kind: "pinned",
                  picture: shot.what.name,
                  number,
                  ...spot,
                  what,
                  words,
                  part: part === "" ? undefined : part,
                },
              ],
              { said: texts.pinOf(number, words) },
            );
            onPinned();
          }}
        />
      )}
    </Panel>
  );
}

function Pins({
  job,
  shot,
  chosen,
  onChoose,
}: {
  job: JobView;
  shot: Shot;
  chosen?: string;
  onChoose: (key: string) => void;
}) {
  const { word } = useWords();
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  return (
    <Panel title={texts.onThisPicture} note={`${shot.pins.length}`}>
      {shot.pins.length === 0 && <Empty>{texts.noPinsYet}</Empty>}
      <ol>
        {shot.pins.map((pin) => (
          <li key={pin.id} className={`border-line/70 border-b ${pin.id === chosen ? "bg-ready-wash" : ""}`}>
            <button
              type="button"
              onClick={() => onChoose(pin.id)}
              className="flex min-h-11 w-full items-center gap-2 text-left"
            >
              <b className="num w-6 text-right">{pin.what.number}</b>
              <span className="min-w-0 flex-1">
                {pin.what.words || word("pinKind", pin.what.what)}
                {pin.what.part !== undefined && (
                  <span className="text-soft"> {texts.ofIt(pin.what.part)}</span>
                )}
              </span>
              {pin.what.well !== undefined && <WellMark name={pin.what.well} />}
            </button>
            {pin.id === chosen && (
              <Button
                kind="quiet"
                onClick={() =>
                  void submit(() =>
                    append([{ kind: "struck", target: pin.id, reason: texts.pinRemovedInline }], {
                      said: texts.pinRemoved(pin.what.number),
                    }),
                  )
                }
              >
                {texts.removeThePin}
              </Button>
            )}
          </li>
        ))}
      </ol>
      {refused}
    </Panel>
  );
}
