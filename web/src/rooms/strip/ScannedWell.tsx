import { Link } from "react-router";
import type { JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { WellMark } from "../../ui/WellMark";

/** What lies in the well that was scanned. */
export function ScannedWell({ job, well, onClose }: { job: JobView; well: string; onClose: () => void }) {
  const pieces = job.wells[well] ?? [];
  return (
    <section
      aria-label={`Well ${well}`}
      className="border-ready bg-ready-wash mb-3 flex flex-col gap-1 rounded-[4px] border-l-4 px-2 py-1.5"
    >
      <div className="flex items-center gap-2">
        <WellMark name={well} />
        <b className="flex-1">{pieces.length === 0 ? "is empty" : "holds"}</b>
        <Button kind="quiet" onClick={onClose}>
          Done
        </Button>
      </div>
      <ul>
        {pieces.map((piece) => (
          <li key={piece.name}>
            <Link
              to={`/camera/${job.tag}/strip?part=${encodeURIComponent(piece.name)}`}
              className="flex min-h-11 flex-col justify-center"
            >
              <b className="underline">{piece.name}</b>
              <span className="text-soft text-[13.5px]">
                {[
                  ...piece.fasteners
                    .filter((one) => !one.staysIn)
                    .map((one) => `${one.fastener.count} × ${one.type}`),
                  ...piece.loose.map((one) => `${one.count} × ${one.name}`),
                ].join(", ")}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
