import { Link } from "react-router";
import type { JobView } from "../../api/client";
import { altOf, type Shot } from "./shot";
import { smallOf } from "../../api/pictures";
import { texts } from "./words";

const showsFinding = (shot: Shot) =>
  shot.what.at === "FIND" || shot.pins.some((pin) => pin.what.what === "FINDING");

/** The pictures of what was found: taken while looking for the fault, or with a finding pinned; each opens with its pins. */
export function FindingPictures({ job }: { job: JobView }) {
  const seen = new Set(job.intake.findings.map((finding) => finding.found.picture));
  const shots = job.album.shots.filter((shot) => showsFinding(shot) || seen.has(shot.what.name));
  if (shots.length === 0) return null;
  return (
    <ul aria-label={texts.picturesOfFindings} className="flex flex-wrap gap-2">
      {shots.map((shot) => (
        <li key={shot.id}>
          <Link to={`/camera/${job.tag}/pictures?shot=${shot.what.name}`} className="block rounded-[4px]">
            <img
              src={smallOf(shot.what.name)}
              alt={altOf(shot)}
              loading="lazy"
              className="border-line h-[84px] w-[116px] rounded-[4px] border object-cover"
            />
          </Link>
        </li>
      ))}
    </ul>
  );
}
