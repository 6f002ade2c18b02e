import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { Entry, JobView, Schemas } from "../../api/client";
import { cleaningQuery, houseQuery } from "../../api/queries";
import { named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { useSigner } from "../../hands/signer";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { VERDICTS } from "./verdicts";
import { simply } from "./waits";
import { texts } from "./words";

type Way = Schemas["Way"];

const SHOWN = 6;

/** How a soil comes off a part as the camera stands now: with what, in which way, and what must come off first. */
export function Ways({
  job,
  part,
  soil,
  materials,
}: {
  job: JobView;
  part: string;
  soil: string;
  materials: string[];
}) {
  const { signer } = useSigner();
  const [all, setAll] = useState(false);
  const cleaning = useQuery(cleaningQuery(job.tag, job.lastSequence, part, soil, signer, materials)).data;
  if (cleaning === undefined) return null;
  const shown = all ? cleaning.ways : cleaning.ways.slice(0, SHOWN);
  return (
    <Panel title={texts.agentAndMethod} note={texts.gentlestFirstADataSheet}>
      <p>{cleaning.note}</p>
      {cleaning.near.length > 0 && (
        <p className="text-soft text-[14px]">
          {texts.nearItAndStillIn} {cleaning.near.map((one) => one.part).join(", ")}.
        </p>
      )}
      {cleaning.glass !== undefined && <Goes job={job} part={part} soil={soil} glass={cleaning.glass} />}
      {cleaning.hot.length > 0 && (
        <p className="bg-stop-wash text-stop border-l-stop border-l-4 px-3 py-1.5">
          {texts.hotInTheShopNow(cleaning.hot.join("; "))}
        </p>
      )}
      <ul className="flex flex-col">
        {shown.map((way) => (
          <OneWay
            key={`${way.agent} ${way.method}`}
            job={job}
            part={part}
            soil={soil}
            materials={cleaning.materials}
            way={way}
          />
        ))}
      </ul>
      {cleaning.ways.length > SHOWN && (
        <Button className="self-start" onClick={() => setAll(!all)}>
          {all ? texts.showOnlyTheGentlest : texts.showAll(cleaning.ways.length)}
        </Button>
      )}
    </Panel>
  );
}

/** Bright chips at the edge of a glass scatter light; they are touched up when it is clean. */
const EDGE = texts.edgeBlackeningTouchedUpInline;

/** How often this glass was gone over; after so many what is left is in the coating. */
function Goes({
  job,
  part,
  soil,
  glass,
}: {
  job: JobView;
  part: string;
  soil: string;
  glass: NonNullable<Schemas["Cleaning"]["glass"]>;
}) {
  const append = useAppend(job.tag);
  const label = useQuery(houseQuery).data?.soils.find((one) => one.id === soil)?.label ?? soil;
  const done = glass.passes >= glass.most;
  const permanent = () =>
    orSay(
      append(
        [
          {
            kind: "leftOpen",
            what: `${label}, ${part}`,
            why: texts.inTheCoatingPassesRemoved(glass.passes),
          },
        ],
        { said: texts.recordedAsPermanentItIs },
      ),
    );
  return (
    <div
      className={`flex items-center gap-3 border-l-4 px-3 py-1.5 ${done ? "border-l-stop bg-stop-wash" : "border-l-mark-line bg-mark-wash"}`}
    >
      <span className="min-w-0 flex-1">
        {done ? (
          <>
            <b className="text-stop">{texts.stopPasses(glass.passes)}</b> {texts.whatRemainsIsInThe}
          </>
        ) : (
          <>
            {texts.pass} <b className="num">{glass.passes + 1}</b> {texts.ofWord}{" "}
            <b className="num">{glass.most}</b>.
          </>
        )}
        {glass.bodyFirst && texts.bodyFirstThenGlassSo}
      </span>
      {done && <Button onClick={permanent}>{texts.leaveTheRest}</Button>}
      <Button
        onClick={() =>
          orSay(
            append([{ kind: "mended", part, what: EDGE, modification: false, agreed: "" }], {
              said: texts.edgeBlackeningTouchedUp,
            }),
          )
        }
      >
        {job.treat.mended.some((one) => one.what.part === part && one.what.what === EDGE)
          ? texts.blackenedAgain
          : texts.blackenedAChippedEdge}
      </Button>
    </div>
  );
}

function OneWay({
  job,
  part,
  soil,
  materials,
  way,
}: {
  job: JobView;
  part: string;
  soil: string;
  materials: string[];
  way: Way;
}) {
  const append = useAppend(job.tag);
  const cautions = useQuery(houseQuery).data?.cautions ?? [];
  const { refused, submit } = useSubmit();
  const [asking, setAsking] = useState<"wait" | "no wait">();
  const verdict = VERDICTS[way.verdict];
  const caution = cautions.find((one) => one.id === way.caution);
  const needsReason = way.verdict === "NO";
  const log = (wait: boolean, reason = "") =>
    submit(async () => {
      const entries: Entry[] = [
        ...(caution === undefined ? [] : [{ kind: "cautionShown" as const, caution: caution.id }]),
        {
          kind: "cleaned",
          part,
          agent: named(way.agentLabel, way.agent),
          materials,
          verdict: way.tableVerdict,
          reason,
          soil,
          method: way.method,
        },
        ...(wait ? [simply(texts.flashOff(way.agentLabel.toLowerCase()), way.flashOffMinutes, part)] : []),
      ];
      await append(entries, {
        said: texts.cleanedOf(part, way.agentLabel.toLowerCase(), way.methodLabel),
      });
      setAsking(undefined);
    });
  const press = (wait: boolean) =>
    caution !== undefined || needsReason ? setAsking(wait ? "wait" : "no wait") : void log(wait);
  return (
    <li className="border-line/70 flex flex-col gap-1.5 border-b py-1.5">
      <div className="grid grid-cols-[92px_minmax(0,1fr)_auto] items-center gap-3">
        <span className={`flex items-center gap-1.5 font-bold ${verdict.look}`}>
          <StateMark mark={verdict.mark} />
          {verdict.word}
        </span>
        <span className="min-w-0">
          <b>{way.agentLabel}</b>, {way.methodLabel}
          <span className="text-soft block text-[13.5px]">
            {way.how}
            {way.flammable && <span className="text-stop"> {texts.flammable}</span>}
          </span>
          {way.reasons.length > 0 && <span className="block text-[13.5px]">{way.reasons.join("; ")}</span>}
          {way.firstOff.length > 0 && (
            <b className="text-mark block text-[13.5px]">
              {texts.betterTakenOffFirst(way.firstOff.join(", "))}
            </b>
          )}
        </span>
        <span className="flex gap-1.5">
          <Button
            onClick={() => press(false)}
            aria-label={texts.cleanedWith(way.agentLabel, way.methodLabel)}
          >
            {needsReason ? texts.useAnyway : texts.logAsCleaned}
          </Button>
          {way.flashOffMinutes > 0 && !needsReason && (
            <Button about={`${way.agentLabel}, ${way.methodLabel}`} onClick={() => press(true)}>
              {texts.andWaitMin(way.flashOffMinutes)}
            </Button>
          )}
        </span>
      </div>
      {asking !== undefined && (
        <div className="bg-stop-wash border-l-stop flex flex-col gap-2 border-l-4 px-3 py-2">
          {caution !== undefined && (
            <p>
              <b>{caution.label}.</b> {caution.words}
            </p>
          )}
          <AddLine
            focus
            blanks={needsReason ? [{ label: texts.whyItIsRightHere }] : []}
            action={caution === undefined ? texts.logIt : texts.understoodLogIt}
            look="primary"
            onAdd={(reason = "") => log(asking === "wait", reason)}
            onCancel={() => setAsking(undefined)}
          />
        </div>
      )}
      {refused}
    </li>
  );
}
