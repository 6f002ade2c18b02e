import { useState } from "react";
import type { JobView, Schemas } from "../../../api/client";
import { useWords } from "../../../api/queries";
import { useAppend } from "../../../hands/append";
import { Button } from "../../../ui/Button";
import { ChoiceField, TextField } from "../../../ui/Field";
import { figure } from "../../../ui/figures";
import { useSubmit } from "../../../ui/useSubmit";
import { texts } from "./words";

type Seen = Schemas["FrameSeen"];

/** A test film: its frames, the counter, the gaps, and what is wrong with which frame. */
export function FilmForm({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const { refused, busy, submit } = useSubmit();
  const [frames, setFrames] = useState("12");
  const [counter, setCounter] = useState("");
  const [gaps, setGaps] = useState("");
  const [faults, setFaults] = useState<Seen[]>([]);
  const [frame, setFrame] = useState("");
  const [fault, setFault] = useState<Seen["fault"]>("OVERLAP");
  const [speed, setSpeed] = useState("");
  const kinds = choices("frameFault");
  const widths = gaps
    .trim()
    .split(/[\s;]+/)
    .filter((one) => one !== "")
    .map((one) => Number(one.replace(",", ".").replace("−", "-")));
  const whole = (typed: string) => /^\d{1,3}$/.test(typed.trim());
  const log = () =>
    append(
      [
        {
          kind: "filmDeveloped",
          frames: Number(frames),
          counter: whole(counter) ? Number(counter) : undefined,
          faults,
          gapsMm: widths,
          remark: "",
        },
      ],
      { said: texts.logged },
    ).then(() => setFaults([]));
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={texts.frames}
          inputMode="numeric"
          value={frames}
          onChange={(event) => setFrames(event.target.value)}
        />
        <TextField
          label={texts.counter}
          inputMode="numeric"
          value={counter}
          onChange={(event) => setCounter(event.target.value)}
        />
      </div>
      <TextField
        label={texts.gaps}
        placeholder={texts.gapsHint}
        className="num"
        value={gaps}
        onChange={(event) => setGaps(event.target.value)}
      />
      {faults.map((one, index) => (
        <p key={index} className="flex items-center gap-2 text-[14.5px]">
          <span className="flex-1">
            {texts.faultOf(one.frame, kinds.find((kind) => kind.value === one.fault)?.label ?? one.fault)}
            {one.speed === undefined || one.speed === "" ? "" : `, ${one.speed}`}
          </span>
          <Button
            kind="quiet"
            aria-label={texts.remove(one.frame)}
            onClick={() => setFaults(faults.filter((_, at) => at !== index))}
          >
            ✕
          </Button>
        </p>
      ))}
      <div className="grid grid-cols-[64px_minmax(0,1fr)_76px] items-end gap-2">
        <TextField
          label={texts.frame}
          inputMode="numeric"
          value={frame}
          onChange={(event) => setFrame(event.target.value)}
        />
        <ChoiceField
          label={texts.fault}
          value={fault}
          choices={kinds}
          onChange={(event) => setFault(event.target.value as Seen["fault"])}
        />
        <TextField label={texts.speed} value={speed} onChange={(event) => setSpeed(event.target.value)} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button
          disabled={!whole(frame)}
          onClick={() => {
            setFaults([...faults, { frame: Number(frame), fault, speed, remark: "" }]);
            setFrame("");
          }}
        >
          {texts.addFault}
        </Button>
        <Button
          kind="primary"
          disabled={busy || !whole(frames) || widths.some((one) => !Number.isFinite(one))}
          onClick={() => void submit(log)}
        >
          {texts.log}
        </Button>
      </div>
      {refused}
    </div>
  );
}

/** What a test film shows: how many frames are good, how even it was driven, and where each fault likely comes from. */
export function FilmShown({ film }: { film: Schemas["FilmReading"] }) {
  const { choices } = useWords();
  const kinds = choices("frameFault");
  const facts = [
    texts.good(film.good, film.frames),
    ...(film.counterOff === undefined ? [] : [texts.counterOff(film.counterOff)]),
    ...(film.gaps === undefined
      ? []
      : [
          texts.gapWords(figure(film.gaps.meanMm, 1), figure(film.gaps.spreadMm, 1)),
          ...(film.gaps.overlaps > 0 ? [texts.overlaps(film.gaps.overlaps)] : []),
          ...(film.gaps.trendMm > 0 ? [texts.gapTrend(figure(film.gaps.trendMm, 2))] : []),
        ]),
  ];
  return (
    <div className="flex flex-col gap-1 pb-3 pl-7 text-[14px]">
      <p>{facts.join(", ")}</p>
      {film.faults.map((one) => (
        <p key={one.fault}>
          <b>{kinds.find((kind) => kind.value === one.fault)?.label ?? one.fault}</b>{" "}
          <span className="text-soft">
            {texts.onFrames(one.frames.join(", "))}, {texts.spread[one.spread]}
          </span>
          <span className="block">
            {one.causes
              .slice(0, Math.max(1, one.fitting))
              .map((cause) => cause.label)
              .join("; ")}
          </span>
        </p>
      ))}
    </div>
  );
}
