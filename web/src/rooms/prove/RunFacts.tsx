import { figure } from "../../ui/figures";
import type { SpeedRow } from "../../api/client";
import { useWords } from "../../api/queries";
import { percentWords, stopsWords, timeWords } from "../../plots/ev";
import { verdictWords } from "../../plots/SpeedPlot";
import { texts } from "./words";

/** What the firings of one speed say, before and after, and what else was seen of it. */
export function RunFacts({ row }: { row: SpeedRow }) {
  const { word } = useWords();
  const runs = [
    ["before", row.before],
    ["after", row.after],
  ] as const;
  return (
    <table className="w-full text-[14px]">
      <caption className="text-soft pb-1 text-left">
        {texts.markedMeansAllowedEv(
          row.speed,
          timeWords(row.nominal.seconds),
          row.nominal.source.split(" (")[0],
          figure(row.allowed.ev, 2),
          row.allowed.source,
        )}
      </caption>
      <tbody>
        {runs.map(
          ([phase, run]) =>
            run !== undefined && (
              <tr key={phase} className="border-line/70 border-t align-top">
                <th scope="row" className="py-1 pr-2 text-left font-bold">
                  {phase}
                </th>
                <td className="py-1">
                  <span className="num">
                    {texts.errorWithPercent(stopsWords(run.bias.ev), percentWords(run.bias.percent))}
                    {run.scatter.ev !== undefined && texts.scatter(figure(run.scatter.ev, 2))}
                  </span>
                  <span className="block">
                    {verdictWords(run)}
                    {run.simulated && <b className="text-mark"> ({texts.simulated})</b>}
                    {run.scatter.tooWide && texts.scatterTooWide}
                  </span>
                  <span className="num text-soft block text-[13px] break-words">
                    {run.seconds.map(timeWords).join("  ")}
                  </span>
                  {run.hung.length > 0 && (
                    <span className="text-stop block text-[13px]">
                      {texts.hungUpNotCounted}{" "}
                      <span className="num">{run.hung.map(timeWords).join("  ")}</span>
                    </span>
                  )}
                </td>
              </tr>
            ),
        )}
        {row.change !== undefined && (
          <tr className="border-line/70 border-t align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              {texts.change}
            </th>
            <td className="num py-1">
              {texts.evFromTo(
                stopsWords(row.change.byEv),
                stopsWords(row.change.lowEv),
                stopsWords(row.change.highEv),
              )}
            </td>
          </tr>
        )}
        {row.firstAfterRest !== undefined && (
          <tr className="border-line/70 border-t align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              {texts.afterARest}
            </th>
            <td className="py-1">
              <span className="num">{texts.evAtTheFirstFiring(stopsWords(row.firstAfterRest.effectEv))}</span>
              <span
                className={`block ${row.firstAfterRest.chance < 0.05 ? "text-stop font-bold" : "text-soft"}`}
              >
                {row.firstAfterRest.chance < 0.05
                  ? texts.restingAffectsIt
                  : texts.noMoreThanChanceSo(row.firstAfterRest.rests < 5)}
              </span>
            </td>
          </tr>
        )}
        {row.guesses
          .filter((guess) => guess.measuredEv !== undefined)
          .map((guess) => (
            <tr key={guess.at} className="border-line/70 border-t align-top">
              <th scope="row" className="py-1 pr-2 text-left font-bold">
                {texts.byEarInline}
              </th>
              <td className="py-1">
                {texts.saidOf(guess.by, guess.said)}{" "}
                <span className="num">{texts.measuredEv(stopsWords(guess.measuredEv!))}</span>
              </td>
            </tr>
          ))}
        {row.attitudes.map((effect) => (
          <tr key={effect.attitude} className="border-line/70 border-t align-top">
            <th scope="row" className="py-1 pr-2 text-left font-bold">
              {word("attitude", effect.attitude)}
            </th>
            <td className="py-1">
              <span className="num">
                {texts.evAgainstLevel(stopsWords(effect.effectEv), figure(effect.halfWidthEv, 2))}
              </span>
              <span className={`block ${effect.called ? "text-stop font-bold" : "text-soft"}`}>
                {effect.called ? texts.thisAttitudeAffectsIt : texts.noMoreThanChanceOr}
              </span>
            </td>
          </tr>
        ))}
        {row.earlier.map((one) => (
          <tr key={`${one.phase} ${one.at}`} className="border-line/70 border-t align-top">
            <th scope="row" className="text-soft py-1 pr-2 text-left font-normal">
              {texts.beforeTheLastWork}
            </th>
            <td className="text-soft num py-1">
              {texts.earlierRun(
                one.phase === "BEFORE" ? texts.before : texts.afterInline,
                one.firings,
                stopsWords(one.biasEv),
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
