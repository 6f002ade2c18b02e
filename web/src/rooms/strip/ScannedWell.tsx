import { Link } from "react-router";
import { useAppend } from "../../hands/append";
import type { JobView, PartView } from "../../api/client";
import { AskLine } from "../../ui/AskLine";
import { Button } from "../../ui/Button";
import { WellMark } from "../../ui/WellMark";
import { texts } from "./words";

/** What lies in the well that was scanned. */
export function ScannedWell({ job, well, onClose }: { job: JobView; well: string; onClose: () => void }) {
  const pieces = job.wells[well] ?? [];
  const lay = job.parts.filter((part) => part.answer.kind === "BACK" && part.removed.wells.includes(well));
  return (
    <section
      aria-label={texts.well(well)}
      className="border-ready bg-ready-wash mb-3 flex flex-col gap-1 rounded-[4px] border-l-4 px-2 py-1.5"
    >
      <div className="flex items-center gap-2">
        <WellMark name={well} />
        <b className="flex-1">{pieces.length === 0 ? texts.shouldBeEmpty : texts.holds}</b>
        <Button kind="quiet" onClick={onClose}>
          {texts.done}
        </Button>
      </div>
      {pieces.length === 0 && <NotEmpty job={job} well={well} lay={lay} />}
      <ul>
        {pieces.map((piece) => (
          <li key={piece.name}>
            <Link
              to={`/camera/${job.tag}/strip?part=${encodeURIComponent(piece.name)}`}
              className="flex min-h-11 flex-col justify-center"
            >
              <b className="underline">{piece.name}</b>
              <span className="text-soft text-[13.5px]">{smallPieces(piece.fasteners, piece.loose)}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What lies beside a part: the fasteners that came out, and its loose small parts. */
const smallPieces = (fasteners: PartView["fasteners"], loose: PartView["removed"]["loose"]) =>
  [
    ...fasteners.filter((one) => !one.staysIn).map((one) => `${one.fastener.count} × ${one.type}`),
    ...loose.map((one) => `${one.count} × ${one.name}`),
  ].join(", ");

/** A well that should be empty: what lay there last, and a word for a piece that nothing claims. */
function NotEmpty({ job, well, lay }: { job: JobView; well: string; lay: PartView[] }) {
  const append = useAppend(job.tag);
  return (
    <div className="flex flex-col gap-1 text-[14.5px]">
      {lay.map((part) => (
        <p key={part.name}>
          <b>{part.name}</b> {texts.wasThereAndIsBack}{" "}
          {smallPieces(part.fasteners, part.removed.loose) || texts.nothingElse}
          {texts.ifOneIsStillThere}{" "}
          <Link className="underline" to={`/camera/${job.tag}/strip?part=${encodeURIComponent(part.name)}`}>
            {texts.checkIt}
          </Link>
          .
        </p>
      ))}
      <AskLine
        opens="Something lies there…"
        blanks={[
          { label: texts.whatIsInIt, hint: texts.washer3Mm },
          { label: texts.howManyLabel, start: "1" },
        ]}
        action={texts.belongsToNothingLogged}
        onAdd={(what, count) =>
          append([{ kind: "surplus", what, count: Number(count) || 0, kept: texts.foundInWell(well) }], {
            said: texts.foundInBelongsToNothing(well, what),
          })
        }
      />
    </div>
  );
}
