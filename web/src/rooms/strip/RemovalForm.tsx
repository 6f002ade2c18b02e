import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { removed } from "../../api/entries";
import { guessQuery, knownQuery, linesQuery, useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField, Tick } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { Pick, PickMany } from "../../ui/Pick";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";
import { WellMark } from "../../ui/WellMark";
import { BeforeLift, metOf } from "./BeforeLift";
import { FastenerEditor, FRESH, type Fastener } from "../../ui/FastenerEditor";

type Removed = Schemas["Removed"];

interface Draft {
  part: string;
  side: Removed["side"];
  covers?: boolean;
  fasteners: Fastener[];
  setting: string;
  mark: string;
  markState: string;
  loose: string;
  looseCount: number;
  jointKind: string;
  jointDetail: string;
  hazards: Removed["hazards"];
  remark: string;
  state: string;
  within: string;
  stack: string;
}

const BLANK: Omit<Draft, "side"> = {
  part: "",
  fasteners: [],
  setting: "",
  mark: "",
  markState: "",
  loose: "",
  looseCount: 1,
  jointKind: "",
  jointDetail: "",
  hazards: [],
  remark: "",
  state: "",
  within: "",
  stack: "",
};

/** Takes a part off by form: everything the log line can say, with buttons. */
export function RemovalForm({
  job,
  wells,
  setWells,
  before,
  onDone,
}: {
  job: JobView;
  wells: string[];
  setWells: (wells: string[]) => void;
  before?: string;
  onDone: () => void;
}) {
  const usual = job.parts.at(-1)?.removed.side ?? "TOP";
  const [draft, setDraft] = useState<Draft>({ ...BLANK, side: usual });
  const [round, setRound] = useState(0);
  const { choices } = useWords();
  const append = useAppend(job.tag);
  const { problem, field, busy, submit } = useSubmit();
  const guess = useQuery(guessQuery(draft.part)).data;
  const known = useQuery(knownQuery(job.tag, job.lastSequence)).data;
  const met = metOf(known, draft.part);
  const change = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
  const covers = draft.covers ?? guess?.covers ?? false;
  const anchor = useQuery({ ...linesQuery(job.tag), enabled: before !== undefined }).data?.find(
    (line) => line.id === before,
  );

  const take = () =>
    submit(async () => {
      await append([entry(draft, covers, wells)], { said: `Taken off: ${draft.part}.`, before });
      setDraft({ ...BLANK, side: draft.side });
      setRound(round + 1);
      onDone();
    });

  return (
    <FormProblem value={field}>
      <form
        key={round}
        className="flex flex-col gap-3"
        aria-label="Take a part off"
        onSubmit={(event) => {
          event.preventDefault();
          void take();
        }}
      >
        <Panel title="Take a part off" note={before === undefined ? "or type it below" : undefined}>
          {anchor !== undefined && (
            <p className="bg-mark-wash text-mark rounded-[3px] px-2 py-1">
              It came off before line {anchor.sequence}: {anchor.words}.
            </p>
          )}
          <div className="grid grid-cols-[1fr_auto_auto] items-end gap-3">
            <TextField
              label="Part"
              name="part"
              required
              value={draft.part}
              placeholder="front plate"
              onChange={(event) => change({ part: event.target.value, covers: undefined })}
            />
            <Tick
              label="Covers"
              checked={covers}
              onChange={(event) => change({ covers: event.target.checked })}
            />
            <Button kind="primary" type="submit" disabled={busy}>
              Take off
            </Button>
          </div>
          {problem !== undefined && <ProblemNote problem={problem} />}
          {wells.length > 0 && (
            <p className="flex items-center gap-1.5">
              Its pieces go into{" "}
              {wells.map((well) => (
                <WellMark key={well} name={well} />
              ))}
              <Button kind="quiet" onClick={() => setWells([])}>
                none
              </Button>
            </p>
          )}
          {known !== undefined && met !== undefined && <BeforeLift job={job} known={known} met={met} />}
          <Pick
            label="Side"
            small
            choices={choices("side")}
            value={draft.side}
            onChange={(side) => change({ side: side as Removed["side"] })}
          />
        </Panel>
        <Panel title="What held it">
          {draft.fasteners.map((fastener, index) => (
            <FastenerEditor
              key={index}
              fastener={fastener}
              onChange={(next) =>
                change({ fasteners: draft.fasteners.map((one, at) => (at === index ? next : one)) })
              }
              onRemove={() => change({ fasteners: draft.fasteners.filter((_, at) => at !== index) })}
            />
          ))}
          <div className="flex flex-wrap items-end gap-2">
            <Button onClick={() => change({ fasteners: [...draft.fasteners, FRESH] })}>Add a fastener</Button>
            <Pick
              label="Other joint"
              small
              choices={[{ value: "NO", label: "no other joint" }, ...choices("jointKind")]}
              value={draft.jointKind === "" ? "NO" : draft.jointKind}
              onChange={(jointKind) => change({ jointKind: jointKind === "NO" ? "" : jointKind })}
            />
          </div>
          {draft.jointKind !== "" && (
            <TextField
              label="From where to where, which end"
              value={draft.jointDetail}
              onChange={(event) => change({ jointDetail: event.target.value })}
            />
          )}
        </Panel>
        <Panel title="How it lay">
          <div className="wide:grid-cols-2 grid gap-3">
            <TextField
              label="Its control stood at"
              placeholder="1/125, infinity"
              value={draft.setting}
              onChange={(event) => change({ setting: event.target.value })}
            />
            <div className="grid grid-cols-[1fr_110px] gap-2">
              <TextField
                label="Witness mark"
                placeholder="notch at red line"
                value={draft.mark}
                onChange={(event) => change({ mark: event.target.value })}
              />
              <TextField
                label="in the state"
                placeholder="cocked"
                value={draft.markState}
                onChange={(event) => change({ markState: event.target.value })}
              />
            </div>
            <div className="grid grid-cols-[1fr_76px] gap-2">
              <TextField
                label="Loose under it"
                placeholder="detent ball"
                value={draft.loose}
                onChange={(event) => change({ loose: event.target.value })}
              />
              <TextField
                label="how many"
                inputMode="numeric"
                defaultValue={draft.looseCount}
                onChange={(event) => change({ looseCount: Number(event.target.value) || 0 })}
              />
            </div>
            <TextField
              label="Remark"
              placeholder="tilt to the left to clear the lever"
              value={draft.remark}
              onChange={(event) => change({ remark: event.target.value })}
            />
          </div>
          <div className="wide:grid-cols-3 grid gap-3">
            <ChoiceField
              label="Comes off only"
              empty="in any state"
              value={draft.state}
              choices={choices("mechanismState")}
              onChange={(event) => change({ state: event.target.value })}
            />
            <ChoiceField
              label="Out of"
              empty="the camera itself"
              value={draft.within}
              choices={job.parts
                .filter((part) => part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT")
                .map((part) => ({ value: part.name, label: part.name }))}
              onChange={(event) => change({ within: event.target.value })}
            />
            <TextField
              label="Stack, outermost first"
              placeholder="1 hook up / 2 hook down"
              value={draft.stack}
              onChange={(event) => change({ stack: event.target.value })}
            />
          </div>
          <PickMany
            label="Beware"
            choices={choices("hazard")}
            value={draft.hazards}
            onChange={(hazards) => change({ hazards: hazards as Removed["hazards"] })}
          />
        </Panel>
      </form>
    </FormProblem>
  );
}

function entry(draft: Draft, covers: boolean, wells: string[]) {
  return removed(draft.part, {
    side: draft.side,
    covers,
    fasteners: draft.fasteners,
    joints:
      draft.jointKind === ""
        ? []
        : [{ kind: draft.jointKind as Schemas["Joint"]["kind"], detail: draft.jointDetail }],
    wells,
    setting: draft.setting,
    mark: draft.mark.trim() === "" ? undefined : { text: draft.mark, state: draft.markState },
    loose: draft.loose.trim() === "" ? [] : [{ name: draft.loose, count: draft.looseCount }],
    hazards: draft.hazards,
    remark: draft.remark,
    state: draft.state === "" ? undefined : (draft.state as Removed["state"]),
    within: draft.within === "" ? undefined : draft.within,
    stack: draft.stack
      .split("/")
      .map((one) => one.trim())
      .filter((one) => one !== ""),
  });
}
