import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { z } from "zod";
import { standsQuery, useWords } from "../../api/queries";
import type { Stand } from "../../api/stand";
import { useShopLog } from "../../hands/append";
import { Button } from "../../ui/Button";
import { ChoiceField, SaidOf, TextField } from "../../ui/Field";
import { as } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import { texts } from "./words";

/** The shop's shutter stands: what measures with which sensors, lamp and input. */
export function Stands() {
  const shown = useQuery(standsQuery).data;
  return shown === undefined ? null : (
    <Editor key={JSON.stringify(shown.stands)} stored={shown.stands} lastSequence={shown.lastSequence} />
  );
}

const STANDS = z.object({ stands: as<Stand[]>() });

function Editor({ stored, lastSequence }: { stored: Stand[]; lastSequence: number }) {
  const say = useShopLog("house");
  const form = useFormOf(
    STANDS,
    { stands: stored },
    ({ stands }) => say([{ kind: "standsSet", stands }], texts.standsSaved, lastSequence),
    "stands",
  );
  const stands = form.watch("stands");
  const [at, setAt] = useState(0);
  const stand = stands[Math.min(at, stands.length - 1)]!;
  const set = (next: Stand[], chosen: number) => {
    form.setValue("stands", next);
    setAt(chosen);
  };
  return (
    <SaidOf value={form.said}>
      <Panel title={texts.shutterStands}>
        {/* it stands in the form of the house, and a form cannot hold another */}
        <fieldset className="contents">
          <ChoiceField
            label={texts.stand}
            value={String(at)}
            choices={stands.map((one, index) => ({ value: String(index), label: one.name }))}
            onChange={(event) => setAt(Number(event.target.value))}
          />
          <OneStand
            key={at}
            stand={stand}
            onChange={(next) =>
              set(
                stands.map((one, index) => (index === at ? next : one)),
                at,
              )
            }
          />
          <div className="flex flex-wrap items-center gap-2">
            <Button onClick={(event) => void form.submit(event.currentTarget.closest("fieldset")?.elements)}>
              {texts.saveStands}
            </Button>
            <Button
              onClick={() => set([...stands, { ...stand, name: texts.another(stand.name) }], stands.length)}
            >
              {texts.addAStand}
            </Button>
            {stands.length > 1 && (
              <Button
                onClick={() =>
                  set(
                    stands.filter((_, index) => index !== at),
                    0,
                  )
                }
              >
                {texts.removeThisStand}
              </Button>
            )}
          </div>
          {form.refused}
        </fieldset>
      </Panel>
    </SaidOf>
  );
}

function OneStand({ stand, onChange }: { stand: Stand; onChange: (stand: Stand) => void }) {
  const { choices } = useWords();
  const { setup } = stand;
  const put = (part: Partial<Stand["setup"]>) => onChange({ ...stand, setup: { ...setup, ...part } });
  return (
    <>
      <div className="wide:grid-cols-3 grid grid-cols-2 gap-3">
        <TextField
          label={texts.nameLabel}
          name="stand"
          value={stand.name}
          onChange={(event) => onChange({ ...stand, name: event.target.value })}
        />
        <TextField
          label={texts.instrumentName}
          name="instrument"
          value={stand.instrument}
          onChange={(event) => onChange({ ...stand, instrument: event.target.value })}
        />
        <ChoiceField
          label={texts.measures}
          value={setup.kind}
          choices={choices("kind")}
          onChange={(event) => put({ kind: event.target.value as Stand["setup"]["kind"] })}
        />
        <ChoiceField
          label={texts.lamp}
          value={stand.lamp}
          choices={choices("lamp")}
          onChange={(event) => onChange({ ...stand, lamp: event.target.value as Stand["lamp"] })}
        />
        <ChoiceField
          label={texts.input}
          value={setup.coupling}
          choices={choices("coupling")}
          onChange={(event) => put({ coupling: event.target.value as Stand["setup"]["coupling"] })}
        />
        <NumberField
          label={texts.cutOffIfKnownHz}
          name="cutoffHz"
          value={setup.cutoffHz}
          onChange={(cutoffHz) => put({ cutoffHz })}
        />
      </div>
      {setup.kind === "FOCAL_PLANE" && (
        <>
          <NumberField
            label={texts.gateLengthAlongTheTravel}
            name="gateMm"
            value={setup.gateMm}
            onChange={(gateMm) => put({ gateMm })}
          />
          <SensorsField sensors={setup.sensors} onChange={(sensors) => put({ sensors })} />
        </>
      )}
    </>
  );
}

const numberOf = (text: string) => Number(text.replace(",", "."));

function NumberField({
  label,
  name,
  value,
  onChange,
}: {
  label: string;
  name: string;
  value?: number;
  onChange: (value: number | undefined) => void;
}) {
  return (
    <TextField
      label={label}
      name={name}
      inputMode="decimal"
      defaultValue={value === undefined ? "" : String(value)}
      onChange={(event) => {
        const text = event.target.value.trim();
        const number = numberOf(text);
        if (text === "" || Number.isFinite(number)) onChange(text === "" ? undefined : number);
      }}
    />
  );
}

/** Sensors as place and width, in the order of the channels: "2 x 1, 18 x 1, 34 x 1". */
function SensorsField({
  sensors,
  onChange,
}: {
  sensors: Stand["setup"]["sensors"];
  onChange: (sensors: Stand["setup"]["sensors"]) => void;
}) {
  const [typed, setTyped] = useState(
    sensors.map((sensor) => `${sensor.positionMm} x ${sensor.widthMm}`).join(", "),
  );
  const [wrong, setWrong] = useState(false);
  return (
    <TextField
      label={texts.sensorsInChannelOrderPosition}
      name="sensors"
      className="num"
      value={typed}
      aria-invalid={wrong || undefined}
      hint={wrong ? texts.writeEachAsPositionX : texts.measuredFromWhereTheLeading}
      onChange={(event) => {
        setTyped(event.target.value);
        const read = readSensors(event.target.value);
        setWrong(read === undefined);
        if (read !== undefined) onChange(read);
      }}
    />
  );
}

/** Undefined where it cannot be read. */
export function readSensors(text: string): Stand["setup"]["sensors"] | undefined {
  const pieces = text.split(/[;,](?=\s|$)/).filter((piece) => piece.trim() !== "");
  const read = pieces.map((piece) => /^\s*(-?[\d.,]+)\s*[x×]\s*([\d.,]+)\s*$/.exec(piece));
  if (read.some((match) => match === null)) return undefined;
  return read.map((match) => ({ positionMm: numberOf(match![1]!), widthMm: numberOf(match![2]!) }));
}
