import { useState } from "react";
import { Link } from "react-router";
import { useAppend } from "../../api/append";
import type { JobView, PartView } from "../../api/client";
import { useNow } from "../../api/clock";
import { useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { exact } from "../../ui/dates";
import { FastenerDrawing } from "../../ui/FastenerDrawing";
import { ChoiceField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { WellMark } from "../../ui/WellMark";
import { PicturesOf } from "../album/PicturesOf";
import { BackRow } from "../../valley/PartRow";

/** Everything known of one part that came off, and what lies over it. */
export function PartDetail({ job, part, onClose }: { job: JobView; part: PartView; onClose: () => void }) {
  const { word } = useWords();
  const now = useNow(30_000);
  const off = part.removed;
  const facts: [string, React.ReactNode][] = [
    ["From", word("side", off.side) + (off.covers ? ", covers what is under it" : "")],
    [
      "Off",
      `${exact(part.removedAt)}, ${part.removedBy}${part.timesOff > 1 ? `, for the ${part.timesOff}. time` : ""}`,
    ],
    ...(off.setting === "" ? [] : [["Stood at", off.setting] as [string, string]]),
    ...(off.mark === undefined
      ? []
      : [
          ["Mark", off.mark.text + (off.mark.state === "" ? "" : `, when ${off.mark.state}`)] as [
            string,
            string,
          ],
        ]),
    ...(off.state === undefined ? [] : [["Came off", word("mechanismState", off.state)] as [string, string]]),
    ...(off.within === undefined ? [] : [["Out of", off.within] as [string, string]]),
    ...(off.stack.length === 0
      ? []
      : [["Stack", <StackOf key="stack" pieces={off.stack} />] as [string, React.ReactNode]]),
    ...off.joints.map((joint): [string, string] => [
      "Joint",
      `${word("jointKind", joint.kind)} ${joint.detail}`,
    ]),
    ...off.loose.map((loose): [string, string] => ["Loose", `${loose.count} × ${loose.name}`]),
    ...(off.hazards.length === 0
      ? []
      : [["Beware", off.hazards.map((hazard) => word("hazard", hazard)).join(", ")] as [string, string]]),
    ...(off.remark === "" ? [] : [["Remark", off.remark] as [string, string]]),
    ...part.lost.map((piece): [string, string] => ["Lost", `${piece.count} × ${piece.what}`]),
  ];
  return (
    <div className="flex flex-col gap-4">
      <Panel
        title={part.name}
        note={
          <Button kind="quiet" onClick={onClose}>
            Take another part off
          </Button>
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
        {off.wells.length > 0 && (
          <p className="flex items-center gap-2">
            Lies in{" "}
            {off.wells.map((well) => (
              <WellMark key={well} name={well} />
            ))}
          </p>
        )}
        <PicturesOf job={job} part={part} />
        <Link
          to={`/camera/${job.tag}/refit?part=${encodeURIComponent(part.name)}`}
          className="block h-[52px] max-w-[420px]"
        >
          <BackRow part={part} compact={false} now={now} />
        </Link>
      </Panel>
      <Edges job={job} part={part} />
    </div>
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

/** What lies over this part and under it; edges are added and taken away here. */
function Edges({ job, part }: { job: JobView; part: PartView }) {
  const append = useAppend(job.tag);
  const { problem, submit } = useSubmit();
  const [other, setOther] = useState("");
  const under = job.parts.filter((one) => one.over.includes(part.name)).map((one) => one.name);
  const free = job.parts
    .map((one) => one.name)
    .filter((name) => name !== part.name && !under.includes(name) && !part.over.includes(name));
  const set = (over: string, below: string, present: boolean) =>
    submit(async () => {
      await append([{ kind: "edgeSet", over, under: below, present }], {
        said: present ? `${over} lies over ${below}.` : `${over} does not lie over ${below}.`,
      });
      setOther("");
    });
  return (
    <Panel title="What lies over what" note="decides the way back">
      <EdgeList
        title="Over it"
        names={part.over}
        remove={(name) => set(name, part.name, false)}
        empty="Nothing: it may come off first."
      />
      <EdgeList
        title="Under it"
        names={under}
        remove={(name) => set(part.name, name, false)}
        empty="Nothing: it may go on at any time."
      />
      {free.length > 0 && (
        <div className="flex flex-wrap items-end gap-2">
          <ChoiceField
            label="Another part"
            wrap="w-56"
            empty="choose…"
            value={other}
            choices={free.map((name) => ({ value: name, label: name }))}
            onChange={(event) => setOther(event.target.value)}
          />
          <Button disabled={other === ""} onClick={() => void set(other, part.name, true)}>
            lies over it
          </Button>
          <Button disabled={other === ""} onClick={() => void set(part.name, other, true)}>
            lies under it
          </Button>
        </div>
      )}
      {problem !== undefined && <ProblemNote problem={problem} />}
    </Panel>
  );
}

function EdgeList({
  title,
  names,
  remove,
  empty,
}: {
  title: string;
  names: string[];
  remove: (name: string) => void;
  empty: string;
}) {
  return (
    <div className="grid grid-cols-[96px_1fr] items-center gap-x-3">
      <span className="text-soft">{title}</span>
      <span className="flex flex-wrap items-center gap-1.5">
        {names.length === 0 && <span className="text-soft">{empty}</span>}
        {names.map((name) => (
          <span
            key={name}
            className="border-line bg-sheet inline-flex items-center rounded-[4px] border pl-2.5"
          >
            {name}
            <button
              type="button"
              onClick={() => remove(name)}
              aria-label={`${name} does not lie there`}
              className="text-soft hover:text-stop min-h-11 min-w-11"
            >
              ✕
            </button>
          </span>
        ))}
      </span>
    </div>
  );
}
