import type { Schemas } from "../../api/client";
import { StateMark, type Mark } from "../../ui/State";
import { texts } from "./words";

type Part = Schemas["DonorPart"];

export const PART_MARK: Record<Part["state"], Mark> = {
  THERE: "done",
  TAKEN: "left",
  BROKEN: "not",
  MISSING: "open",
};

const SHOWN = 14;

/** What is left in a body at one look: a dot for what is there, a cross for what is broken, a ring for what was missing. */
export function PartsLeft({ parts }: { parts: Part[] }) {
  const there = parts.filter((one) => one.state === "THERE").length;
  return (
    <span className="flex flex-wrap items-center gap-x-2.5 gap-y-0.5 text-[13.5px]">
      <b className="num text-[15px]">{texts.ofIt(there, parts.length)}</b>
      {parts.slice(0, SHOWN).map((one) => (
        <span
          key={one.part.name}
          className={`inline-flex items-center gap-1 ${one.state === "THERE" ? "" : "text-soft line-through"}`}
        >
          <StateMark mark={PART_MARK[one.state]} />
          {one.part.name}
        </span>
      ))}
      {parts.length > SHOWN && <span className="text-soft">{texts.andMore(parts.length - SHOWN)}</span>}
    </span>
  );
}
