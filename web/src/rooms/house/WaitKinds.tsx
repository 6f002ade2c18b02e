import { z } from "zod";
import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { minutesWords } from "../../ui/dates";
import { FormText } from "../../form/fields";
import { Form } from "../../form/Form";
import { wholeOr } from "../../form/typed";
import { useFormOf } from "../../form/useFormOf";
import type { Tables } from "./tables";
import { useTables } from "./useTables";
import { texts } from "./words";

type Kind = Schemas["WaitKind"];

const COLUMNS = "grid grid-cols-[minmax(0,1fr)_110px_90px_170px_200px] items-center gap-3";

/** How long things wait here; each can be set otherwise. */
export function WaitKinds({ tables }: { tables: Tables }) {
  return (
    <div
      className="min-h-0 flex-1 overflow-y-auto px-5 pb-3"
      tabIndex={0}
      role="group"
      aria-label={texts.waits}
    >
      <div
        className={`text-soft border-line max-w-[980px] border-b pb-1 text-[13.5px] ${COLUMNS}`}
        aria-hidden
      >
        <span>{texts.wait}</span>
        <span>{texts.minutes}</span>
        <span />
        <span>{texts.tooLateAfterMinutes}</span>
      </div>
      <ul className="max-w-[980px]">
        {tables.waits.map((one) => (
          <OneWait
            key={`${one.id} ${one.minutes} ${one.latestMinutes}`}
            kind={one}
            own={tables.changed.includes(one.id)}
          />
        ))}
      </ul>
    </div>
  );
}

const LONG = z.object({ minutes: wholeOr(0), latestMinutes: wholeOr(0) });

function OneWait({ kind, own }: { kind: Kind; own: boolean }) {
  const { change, takeBack } = useTables();
  const form = useFormOf(
    LONG,
    {
      minutes: String(kind.minutes),
      latestMinutes: kind.latestMinutes === 0 ? "" : String(kind.latestMinutes),
    },
    (said) => change({ waits: [{ ...kind, ...said }] }, texts.saved(kind.label)),
    `waitKind.${kind.id}`,
  );
  const { minutes, latestMinutes } = form.watch();
  const changed = Number(minutes) !== kind.minutes || Number(latestMinutes) !== kind.latestMinutes;
  return (
    <li className="border-line/70 border-b py-1">
      <Form form={form} className={COLUMNS}>
        <span>
          {kind.label}
          {own && <b className="text-mark text-[13.5px]"> {texts.ownAfter}</b>}
          {kind.station !== "" && <span className="text-soft"> · {kind.station}</span>}
        </span>
        <FormText
          form={form}
          name="minutes"
          label={texts.minutesOf(kind.label)}
          wrap="[&>label]:sr-only"
          className="num"
          inputMode="numeric"
        />
        <span className="text-soft">{Number(minutes) >= 60 && `= ${minutesWords(Number(minutes))}`}</span>
        <FormText
          form={form}
          name="latestMinutes"
          label={texts.tooLateAfterMinutesOf(kind.label)}
          wrap="[&>label]:sr-only"
          className="num"
          inputMode="numeric"
          placeholder={texts.noLimit}
        />
        <span className="flex gap-2">
          {changed && (
            <Button kind="primary" type="submit">
              {texts.save}
            </Button>
          )}
          {own && <Button onClick={() => void form.attempt(() => takeBack(kind.id))}>{texts.reset}</Button>}
        </span>
      </Form>
      {form.refused}
    </li>
  );
}
