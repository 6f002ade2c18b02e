import type { Pricing } from "../../../api/accounts";
import { money, moneyTyped } from "../../../api/money";
import { Button } from "../../../ui/Button";
import { ChoiceField, TextField } from "../../../ui/Field";
import { Part } from "./Part";
import { hundredths, minorOf } from "./read";
import { texts } from "../words";

/** Hourly rates by person and kind of work, and what is put on parts. */
export function LabourForm({ pricing, people }: { pricing: Pricing; people: string[] }) {
  const start = {
    rates: pricing.labour.map(({ person, skill, hourMinor }) => ({
      person,
      skill,
      hour: moneyTyped(hourMinor),
    })),
    markup: String(pricing.markupHundredths / 100),
  };
  return (
    <Part
      title={texts.hourlyRates}
      note={texts.otherwiseAnHour(money(pricing.hourMinor))}
      start={start}
      entry={async (typed) => [
        {
          kind: "labourSet",
          labour: await Promise.all(
            typed.rates.map(async ({ person, skill, hour }) => ({
              person,
              skill,
              hourMinor: await minorOf(hour),
            })),
          ),
        },
        { kind: "markupSet", hundredths: hundredths(typed.markup) },
      ]}
    >
      {(typed, change) => {
        const set = (at: number, next: Partial<(typeof typed.rates)[number]>) =>
          change({
            ...typed,
            rates: typed.rates.map((one, index) => (index === at ? { ...one, ...next } : one)),
          });
        return (
          <>
            {typed.rates.map((rate, at) => (
              <div
                key={at}
                className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_110px_auto] items-end gap-2"
              >
                <ChoiceField
                  label={texts.ratePerson}
                  aria-label={texts.inRow(texts.ratePerson, at + 1)}
                  value={rate.person}
                  choices={[
                    { value: "", label: texts.everybody },
                    ...people.map((one) => ({ value: one, label: one })),
                  ]}
                  onChange={(event) => set(at, { person: event.target.value })}
                />
                <TextField
                  label={texts.rateSkill}
                  aria-label={texts.inRow(texts.rateSkill, at + 1)}
                  placeholder={texts.allSkills}
                  value={rate.skill}
                  onChange={(event) => set(at, { skill: event.target.value })}
                />
                <TextField
                  label={texts.rateHour}
                  aria-label={texts.inRow(texts.rateHour, at + 1)}
                  inputMode="decimal"
                  value={rate.hour}
                  onChange={(event) => set(at, { hour: event.target.value })}
                />
                <Button
                  kind="quiet"
                  aria-label={`${texts.removeRate} ${at + 1}`}
                  onClick={() => change({ ...typed, rates: typed.rates.filter((_, index) => index !== at) })}
                >
                  ✕
                </Button>
              </div>
            ))}
            <div className="flex flex-wrap items-end gap-3">
              <Button
                onClick={() =>
                  change({ ...typed, rates: [...typed.rates, { person: "", skill: "", hour: "" }] })
                }
              >
                {texts.addRate}
              </Button>
              <TextField
                label={texts.markup}
                inputMode="decimal"
                wrap="w-[170px]"
                value={typed.markup}
                onChange={(event) => change({ ...typed, markup: event.target.value })}
              />
            </div>
          </>
        );
      }}
    </Part>
  );
}
