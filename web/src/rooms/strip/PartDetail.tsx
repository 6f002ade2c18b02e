import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { JobView, PartView } from "../../api/client";
import { useNow } from "../../api/clock";
import { linesQuery, useWords } from "../../api/queries";
import { useAppend } from "../../hands/append";
import { orSay } from "../../hands/notices";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { exact } from "../../ui/dates";
import { BareChoice } from "../../ui/Field";
import { FastenerDrawing } from "../../ui/FastenerDrawing";
import { Panel } from "../../ui/Panel";
import { WellMark } from "../../ui/WellMark";
import { PartAtHand, Pieces } from "../part";
import { BackRow } from "../../valley/PartRow";
import { ChangeLine } from "../record";
import { Edges } from "./Edges";
import { texts } from "./words";

/** Everything known of one part that came off, and what lies over it. */
export function PartDetail({
  job,
  part,
  onClose,
  onMove,
  onLarge,
}: {
  job: JobView;
  part: PartView;
  onClose: () => void;
  /** Its pieces are to be put elsewhere. */
  onMove: () => void;
  /** Shows a picture of the part large beside. */
  onLarge?: (at: number) => void;
}) {
  const { word } = useWords();
  const now = useNow(30_000);
  const off = part.removed;
  const facts: [string, React.ReactNode][] = [
    [texts.fromWord, word("side", off.side) + (off.covers ? texts.liesOverThePartsAfterIt : "")],
    [
      texts.off,
      `${exact(part.removedAt)}, ${part.removedBy}${part.timesOff > 1 ? `, off ${part.timesOff} times so far` : ""}`,
    ],
    ...(off.setting === "" ? [] : [[texts.wasSetTo, off.setting] as [string, string]]),
    ...(off.mark === undefined
      ? []
      : [
          [texts.mark, off.mark.text + (off.mark.state === "" ? "" : texts.when(off.mark.state))] as [
            string,
            string,
          ],
        ]),
    ...part.marks.map((mark): [string, string] => [
      texts.mark,
      mark.text + (mark.state === "" ? "" : texts.when(mark.state)),
    ]),
    ...part.states.map((state): [string, string] => [texts.goesOnWhen, word("mechanismState", state)]),
    ...(off.state === undefined
      ? []
      : [[texts.cameOffWhen, word("mechanismState", off.state)] as [string, string]]),
    ...(off.within === undefined ? [] : [[texts.cameOutOf, off.within] as [string, string]]),
    ...(off.stack.length === 0
      ? []
      : [[texts.stack, <StackOf key="stack" pieces={off.stack} />] as [string, React.ReactNode]]),
    ...off.joints.map((joint): [string, string] => [
      texts.joint,
      `${word("jointKind", joint.kind)} ${joint.detail}`,
    ]),
    ...off.loose.map((loose): [string, string] => [texts.loose, `${loose.count} × ${loose.name}`]),
    ...(off.hazards.length === 0
      ? []
      : [
          [texts.cautionLabel, off.hazards.map((hazard) => word("hazard", hazard)).join(", ")] as [
            string,
            string,
          ],
        ]),
    ...(off.remark === "" ? [] : [[texts.remark, off.remark] as [string, string]]),
    ...part.lost.map((piece): [string, string] => [texts.lost, `${piece.count} × ${piece.what}`]),
    ...part.destroyed.map((piece): [string, string] => [texts.destroyed, `${piece.count} × ${piece.what}`]),
  ];
  return (
    <div className="flex flex-col gap-4">
      <Panel
        title={part.name}
        note={
          <span className="flex flex-wrap justify-end">
            <ChangeNoted job={job} part={part} />
            <Button kind="quiet" onClick={onClose}>
              {texts.takeAnotherPartOff}
            </Button>
          </span>
        }
      >
        <dl className="grid grid-cols-[96px_1fr] gap-x-3 gap-y-1">
          {facts.map(([name, value], index) => (
            <div key={index} className="contents">
              <dt className="text-soft">{name}</dt>
              <dd className="break-words">{value}</dd>
            </div>
          ))}
        </dl>
        {part.fasteners.length > 0 && (
          <ul className="flex flex-col gap-1">
            {part.fasteners.map((one) => (
              <li key={one.type} className="flex min-h-9 items-center gap-3">
                <span className="flex w-[76px] justify-end">
                  <FastenerDrawing fastener={one.fastener} scale={6} />
                </span>
                <span>
                  <b className="num">{one.fastener.count}</b> × {one.type}
                </span>
              </li>
            ))}
          </ul>
        )}
        {part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT" && (
          <MoreMarks job={job} part={part} />
        )}
        {part.answer.kind !== "BACK" && (
          <p className="flex items-center gap-2">
            {off.wells.length === 0 ? texts.inNoWell : texts.keptIn}{" "}
            {off.wells.map((well) => (
              <WellMark key={well} name={well} />
            ))}
            <Button kind="quiet" onClick={onMove}>
              {texts.moveIt}
            </Button>
          </p>
        )}
        <Link
          to={`/camera/${job.tag}/refit?part=${encodeURIComponent(part.name)}`}
          className="block h-[52px] max-w-[420px]"
        >
          <BackRow part={part} compact={false} now={now} />
        </Link>
      </Panel>
      <Pieces job={job} part={part.name} />
      <PartAtHand job={job} part={part} onLarge={onLarge} />
      <Edges job={job} part={part} />
    </div>
  );
}

/** Another mark of it, or another state in which it goes on. */
function MoreMarks({ job, part }: { job: JobView; part: PartView }) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const [doing, setDoing] = useState<"mark" | "state">();
  const [state, setState] = useState("COCKED");
  if (doing === undefined)
    return (
      <p className="flex flex-wrap">
        <Button kind="quiet" onClick={() => setDoing("mark")}>
          {texts.anotherMark}
        </Button>
        <Button kind="quiet" onClick={() => setDoing("state")}>
          {texts.anotherState}
        </Button>
      </p>
    );
  const close = () => setDoing(undefined);
  if (doing === "mark")
    return (
      <AddLine
        focus
        blanks={[
          { label: texts.witnessMark, hint: texts.notchAtRedLine },
          { label: texts.markHoldsWhen, hint: texts.cocked, optional: true },
        ]}
        onAdd={async (text, when) => {
          await append([{ kind: "alsoMarked", part: part.name, mark: { text: text!, state: when ?? "" } }], {
            said: texts.markNoted,
          });
          close();
        }}
        onCancel={close}
      />
    );
  return (
    <p className="flex flex-wrap items-end gap-2">
      <BareChoice
        label={texts.goesOnWhen}
        className="w-[170px]"
        value={state}
        choices={choices("mechanismState")}
        onChange={(event) => setState(event.target.value)}
      />
      <Button
        onClick={() =>
          orSay(
            append([{ kind: "alsoWants", part: part.name, state: state as "COCKED" }], {
              said: texts.stateNoted,
            }).then(close),
          )
        }
      >
        {texts.noteIt}
      </Button>
      <Button kind="quiet" onClick={close}>
        {texts.none}
      </Button>
    </p>
  );
}

/** What was noted when it came off, said otherwise. */
function ChangeNoted({ job, part }: { job: JobView; part: PartView }) {
  const [open, setOpen] = useState(false);
  const append = useAppend(job.tag);
  const lines = useQuery({ ...linesQuery(job.tag), enabled: open }).data;
  const line = lines?.find((one) => one.id === part.removalId);
  return (
    <>
      <Button kind="quiet" onClick={() => setOpen(true)}>
        {texts.changeWhatWasNoted}
      </Button>
      {open && line !== undefined && lines !== undefined && (
        <ChangeLine line={line} lines={lines} say={append} close={() => setOpen(false)} />
      )}
    </>
  );
}

/** An ordered stack, outermost first, each with which way up. */
function StackOf({ pieces }: { pieces: string[] }) {
  return (
    <ol className="list-inside list-decimal">
      {pieces.map((piece, index) => (
        <li key={index}>{piece}</li>
      ))}
    </ol>
  );
}
