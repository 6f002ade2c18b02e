import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { identifyQuery, useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { fastenerWords } from "../../ui/fastenerWords";
import { BLANK, formOf, type Typed } from "./receivedForm";
import { texts } from "./words";

/**
 * What the shop knows of a model as soon as it is named: how it is usually described, which pattern its number and its
 * looks speak for, which cells it takes, and where it wants care.
 */
export function KnownModel({ typed, change }: { typed: Typed; change: (part: Partial<Typed>) => void }) {
  const { word } = useWords();
  const noted = typed.feature
    .split(",")
    .map((one) => one.trim())
    .filter((one) => one !== "");
  const known = useQuery(
    identifyQuery(typed.maker.trim(), typed.model.trim(), typed.serial.trim(), noted),
  ).data;
  if (known === undefined || known.jobs === 0 || typed.maker.trim() === "" || typed.model.trim() === "")
    return null;
  const usual = known.usual === undefined ? BLANK : formOf(known.usual);
  const same = (["bodyType", "family", "series", "speed"] as const).every(
    (name) => typed[name] === usual[name],
  );
  return (
    <section
      aria-label={texts.whatWeKnowAboutThis}
      className="border-ready bg-ready-wash flex flex-col gap-1.5 rounded-[3px] border-l-4 px-3 py-2 text-[14.5px]"
    >
      <div className="flex flex-wrap items-center gap-2">
        <p className="min-w-0 flex-1">
          <b>{known.jobs}</b> {texts.earlierOnThisModel(known.jobs === 1)}
          {!same &&
            texts.describedLike(word("bodyType", usual.bodyType), word("family", usual.family), usual.speed)}
          .
        </p>
        {!same && (
          <Button
            onClick={() =>
              change({
                bodyType: usual.bodyType,
                family: usual.family,
                series: usual.series,
                speed: usual.speed,
              })
            }
          >
            {texts.copyTheLastOnesDescription}
          </Button>
        )}
      </div>
      <Features features={known.features} noted={noted} change={change} />
      <PatternSays says={known.pattern} typed={typed} change={change} />
      {known.batteries.length > 0 && (
        <p>
          {texts.batteryFoundInEarlierOnes}{" "}
          {known.batteries.map((one) => `${one.what.words} (${one.jobs})`).join(", ")}.
        </p>
      )}
      {known.care.length > 0 && (
        <ul aria-label={texts.needsCare}>
          {known.care.map((part) => (
            <li key={part.name}>
              <b className="text-stop">{texts.care}</b> {texts.atThe(part.name)}{" "}
              {[
                ...part.held.hidden.map((one) => texts.hidden(one.count, fastenerWords(one))),
                ...part.beware.hazards.map((one) => word("hazard", one)),
                ...(part.beware.state === undefined
                  ? []
                  : [texts.onlyWhen(word("mechanismState", part.beware.state))]),
                ...part.held.loose.map((one) => texts.loose(one)),
              ].join(", ")}
            </li>
          ))}
        </ul>
      )}
      {known.ofTheModel.map((one) => (
        <p key={one.what.id}>
          <b>{texts.trueOfTheModel}</b> {one.what.words}
        </p>
      ))}
      {known.leaveAlone.map((one) => (
        <p key={one.what.id}>
          <b>{texts.leaveAlone}</b> {one.what.words}
        </p>
      ))}
    </section>
  );
}

/** Features that were noted of this model: pressed where this camera has them. */
function Features({
  features,
  noted,
  change,
}: {
  features: Schemas["Feature"][];
  noted: string[];
  change: (part: Partial<Typed>) => void;
}) {
  if (features.length === 0) return null;
  const has = (text: string) => noted.some((one) => one.toLowerCase() === text.toLowerCase());
  return (
    <div role="group" aria-label={texts.featuresSeen} className="flex flex-wrap items-center gap-1.5">
      <span>{texts.doesItShow}</span>
      {features.map((one) => (
        <button
          key={one.text}
          type="button"
          aria-pressed={has(one.text)}
          title={Object.entries(one.patterns)
            .map(([pattern, cameras]) => `${pattern}: ${cameras}`)
            .join(", ")}
          onClick={() =>
            change({
              feature: has(one.text)
                ? noted.filter((other) => other.toLowerCase() !== one.text.toLowerCase()).join(", ")
                : [...noted, one.text].join(", "),
            })
          }
          className="border-line bg-sheet aria-pressed:border-ready aria-pressed:bg-ready aria-pressed:text-on-ready min-h-11 rounded-[4px] border px-2.5 text-[14px] aria-pressed:font-bold"
        >
          {one.text}
        </button>
      ))}
    </div>
  );
}

function PatternSays({
  says,
  typed,
  change,
}: {
  says: Schemas["PatternSays"];
  typed: Typed;
  change: (part: Partial<Typed>) => void;
}) {
  const { pattern, sure, why } = says;
  if (why === "" || (pattern !== "" && pattern === typed.pattern)) return null;
  return (
    <p className="flex flex-wrap items-center gap-2">
      <span className="min-w-0 flex-1">
        {pattern === "" ? (
          <>
            {texts.whichPattern} <b>{why}.</b>
          </>
        ) : (
          <>
            {texts.itLooksLike} <b>{pattern}</b>
            {sure ? "" : texts.possibly}: {why}.
          </>
        )}
      </span>
      {pattern !== "" && <Button onClick={() => change({ pattern })}>{texts.use(pattern)}</Button>}
    </p>
  );
}
