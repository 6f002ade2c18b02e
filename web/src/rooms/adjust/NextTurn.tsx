import { useAppend } from "../../hands/append";
import type { Entry, JobView } from "../../api/client";
import { same, type Named } from "../../api/named";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { oddsWords } from "../../ui/Odds";
import { StateMark, type Mark } from "../../ui/State";
import type { AdjustView, Plan } from "./plan";
import { texts } from "./words";

const SAID: Record<Plan["verdict"], { words: string; mark: Mark; look: string }> = {
  NOTHING_CHOSEN: { words: texts.whatDoYouTurn, mark: "open", look: "border-l-line" },
  MEASURE_FIRST: { words: texts.measureFirst, mark: "wait", look: "border-l-mark-line" },
  TURN: { words: texts.turn, mark: "ready", look: "border-l-ready" },
  IN_TOLERANCE: { words: texts.stopItIsRight, mark: "done", look: "border-l-done" },
  BEST_COMPROMISE: { words: texts.stopItDoesNotGet, mark: "done", look: "border-l-done" },
  FIRE_MORE: { words: texts.measureOnceMoreWithoutTurning, mark: "wait", look: "border-l-mark-line" },
  NOT_AS_EXPECTED: { words: texts.itDoesNotRespond, mark: "not", look: "border-l-stop" },
};

/** What to do next, why, and what to mind before anything is let go. */
export function NextTurn({
  job,
  view,
  asked,
  onAsk,
}: {
  job: JobView;
  view: AdjustView;
  asked?: { adjuster: Named; at: number };
  onAsk: (adjuster: Named, at: number) => void;
}) {
  const append = useAppend(job.tag);
  const { plan } = view;
  const said = SAID[plan.verdict];
  const log = (turns: { adjuster: Named; by: number; words: string }[]) => {
    const entries: Entry[] = [
      ...view.introductions,
      ...turns.map((turn): Entry => ({
        kind: "turned",
        adjuster: turn.adjuster,
        unit: plan.chosen.find((one) => same(one.name, turn.adjuster))!.unit,
        by: turn.by,
        remark: "",
      })),
    ];
    orSay(
      append(entries, {
        said: texts.turned(turns.map((turn) => `${turn.adjuster.words} ${turn.words}`).join(", ")),
      }),
    );
  };
  return (
    <section
      aria-label={texts.next}
      className={`bg-sheet border-line flex flex-col gap-2 rounded-[6px] border border-l-[6px] px-4 py-3 ${said.look}`}
    >
      <div className={`grid gap-5 ${plan.turns.length > 0 ? "grid-cols-2" : ""}`}>
        <div className="flex gap-3">
          <span className="pt-1.5">
            <StateMark mark={said.mark} />
          </span>
          <div className="min-w-0 flex-1">
            <h2 className={plan.turns.length > 1 ? "text-[17.5px]" : "text-[21px]"}>
              {plan.verdict === "TURN"
                ? plan.turns.map((turn) => (
                    <span key={turn.adjuster.id} className="block">
                      {turn.adjuster.words} <span className="whitespace-nowrap">{turn.words}</span>
                    </span>
                  ))
                : said.words}
            </h2>
            <p className="text-soft">
              {plan.why}
              {plan.verdict === "TURN" && plan.probability > 0 && (
                <>
                  {" "}
                  {texts.chanceThatEverythingIsRight}{" "}
                  <b className="num text-ink">{oddsWords(plan.probability)}</b>.
                </>
              )}
            </p>
          </div>
        </div>
        <div className="flex flex-col gap-2">
          {plan.turns.map((turn) => (
            <Steps
              key={turn.adjuster.id}
              turn={turn}
              named={plan.turns.length > 1}
              caution={cautionOf(plan, turn.adjuster)}
            />
          ))}
        </div>
      </div>
      {plan.trialMinutes > 0 && (
        <p className="text-mark text-[14px]">
          {texts.eachTrialTakesAboutMin(plan.trialMinutes, view.history.length, view.history.length === 1)}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-2">
        {plan.verdict === "TURN" && (
          <Button kind="primary" onClick={() => log(plan.turns)}>
            {texts.logTheTurn}
          </Button>
        )}
        {plan.chosen.length > 0 && <ByHand view={view} asked={asked} onAsk={onAsk} onLog={log} />}
      </div>
    </section>
  );
}

function cautionOf(plan: Plan, adjuster: Named) {
  return plan.chosen.find((one) => same(one.name, adjuster))?.caution ?? "";
}

function Steps({ turn, named, caution }: { turn: Plan["turns"][number]; named: boolean; caution: string }) {
  return (
    <ol className="flex flex-col gap-0.5" aria-label={texts.howToTurn(turn.adjuster.words)}>
      {named && <li className="font-bold">{turn.adjuster.words}</li>}
      {turn.steps.map((step, index) => (
        <li key={step} className="flex gap-2">
          <span className="num text-soft w-4 text-right">{index + 1}</span>
          <span className={step === caution ? "text-stop font-bold" : ""}>
            {step === caution && texts.caution}
            {step}
          </span>
        </li>
      ))}
    </ol>
  );
}

/** Another turn than the one advised: a step either way, then log it. */
function ByHand({
  view,
  asked,
  onAsk,
  onLog,
}: {
  view: AdjustView;
  asked?: { adjuster: Named; at: number };
  onAsk: (adjuster: Named, at: number) => void;
  onLog: (turns: { adjuster: Named; by: number; words: string }[]) => void;
}) {
  const { plan } = view;
  const adjuster = asked?.adjuster ?? plan.chosen[0].name;
  const ranges = [
    ...plan.slices.map((slice) => ({ adjuster: slice.adjuster, at: slice.at, words: slice.words })),
    ...plan.brackets.map((one) => ({ adjuster: one.adjuster, at: one.at, words: one.words })),
  ];
  const range = ranges.find((one) => same(one.adjuster, adjuster));
  const turnsOf = (id: string) => view.offers.find((offer) => offer.what.name.id === id)?.turns ?? 0;
  const now = turnsOf(adjuster.id);
  if (range === undefined)
    return (
      <p className="text-soft text-[14px]">
        {texts.orTypeIt} <span className="num">{texts.turn18In(adjuster.words)}</span>
      </p>
    );
  const to = asked?.at ?? now;
  const place = nearest(range.at, to);
  const go = (by: number) => {
    const next = Math.max(0, Math.min(range.at.length - 1, place + by));
    onAsk(adjuster, range.at[next]);
  };
  return (
    <div
      className="flex flex-wrap items-center gap-1.5"
      role="group"
      aria-label={texts.aDifferentTurnOf(adjuster.words)}
    >
      {plan.chosen.length > 1 && (
        <select
          className="input w-auto"
          aria-label={texts.adjusterToTurn}
          value={adjuster.id}
          onChange={(event) =>
            onAsk(
              plan.chosen.find((one) => one.name.id === event.target.value)!.name,
              turnsOf(event.target.value),
            )
          }
        >
          {plan.chosen.map((one) => (
            <option key={one.name.id} value={one.name.id}>
              {one.name.words}
            </option>
          ))}
        </select>
      )}
      <Button onClick={() => go(-1)} aria-label={texts.aStepOut(adjuster.words)}>
        ◀
      </Button>
      <span className="num min-w-[104px] text-center text-[14.5px]" aria-live="polite">
        {range.words[place]}
      </span>
      <Button onClick={() => go(1)} aria-label={texts.aStepIn(adjuster.words)}>
        ▶
      </Button>
      {Math.abs(range.at[place] - now) > 1e-9 && (
        <Button
          onClick={() =>
            onLog([{ adjuster, by: range.at[place] - now, words: texts.toIt(range.words[place]) }])
          }
        >
          {texts.turnedToThere}
        </Button>
      )}
    </div>
  );
}

/** The place in a row of settings that lies nearest. */
export function nearest(at: number[], wanted: number): number {
  return at.reduce(
    (best, one, index) => (Math.abs(one - wanted) < Math.abs(at[best] - wanted) ? index : best),
    0,
  );
}

/** A setting without its unit, for the foot of a picture: "3/8 in", "2 back". */
export function bare(words: string): string {
  return words.replace(/ (turns?|detents?|teeth|tooth)/, "");
}
