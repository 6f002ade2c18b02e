import { z } from "zod";
import { FormChoice, FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { SaveOrReset } from "../../form/SaveOrReset";
import { figure, text } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";
import type { Knowledge } from "./knowledge";
import { REACHES, useFaultChange } from "./useFaultChange";
import { texts } from "./words";

type Look = Knowledge["looks"][number];

const LOOK = z.object({ look: text, seen: text, minutes: figure, reach: text, risk: text });

/** A look: what is done, what speaks for a cause, how long it takes, what it risks. */
export function LookForm({
  knowledge,
  look,
  changed,
}: {
  knowledge: Knowledge;
  look: Look;
  changed: boolean;
}) {
  const { change, takeBack } = useFaultChange();
  const form = useFormOf(
    LOOK,
    { look: look.words, seen: look.seen, minutes: String(look.minutes), reach: look.reach, risk: look.risk },
    ({ look: words, ...rest }) => change({ looks: [{ ...look, words, ...rest }] }, texts.saved(words)),
    `look.${look.id}`,
  );
  const finds = Object.entries(look.finds).sort(([, a], [, b]) => b - a);
  return (
    <Form form={form} className="flex flex-col gap-2.5" aria-label={look.words}>
      <FormText form={form} name="look" label={texts.look} />
      <FormText form={form} name="seen" label={texts.whatYouSeeWhenIt} />
      <div className="grid grid-cols-2 gap-3">
        <FormText form={form} name="minutes" label={texts.minutesOnceItIsReached} />
        <FormChoice form={form} name="reach" label={texts.reachedFrom} choices={REACHES} />
      </div>
      <FormText form={form} name="risk" label={texts.whatItCouldDamageEmpty} />
      <Panel title={texts.seenWith}>
        <ul>
          {finds.map(([id, chance]) => (
            <li key={id} className="border-line/70 flex gap-3 border-b py-1">
              <span className="min-w-0 flex-1">
                {knowledge.causes.find((one) => one.id === id)?.words ?? id}
              </span>
              <span className="num">{Math.round(100 * chance)} %</span>
            </li>
          ))}
          <li className="text-soft flex gap-3 py-1">
            <span className="min-w-0 flex-1">{texts.anythingElse}</span>
            <span className="num">{Math.round(100 * look.otherwise)} %</span>
          </li>
        </ul>
      </Panel>
      <SaveOrReset form={form} onReset={changed ? () => takeBack(look.id) : undefined} />
    </Form>
  );
}
