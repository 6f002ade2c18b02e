import type { Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { fastenerWords } from "./fastenerWords";

type KnownPart = Schemas["KnownPart"];

/** Whether earlier jobs left something to know before it is lifted. */
export const wantsCare = (part: KnownPart) =>
  part.hidden.length + part.hazards.length + part.loose.length > 0 || part.state !== undefined;

/** Before you lift this: what is known to hide, to spring, or to need a state. */
export function BeforeLift({ part, jobs }: { part: KnownPart; jobs: number }) {
  const { word } = useWords();
  if (!wantsCare(part)) return null;
  return (
    <section
      aria-label="Before you lift this"
      className="border-stop bg-stop-wash rounded-[4px] border-l-4 px-3 py-1.5 text-[14.5px]"
    >
      <b className="text-stop">Before you lift the {part.name}</b>{" "}
      <span className="text-soft text-[13.5px]">
        from {part.jobs} of {jobs} earlier jobs
      </span>
      <ul className="list-disc pl-5">
        {part.hidden.map((one, index) => (
          <li key={index}>
            Hidden: {one.count} × {fastenerWords(one)}
          </li>
        ))}
        {part.hazards.length > 0 && (
          <li>Beware: {part.hazards.map((one) => word("hazard", one)).join(", ")}</li>
        )}
        {part.state !== undefined && <li>Wants the mechanism {word("mechanismState", part.state)}</li>}
        {part.loose.length > 0 && <li>Loose under it: {part.loose.join(", ")}</li>}
        {part.remarks.slice(0, 2).map((remark) => (
          <li key={remark}>“{remark}”</li>
        ))}
      </ul>
    </section>
  );
}
