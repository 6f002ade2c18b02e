import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { readMeter, useWords, wiringQuery } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { exact } from "../../ui/dates";
import { TextField } from "../../ui/Field";
import { figureOrSay } from "../../ui/figures";
import { Empty, Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { StateMark, type Mark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { CircuitDrawing } from "./CircuitDrawing";
import { texts } from "./words";

type Meter = "CONTINUITY" | "VOLTAGE" | "LOADED";

const MARKS: Record<Schemas["Meaning"]["verdict"], Mark> = { SOUND: "done", DOUBTFUL: "open", BAD: "not" };
const OWN = "own";
const UNIT: Record<Meter, string> = { CONTINUITY: "Ω", VOLTAGE: "V", LOADED: "V" };

/** Wiring: two points are touched, the meter reads, and the reading says something beside the others. */
export function Wiring({ job }: { job: JobView }) {
  const page = useQuery(wiringQuery(job.tag, job.lastSequence)).data;
  const { choices, word } = useWords();
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const [chosen, setChosen] = useState("");
  const [meter, setMeter] = useState<Meter>("CONTINUITY");
  const [red, setRed] = useState("");
  const [black, setBlack] = useState("");
  if (page === undefined) return null;
  const circuit =
    chosen === OWN ? undefined : (page.circuits.find((one) => one.id === chosen) ?? page.circuits[0]);
  const touch = (point: string) => {
    if (point === red) setRed("");
    else if (point === black) setBlack("");
    else if (red === "") setRed(point);
    else setBlack(point);
  };
  const log = async (value: number | undefined, instrument: string) => {
    await append([{ kind: "probed", meter, from: red, to: black, value, instrument, remark: "" }], {
      said: texts.readOf(word("probeKind", meter), value, UNIT[meter]),
    });
  };
  const fromStandIn = () =>
    submit(async () => {
      const shows = await readMeter(job.tag, {
        circuit: circuit?.id ?? "",
        kind: meter,
        from: red,
        to: black,
      });
      await log(shows.value, texts.standInMultimeter);
    });
  const ready = red.trim() !== "" && black.trim() !== "";
  return (
    <>
      <Panel title={texts.wiring} note={texts.touchTheRedPointThen}>
        <Pick
          small
          label={texts.circuit}
          choices={[
            ...page.circuits.map((one) => ({ value: one.id, label: one.words })),
            { value: OWN, label: texts.otherPoints },
          ]}
          value={circuit?.id ?? OWN}
          onChange={(next) => {
            setChosen(next);
            setRed("");
            setBlack("");
          }}
        />
        {circuit === undefined ? (
          <div className="grid max-w-[640px] grid-cols-2 gap-3">
            <TextField
              label={texts.redProbeAt}
              value={red}
              placeholder={texts.leafOfTheCell}
              onChange={(event) => setRed(event.target.value)}
            />
            <TextField
              label={texts.blackProbeAt}
              value={black}
              placeholder={texts.chassis}
              onChange={(event) => setBlack(event.target.value)}
            />
          </div>
        ) : (
          <CircuitDrawing circuit={circuit} red={red} black={black} onTouch={touch} />
        )}
        <Pick
          label={texts.theMeterIsSetTo}
          choices={choices("probeKind")}
          value={meter}
          onChange={(next) => setMeter(next as Meter)}
        />
        <div className="flex flex-wrap items-start gap-2">
          {circuit !== undefined && (
            <Button kind="primary" disabled={!ready} onClick={() => void fromStandIn()}>
              {texts.readTheMeter}
            </Button>
          )}
          <AddLine
            className="w-72"
            blanks={[{ label: texts.reading(UNIT[meter]), hint: texts.orTypeIt(UNIT[meter]) }]}
            action={texts.logTheReading}
            disabled={!ready}
            onAdd={(typed) => log(figureOrSay(typed), "")}
          />
          {meter === "CONTINUITY" && (
            <Button disabled={!ready} onClick={() => void submit(() => log(undefined, ""))}>
              {texts.openCircuit}
            </Button>
          )}
        </div>
        {refused}
      </Panel>
      <Panel title={texts.readSoFar} note={page.probed.length === 0 ? undefined : `${page.probed.length}`}>
        {page.probed.length === 0 && <Empty>{texts.startAtTheCellIts}</Empty>}
        <ul>
          {page.probed.map((one) => (
            <li
              key={one.id}
              className="border-line/70 grid grid-cols-[20px_minmax(0,4fr)_90px_minmax(0,6fr)_104px] items-center gap-3 border-b py-1.5"
            >
              <StateMark mark={MARKS[one.said.verdict]} />
              <span>
                {one.what.from} → {one.what.to}
                <span className="text-soft block text-[13.5px]">{word("probeKind", one.what.meter)}</span>
              </span>
              <b className="num text-right">
                {one.what.value === undefined
                  ? texts.openInline
                  : `${one.what.value} ${UNIT[one.what.meter]}`}
              </b>
              <span>{one.said.words}</span>
              <span className="text-soft text-right text-[13px]">{exact(one.at)}</span>
            </li>
          ))}
        </ul>
      </Panel>
    </>
  );
}
