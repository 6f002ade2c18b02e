import type { ReactNode } from "react";
import type { JobView, PartView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { FastenerDrawing, LooseDrawing } from "../../ui/FastenerDrawing";
import { partNamed } from "./partNamed";
import { Axis, Slab } from "./Slab";
import { texts } from "./words";

type Neighbour = Schemas["Neighbour"];

const DRAWN_AT_MOST = 4;

/**
 * A part lifted apart from its neighbours along the line it came off: what is over it, what holds it, the part with its
 * setting and mark, what lies loose under it, and what is below. Drawn from what was logged, so it is there without any
 * picture; neighbours that nobody stated are named as what came off before and after.
 */
export function Exploded({ job, part, point }: { job: JobView; part: PartView; point?: string }) {
  const { word } = useWords();
  const { outward, inward } = part.neighbours;
  const off = part.removed;
  const facts = [
    off.setting === "" ? "" : texts.wasAt(off.setting),
    off.mark === undefined ? "" : texts.mark(off.mark.text),
    ...off.joints.map((joint) => `${word("jointKind", joint.kind)} ${joint.detail}`.trim()),
  ].filter((fact) => fact !== "");
  return (
    <ol aria-label={texts.exploded(part.name)} className="flex flex-col">
      {outward !== undefined && (
        <Ghost job={job} neighbour={outward} words={outward.known ? texts.liesOver : texts.offJustBefore} />
      )}
      {part.fasteners.map((one) => (
        <Layer
          key={one.type}
          drawing={
            <OnAxis height={46}>
              {Array.from({ length: Math.min(one.fastener.count, DRAWN_AT_MOST) }, (_, index) => (
                <span key={index} className="grid h-11 w-6 place-items-center">
                  <span className="rotate-90">
                    <FastenerDrawing fastener={one.fastener} scale={5} />
                  </span>
                </span>
              ))}
            </OnAxis>
          }
        >
          {texts.times(one.fastener.count, one.type)}
        </Layer>
      ))}
      <Layer drawing={<Slab name={part.name} />}>
        <b className="block text-[16px] leading-5">{part.name}</b>
        {facts.map((fact) => (
          <span key={fact} className="bg-mark-wash text-mark mr-1 inline-block rounded-[3px] px-1.5">
            {fact}
          </span>
        ))}
        {point !== undefined && (
          <span className="text-ready flex items-center gap-1 font-bold">
            <Drop />
            {texts.pointHere(point)}
          </span>
        )}
      </Layer>
      {off.loose.map((loose) => (
        <Layer
          key={loose.name}
          drawing={
            <OnAxis height={24}>
              <LooseDrawing name={loose.name} />
            </OnAxis>
          }
        >
          {texts.times(loose.count, loose.name)}
        </Layer>
      ))}
      {inward !== undefined && (
        <Ghost job={job} neighbour={inward} words={inward.known ? texts.liesUnder : texts.offJustAfter} />
      )}
    </ol>
  );
}

function Ghost({ job, neighbour, words }: { job: JobView; neighbour: Neighbour; words: string }) {
  const answer = partNamed(job, neighbour.part)?.answer.kind;
  const state = answer === "BACK" ? texts.backOn : answer === "LEFT_OUT" ? texts.leftOut : texts.stillOut;
  return (
    <Layer drawing={<Slab name={neighbour.part} ghost />}>
      <span className="block">{neighbour.part}</span>
      <span className="text-soft block text-[13px]">
        {words} · {state}
      </span>
    </Layer>
  );
}

function Layer({ drawing, children }: { drawing: ReactNode; children: ReactNode }) {
  return (
    <li className="flex items-center gap-3">
      {drawing}
      <span className="min-w-0 flex-1 text-[14px] leading-5 break-words">{children}</span>
    </li>
  );
}

/** Small things strung along the centre line. */
function OnAxis({ height, children }: { height: number; children: ReactNode }) {
  return (
    <span className="relative flex justify-center">
      <Axis height={height} />
      <span className="absolute inset-0 flex items-center justify-center gap-1.5">{children}</span>
    </span>
  );
}

function Drop() {
  return (
    <svg width="13" height="16" viewBox="0 0 13 16" aria-hidden="true" className="shrink-0">
      <path
        d="M6.5 1C9 5 11.6 7.4 11.6 10.4a5.1 5.1 0 0 1-10.2 0C1.4 7.4 4 5 6.5 1Z"
        className="fill-ready"
      />
    </svg>
  );
}
