import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Entry, Schemas } from "../../api/client";
import { modelQuery } from "../../api/queries";
import { useShopLog } from "../../hands/append";
import { Button } from "../../ui/Button";
import { FormProblem, TextField } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { ProblemNote } from "../../ui/ProblemNote";
import { useSubmit } from "../../ui/useSubmit";

type Sheet = Schemas["ModelSheet"];

/** What the maker says of a model's speeds: it goes before what the house allows. */
export function MakerSays({ maker, model, sheet }: { maker: string; model: string; sheet?: Sheet }) {
  const [editing, setEditing] = useState(false);
  return (
    <Panel title="What the maker says">
      {editing ? (
        <Edit maker={maker} model={model} sheet={sheet} done={() => setEditing(false)} />
      ) : (
        <>
          {sheet === undefined ? (
            <Empty>No service sheet is entered: what the house allows counts.</Empty>
          ) : (
            <Said sheet={sheet} />
          )}
          <Button className="self-start" onClick={() => setEditing(true)}>
            {sheet === undefined ? "Enter its sheet" : "Change"}
          </Button>
        </>
      )}
    </Panel>
  );
}

function Said({ sheet }: { sheet: Sheet }) {
  const { limits } = sheet;
  const means = Object.entries(sheet.meansSeconds);
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1 text-[14.5px]">
      <dt className="text-soft">Written in</dt>
      <dd>{sheet.source}</dd>
      {limits !== undefined && (
        <>
          <dt className="text-soft">Speeds</dt>
          <dd className="num">
            ±{limits.slowEv.toFixed(2)} EV to 1/125, ±{limits.fastEv.toFixed(2)} faster, scatter{" "}
            {limits.scatterEv.toFixed(2)}
          </dd>
          <dt className="text-soft">Taper</dt>
          <dd className="num">
            {limits.taperSlowEv.toFixed(2)} EV to 1/250, {limits.taperFastEv.toFixed(2)} faster
          </dd>
        </>
      )}
      {(sheet.leadingTravelMs !== undefined || sheet.trailingTravelMs !== undefined) && (
        <>
          <dt className="text-soft">Curtains</dt>
          <dd className="num">
            {sheet.leadingTravelMs ?? "–"} and {sheet.trailingTravelMs ?? "–"} ms
          </dd>
        </>
      )}
      {means.length > 0 && (
        <>
          <dt className="text-soft">Marked</dt>
          <dd className="num">{means.map(([speed, seconds]) => `${speed} = ${seconds} s`).join(", ")}</dd>
        </>
      )}
    </dl>
  );
}

const NUMBERS = [
  { name: "slowEv", label: "± EV to 1/125" },
  { name: "fastEv", label: "± EV faster" },
  { name: "scatterEv", label: "Scatter, EV" },
  { name: "taperSlowEv", label: "Taper to 1/250" },
  { name: "taperFastEv", label: "Taper faster" },
  { name: "leadingTravelMs", label: "Leading, ms" },
  { name: "trailingTravelMs", label: "Trailing, ms" },
] as const;

type Typed = Record<(typeof NUMBERS)[number]["name"] | "source" | "means", string>;

function Edit({
  maker,
  model,
  sheet,
  done,
}: {
  maker: string;
  model: string;
  sheet?: Sheet;
  done: () => void;
}) {
  const say = useShopLog("knowledge");
  const basedOn = useQuery(modelQuery(maker, model)).data?.lastSequence;
  const { problem, field, submit } = useSubmit();
  const text = (value?: number) => (value === undefined ? "" : String(value));
  const [typed, setTyped] = useState<Typed>({
    source: sheet?.source ?? "",
    slowEv: text(sheet?.limits?.slowEv),
    fastEv: text(sheet?.limits?.fastEv),
    scatterEv: text(sheet?.limits?.scatterEv),
    taperSlowEv: text(sheet?.limits?.taperSlowEv),
    taperFastEv: text(sheet?.limits?.taperFastEv),
    leadingTravelMs: text(sheet?.leadingTravelMs),
    trailingTravelMs: text(sheet?.trailingTravelMs),
    means: Object.entries(sheet?.meansSeconds ?? {})
      .map(([speed, seconds]) => `${speed} = ${seconds}`)
      .join(", "),
  });
  const set = (name: keyof Typed, value: string) => setTyped({ ...typed, [name]: value });
  const keep = (entry: Entry, said: string) =>
    submit(async () => {
      await say([entry], said, basedOn);
      done();
    });
  const body = (): Sheet => {
    const number = (name: (typeof NUMBERS)[number]["name"]) =>
      typed[name].trim() === "" ? undefined : Number(typed[name].replace(",", "."));
    const limits = {
      slowEv: number("slowEv"),
      fastEv: number("fastEv"),
      scatterEv: number("scatterEv"),
      taperSlowEv: number("taperSlowEv"),
      taperFastEv: number("taperFastEv"),
    };
    const anyLimit = Object.values(limits).some((one) => one !== undefined);
    return {
      maker,
      model,
      source: typed.source,
      limits: anyLimit ? (limits as Schemas["SpeedLimits"]) : undefined,
      meansSeconds: readMeans(typed.means),
      leadingTravelMs: number("leadingTravelMs"),
      trailingTravelMs: number("trailingTravelMs"),
    };
  };
  return (
    <FormProblem value={field}>
      <form
        className="flex flex-col gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void keep({ kind: "sheetKept", sheet: body() }, "The maker's sheet counts now.");
        }}
      >
        <TextField
          label="Written in"
          name="source"
          placeholder="service sheet 12"
          value={typed.source}
          onChange={(event) => set("source", event.target.value)}
        />
        <div className="grid grid-cols-2 gap-2">
          {NUMBERS.map((one) => (
            <TextField
              key={one.name}
              label={one.label}
              name={one.name}
              inputMode="decimal"
              className="num"
              value={typed[one.name]}
              onChange={(event) => set(one.name, event.target.value)}
            />
          ))}
        </div>
        <TextField
          label="Marked speeds that mean something else, in seconds"
          name="means"
          className="num"
          placeholder="1/60 = 0.0167, 1/300 = 0.0033"
          value={typed.means}
          onChange={(event) => set("means", event.target.value)}
        />
        <div className="flex flex-wrap gap-2">
          <Button kind="primary" type="submit">
            So it says
          </Button>
          {sheet !== undefined && (
            <Button
              onClick={() =>
                void keep({ kind: "sheetTakenBack", maker, model }, "What the house allows counts again.")
              }
            >
              Take the sheet away
            </Button>
          )}
          <Button kind="quiet" onClick={done}>
            Not
          </Button>
        </div>
        {problem !== undefined && field?.field === "" && <ProblemNote problem={problem} />}
      </form>
    </FormProblem>
  );
}

/** "1/60 = 0.0167" by pieces; what has no number is sent as none, so that it is said. */
export function readMeans(text: string): Record<string, number> {
  const pieces = text.split(/[;,](?=\s|$)/).filter((piece) => piece.trim() !== "");
  return Object.fromEntries(
    pieces.map((piece) => {
      const [speed = "", seconds = ""] = piece.split("=").map((one) => one.trim());
      return [speed, Number(seconds.replace(",", ".").replace(/\s*s$/, ""))];
    }),
  );
}
