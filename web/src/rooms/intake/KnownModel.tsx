import { useQuery } from "@tanstack/react-query";
import { identifyQuery, useWords } from "../../api/queries";
import { Button } from "../../ui/Button";
import { BLANK, formOf, type Form } from "./receivedForm";

/** What the shop knows of a model as soon as it is named: how it is usually described, and what its number says. */
export function KnownModel({ form, change }: { form: Form; change: (part: Partial<Form>) => void }) {
  const { word } = useWords();
  const known = useQuery(identifyQuery(form.maker.trim(), form.model.trim(), form.serial.trim())).data;
  if (known === undefined || known.jobs === 0 || form.maker.trim() === "" || form.model.trim() === "")
    return null;
  const usual = known.usual === undefined ? BLANK : formOf(known.usual);
  const same = (["bodyType", "family", "series", "speeds"] as const).every(
    (name) => form[name] === usual[name],
  );
  const { pattern, why, inside } = known.pattern;
  return (
    <section
      aria-label="Known of this model"
      className="border-ready bg-ready-wash flex flex-col gap-1 rounded-[3px] border-l-4 px-3 py-2 text-[14.5px]"
    >
      <p>
        <b>{known.jobs}</b> {known.jobs === 1 ? "job" : "jobs"} of this model before
        {!same && `: ${word("bodyType", usual.bodyType)}, ${word("family", usual.family)}, ${usual.speeds}`}.
      </p>
      {!same && (
        <Button
          className="self-start"
          onClick={() =>
            change({
              bodyType: usual.bodyType,
              family: usual.family,
              series: usual.series,
              speeds: usual.speeds,
            })
          }
        >
          Describe it like the last one
        </Button>
      )}
      {pattern !== "" && pattern !== form.pattern && (
        <p className="flex flex-wrap items-center gap-2">
          <span>
            Its number says <b>{pattern}</b>
            {inside ? "" : ", perhaps"}: {why}.
          </span>
          <Button onClick={() => change({ pattern })}>Take “{pattern}”</Button>
        </p>
      )}
      {known.care.length > 0 && <p>Care at: {known.care.map((part) => part.name).join(", ")}.</p>}
    </section>
  );
}
