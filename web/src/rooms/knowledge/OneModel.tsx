import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { modelQuery, useWords } from "../../api/queries";
import { minutesWords, spanMinutes } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { MakerSays } from "./MakerSays";
import { fastenerWords } from "../../ui/fastenerWords";
import { Truths } from "./Truths";
import { texts } from "./words";

type KnownPart = Schemas["KnownPart"];
type Way = Schemas["WayIn"];

/** One model: the ways in, its parts with what to beware of, and what was wrong with it. */
export function OneModel() {
  const [asked] = useSearchParams();
  const maker = asked.get("maker") ?? "";
  const model = asked.get("model") ?? "";
  const known = useQuery(modelQuery(maker, model)).data;
  const [target, setTarget] = useState<string>();
  if (known === undefined) return null;
  const { knowledge, ways, signs, sheet } = known;
  const way = ways.find((one) => one.target === target) ?? ways[0];
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-baseline gap-3 px-5 pt-4 pb-2">
        <h1 className="text-[22px]">
          {maker} {model}
        </h1>
        <span className="text-soft">{texts.learnedFromJobs(knowledge.jobs)}</span>
        <Link to="/known" className="ml-auto inline-flex min-h-11 items-center underline">
          {texts.allModels}
        </Link>
      </div>
      <div className="bay wide:grid-cols-[380px_minmax(0,1fr)_300px] grid min-h-0 flex-1 grid-cols-[300px_minmax(0,1fr)] gap-x-6 gap-y-5 overflow-y-auto px-5 pb-4">
        <Panel title={texts.waysIn} className="self-start">
          {way === undefined ? (
            <Empty>{texts.nothingInsideHasBeenReached}</Empty>
          ) : (
            <>
              <label className="text-soft flex flex-col gap-1 text-[13.5px]">
                {texts.toReach}
                <select
                  className="input text-[15.5px]"
                  value={way.target}
                  onChange={(event) => setTarget(event.target.value)}
                >
                  {ways.map((one) => (
                    <option key={one.target}>{one.target}</option>
                  ))}
                </select>
              </label>
              <WayDown way={way} />
            </>
          )}
        </Panel>
        <Panel
          title={texts.parts}
          note={texts.mostOftenMetFirst(knowledge.parts.length)}
          className="self-start"
        >
          <ul>
            {knowledge.parts.map((part) => (
              <PartMet key={part.name} part={part} jobs={knowledge.jobs} />
            ))}
          </ul>
        </Panel>
        <div className="flex flex-col gap-5 self-start">
          <Panel title={texts.confirmedCauses}>
            {knowledge.causes.length === 0 && <Empty>{texts.noCauseHasBeenConfirmed}</Empty>}
            <ul>
              {knowledge.causes.map((cause) => (
                <li key={cause.what.id} className="border-line/70 flex items-center gap-3 border-b py-1">
                  <span className="min-w-0 flex-1">{cause.what.words}</span>
                  <span aria-hidden="true" className="bg-sunk h-2.5 w-20 rounded-full">
                    <span
                      className="bg-ready block h-2.5 rounded-full"
                      style={{ width: `${(100 * cause.jobs) / knowledge.jobs}%` }}
                    />
                  </span>
                  <b className="num w-12 text-right">
                    {cause.jobs}/{knowledge.jobs}
                  </b>
                </li>
              ))}
            </ul>
          </Panel>
          <Responses taught={known.responses} />
          <Sayings title={texts.falseLeads} said={knowledge.falseLeads} />
          <LooksTook looks={knowledge.looks} />
          <MakerSays maker={maker} model={model} sheet={sheet} />
          <BothWays order={knowledge.orderInDoubt} />
          <Patterns signs={signs} />
          <Truths maker={maker} model={model} said={knowledge.ofTheModel} />
          <Sayings title={texts.betterLeftAlone} said={knowledge.leaveAlone}>
            {texts.typeItInTheLog}
          </Sayings>
          <Sayings title={texts.batteriesFound} said={knowledge.batteries} />
        </div>
      </div>
    </div>
  );
}

/** How its adjusters answered, for the smallest turn of each. */
function Responses({ taught }: { taught: Schemas["Taught"][] }) {
  if (taught.length === 0) return null;
  return (
    <Panel title={texts.whatTurningDoes} note={texts.perStepInward}>
      <ul>
        {taught.map((one) => (
          <li key={`${one.adjuster.id} ${one.result.id}`} className="border-line/70 flex gap-3 border-b py-1">
            <span className="min-w-0 flex-1">
              {one.adjuster.words}, {one.step} <span className="text-soft">→ {one.result.words}</span>
            </span>
            <span className="num whitespace-nowrap">
              {one.perStep < 0 ? "−" : "+"}
              {Math.abs(one.perStep).toFixed(2)} ± {one.sd.toFixed(2)}
            </span>
            <span className="num text-soft w-4 text-right" title={texts.camerasThatTaughtIt}>
              {one.cameras}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** What jobs say of the order of two parts where they contradict each other: both ways are shown, and none is followed. */
function BothWays({ order }: { order: Schemas["Evidence"][] }) {
  if (order.length === 0) return null;
  return (
    <Panel title={texts.orderInDoubt} note={texts.jobsDisagree}>
      <ul>
        {order.map((one) => (
          <li key={`${one.over}/${one.under}`} className="border-line/70 border-b py-1">
            {texts.liesOverInJobs(one.over, one.under, one.saidOver)}
            <span className="text-soft block">{texts.freeInJobs(one.saidFree + one.shownFree)}</span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** How long looks took on it. */
function LooksTook({ looks }: { looks: Schemas["LookMet"][] }) {
  if (looks.length === 0) return null;
  return (
    <Panel title={texts.looksMinutes}>
      <ul>
        {looks.map((one) => (
          <li key={one.look} className="border-line/70 flex gap-3 border-b py-1">
            <span className="min-w-0 flex-1">{one.words}</span>
            <span className="num whitespace-nowrap">{texts.min(Math.round(one.minutes))}</span>
            <span className="num text-soft w-4 text-right">{one.times}</span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** What was said of several jobs, with how many said it. */
function Sayings({
  title,
  said,
  children,
}: {
  title: string;
  said: Schemas["Tally"][];
  children?: React.ReactNode;
}) {
  if (said.length === 0 && children === undefined) return null;
  return (
    <Panel title={title}>
      {said.length === 0 && <Empty>{children}</Empty>}
      <ul>
        {said.map((one) => (
          <li key={one.what.id} className="border-line/70 flex gap-3 border-b py-1">
            <span className="min-w-0 flex-1">{one.what.words}</span>
            <span className="num text-soft">{one.jobs}</span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** What tells the patterns apart: serial numbers, and what the eye can see. */
function Patterns({ signs }: { signs: Schemas["PatternSigns"] }) {
  return (
    <Panel title={texts.patterns}>
      {signs.ranges.length === 0 && signs.features.length === 0 && (
        <Empty>{texts.noPatternsRecordedYetNote}</Empty>
      )}
      <ul>
        {signs.ranges.map((range) => (
          <li key={range.pattern} className="border-line/70 border-b py-1">
            <b>{range.pattern}</b>{" "}
            <span className="num text-[14px]">
              {range.lowest} – {range.highest}
            </span>
            <span className="text-soft block text-[13.5px]">
              {texts.seen(range.cameras, range.cameras === 1)}
              {signs.features
                .filter((one) => Object.keys(one.patterns).join() === range.pattern)
                .map((one) => `; ${one.text}`)
                .join("")}
            </span>
          </li>
        ))}
        {signs.features
          .filter((one) => Object.keys(one.patterns).length !== 1)
          .map((one) => (
            <li key={one.text} className="text-soft border-line/70 border-b py-1">
              {one.text}: {Object.keys(one.patterns).join(" and ") || texts.patternNotKnown}
            </li>
          ))}
      </ul>
    </Panel>
  );
}

function WayDown({ way }: { way: Way }) {
  const there = spanMinutes(way.there);
  const back = spanMinutes(way.back);
  return (
    <div className="flex flex-col gap-2">
      <p>
        {there > 0 ? (
          <>
            {texts.about} <b>{minutesWords(there)}</b> {texts.there}
            {back > 0 && (
              <>
                {" "}
                {texts.andWord} <b>{minutesWords(back)}</b> {texts.back}
              </>
            )}
            ,{" "}
          </>
        ) : (
          <>{texts.howLongItTakesIs} </>
        )}
        {texts.fromIt(way.jobs, way.jobs === 1)}
      </p>
      <ol className="flex flex-col gap-1">
        {way.steps.map(({ part, care, takes }, index) => (
          <li
            key={part}
            style={{ marginLeft: Math.min(index * 14, 84) }}
            className={`bg-sheet border-l-metal-dark border-line flex min-h-11 items-center gap-2 rounded-[4px] border border-l-4 px-2.5 ${index === way.steps.length - 1 ? "font-bold" : ""}`}
          >
            <span className="min-w-0 flex-1 truncate">{part}</span>
            {care && <span className="text-stop text-[13.5px] font-bold">{texts.care}</span>}
            <span className="text-soft text-[13.5px] font-normal">
              {spanMinutes(takes) > 0 && texts.minOf(spanMinutes(takes))}
            </span>
          </li>
        ))}
      </ol>
      {way.others.map((other) => (
        <p
          key={`${other.without.join()} ${other.instead.join()}`}
          className="border-line bg-sheet rounded-[4px] border px-2.5 py-1.5 text-[14.5px]"
        >
          <b>{texts.otherWays}</b> {texts.leftTheOn(other.jobs, other.jobs === 1, other.without.join(", "))}
          {other.instead.length > 0 && texts.andTookTheOffInstead(other.instead.join(", "))}.
        </p>
      ))}
    </div>
  );
}

function PartMet({ part, jobs }: { part: KnownPart; jobs: number }) {
  const { word } = useWords();
  const warnings = [
    ...part.held.hidden.map((one) => texts.hidden(one.count, fastenerWords(one))),
    ...part.beware.hazards.map((one) => word("hazard", one)),
    ...(part.beware.state === undefined ? [] : [texts.needs(word("mechanismState", part.beware.state))]),
    ...part.held.loose.map((one) => texts.loose(one)),
  ];
  return (
    <li className="border-line/70 grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)_54px] gap-3 border-b py-1.5">
      <span>
        <b className="block">{part.name}</b>
        <span className="text-soft text-[13.5px]">
          {word("side", part.lies.side)}
          {part.lies.covers && texts.aCover}
        </span>
      </span>
      <span className="text-[14.5px]">
        {part.held.fasteners.map((one) => `${one.count} × ${fastenerWords(one)}`).join(", ")}
        {warnings.length > 0 && <span className="text-stop block">{warnings.join("; ")}</span>}
        {part.checks.map((check) => (
          <span key={check.what.id} className="text-mark block">
            {texts.check(check.what.words)}
            {check.when.moment !== "BEFORE" && ` (${word("checkMoment", check.when.moment)})`}
          </span>
        ))}
        {part.beware.slips.map((slip) => (
          <span key={slip} className="text-stop block">
            {texts.wentWrong(slip)}
          </span>
        ))}
        {part.needless && <span className="text-soft block">{texts.rarelyTakenOffAndNothing}</span>}
        {part.beware.remarks[0] !== undefined && (
          <span className="text-soft block">“{part.beware.remarks[0]}”</span>
        )}
      </span>
      <span className="num text-soft text-right text-[14px]">
        {part.jobs}/{jobs}
      </span>
    </li>
  );
}
