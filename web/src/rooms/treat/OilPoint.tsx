import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { houseQuery, oilingQuery, useWords } from "../../api/queries";
import { named, type Named } from "../../api/named";
import { Button } from "../../ui/Button";
import { ChoiceField, FormProblem, TextField } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { PartInput } from "../../ui/PartInput";
import { Pick } from "../../ui/Pick";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";

/** One point by hand: its kind, what the house puts there, and why it is otherwise here. */
export function OilPoint({ job, at }: { job: JobView; at?: { part: string; point: Named } }) {
  const house = useQuery(houseQuery).data;
  const append = useAppend(job.tag);
  const { problem, field, submit } = useSubmit();
  const [part, setPart] = useState(at?.part ?? "");
  const [point, setPoint] = useState(at?.point.words ?? "");
  const [ownKind, setOwnKind] = useState<string>();
  const [ownLubricant, setOwnLubricant] = useState<string>();
  const [reason, setReason] = useState("");
  const advice = useQuery(oilingQuery(point === "" ? part : point, ownKind, ownLubricant)).data;
  if (house === undefined) return null;
  const kinds = house.lubrication.points;
  const kind = advice?.kind;
  const school = house.practice.school;
  const lubricant = advice?.lubricant ?? ownLubricant ?? "";
  const wordsFor = (id: string) => house.lubrication.lubricants.find((one) => one.id === id)?.label ?? "";
  const log = () =>
    submit(async () => {
      await append(
        [
          {
            kind: "lubricated",
            part,
            point: named(point === "" ? part : point, at?.point.words === point ? at.point.id : ""),
            pointKind: kind?.id ?? "",
            lubricant: named(wordsFor(lubricant), lubricant),
            reason,
          },
        ],
        { said: `Oiled: ${point || part}.` },
      );
      if (at === undefined) setPoint("");
      setReason("");
      setOwnKind(undefined);
      setOwnLubricant(undefined);
    });
  return (
    <FormProblem value={field}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void log();
        }}
      >
        <Panel
          title="Which point"
          note={`house practice: ${house.words.school?.find((one) => one.value === school)?.label}`}
        >
          <PartInput job={job} value={part} onChange={setPart} placeholder="retard train" />
          <NotRunDry job={job} part={part} />
          <div className="grid grid-cols-2 gap-3">
            <TextField
              label="Point"
              name="point"
              value={point}
              placeholder="pivots in the upper plate"
              onChange={(event) => setPoint(event.target.value)}
            />
            <ChoiceField
              label="Kind of point"
              empty="not in the table"
              value={kind?.id ?? ""}
              choices={kinds.map((one) => ({ value: one.id, label: one.label }))}
              onChange={(event) => {
                setOwnKind(event.target.value);
                setOwnLubricant(undefined);
              }}
            />
          </div>
        </Panel>
        <Panel title="With what">
          {kind !== undefined && (
            <p className="border-ready bg-ready-wash rounded-[3px] border-l-4 px-3 py-1.5">
              The house puts here: <b>{advice?.houseWords || "nothing is settled"}</b>.
              {kind.neverWhy !== "" && <span className="block text-[14px]">{kind.neverWhy}.</span>}
            </p>
          )}
          <Pick
            label="Lubricant"
            choices={house.lubrication.lubricants.map((one) => ({ value: one.id, label: one.label }))}
            value={lubricant}
            onChange={setOwnLubricant}
          />
          {advice?.objection !== undefined && (
            <TextField
              label={`${advice.objection.message} Why all the same?`}
              value={reason}
              placeholder="the escapement was bone dry"
              onChange={(event) => setReason(event.target.value)}
            />
          )}
        </Panel>
        {problem !== undefined && <ProblemNote problem={problem} />}
        <Button kind="primary" type="submit" className="self-start">
          Log the point
        </Button>
      </form>
    </FormProblem>
  );
}

/** Oil covers up what a dry run would tell: it is judged first. */
function NotRunDry({ job, part }: { job: JobView; part: string }) {
  const same = (name: string) => name.toLowerCase() === part.trim().toLowerCase();
  const { word } = useWords();
  if (!job.treat.cleaned.some((one) => same(one.what.part))) return null;
  const ran = Object.entries(job.treat.ranDry).find(([name]) => same(name))?.[1];
  if (ran === "FREE") return null;
  return (
    <p className="bg-mark-wash border-l-mark-line border-l-4 px-3 py-1.5">
      {ran === undefined
        ? "Not run dry since it was cleaned: judge that first, at Clean."
        : `It runs dry: ${word("dryRunResult", ran)}. Oil hides that for a while and cures nothing.`}
    </p>
  );
}
