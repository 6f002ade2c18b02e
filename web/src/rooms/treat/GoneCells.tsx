import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { meterCellsQuery, type CellsAsked } from "../../api/queries";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { ChoiceField, TextField } from "../../ui/Field";
import { figureOf, figure } from "../../ui/figures";
import { Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { texts } from "./words";

const CIRCUITS = [
  { value: "needle", label: texts.directTheNeedleDependsOn },
  { value: "bridge", label: texts.bridgeTheVoltageDoesNot },
  { value: "measured", label: texts.measuredHereAtTwoVoltages },
];

const READINGS = [
  { name: "volts", label: texts.atVoltageV, hint: "1.35" },
  { name: "readingEv", label: texts.readingEv, hint: "12" },
  { name: "otherVolts", label: texts.atSecondVoltageV, hint: "1.55" },
  { name: "otherReadingEv", label: texts.readingEv, hint: "12.3" },
] as const;

/** Which cell to put in where the meter's own is no longer made: what each would do to the reading. */
export function GoneCells({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const [madeFor, setMadeFor] = useState("1.35");
  const [circuit, setCircuit] = useState("needle");
  const [typed, setTyped] = useState<Record<string, string>>({});
  const complete = circuit !== "measured" || READINGS.every(({ name }) => (typed[name] ?? "").trim() !== "");
  const asked: CellsAsked = {
    madeFor: figureOf(madeFor) || 0,
    circuit,
    ...(circuit === "measured"
      ? Object.fromEntries(READINGS.map(({ name }) => [name, figureOf(typed[name] ?? "")]))
      : {}),
  };
  const { data, error } = useQuery({ ...meterCellsQuery(asked), enabled: complete });
  const use = (one: Schemas["CellOutlook"]) =>
    orSay(
      append([{ kind: "batteryChosen", cell: `${one.cell.label}${dial(one.thirds)}` }], {
        said: texts.itIsOnTheReturn,
      }),
    );
  const chosen = job.handover.battery;
  return (
    <Panel title={texts.meterCell} note={chosen === undefined ? undefined : texts.chosen(chosen)}>
      <div className="grid grid-cols-[92px_1fr] gap-2">
        <TextField
          label={texts.designedForV}
          inputMode="decimal"
          value={madeFor}
          onChange={(event) => setMadeFor(event.target.value)}
        />
        <ChoiceField
          label={texts.circuit}
          value={circuit}
          choices={CIRCUITS}
          onChange={(event) => setCircuit(event.target.value)}
        />
      </div>
      {circuit === "measured" && (
        <div className="grid grid-cols-4 gap-2">
          {READINGS.map(({ name, label, hint }) => (
            <TextField
              key={name}
              label={label}
              inputMode="decimal"
              placeholder={hint}
              value={typed[name] ?? ""}
              onChange={(event) => setTyped({ ...typed, [name]: event.target.value })}
            />
          ))}
        </div>
      )}
      {error !== null && complete && <ProblemNote problem={error} />}
      <ul>
        {data?.map((one) => (
          <li key={one.cell.id} className="border-line/70 flex items-center gap-2 border-b py-1.5">
            <span className="min-w-0 flex-1">
              <b>{one.cell.label}</b>
              <span className="text-soft block text-[13.5px]">
                {one.cell.note}
                {dial(one.thirds)}
              </span>
            </span>
            <span className="num text-right text-[14px] whitespace-nowrap">
              {texts.ev(figure(one.leftEv, 2))}
              <span className="text-soft block text-[12.5px]">
                {signed(one.freshEv)} … {signed(one.spentEv)}
              </span>
            </span>
            <Button onClick={() => use(one)} aria-label={texts.useThe(one.cell.label)}>
              {texts.use}
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

function signed(ev: number) {
  return `${ev < -0.004 ? "−" : "+"}${figure(Math.abs(ev), 2)}`;
}

function dial(thirds: number) {
  if (thirds === 0) return "";
  const whole = Math.abs(thirds);
  return texts.filmSpeedSet(whole === 3, whole, thirds < 0);
}
