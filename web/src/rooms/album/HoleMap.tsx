import { Link } from "react-router";
import type { JobView, PartView } from "../../api/client";
import { wholeOf } from "../../api/pictures";
import { Pinned } from "./Pinned";
import { texts } from "./words";

/** The last picture on which screws or holes of a part were tapped. */
export function mapOf(job: JobView, part: PartView) {
  return job.album.shots
    .map((shot) => ({
      shot,
      pins: shot.pins
        .map((pin) => pin.what)
        .filter((pin) => pin.part === part.name && (pin.what === "FASTENER" || pin.what === "HOLE")),
    }))
    .findLast((one) => one.pins.length > 0);
}

/** The screws and holes of a part as they were tapped on its picture: which screw goes into which hole. */
export function HoleMap({ job, part }: { job: JobView; part: PartView }) {
  const map = mapOf(job, part);
  if (map === undefined) return null;
  const long = new Set(
    job.lookAlikes
      .filter((pair) => pair.longerOf === part.name)
      .flatMap((pair) =>
        part.fasteners.filter((one) => one.fastener.lengthMm === pair.longer.lengthMm).map((one) => one.type),
      ),
  );
  const types = [...new Set(map.pins.map((pin) => pin.words))].map(
    (words) => [words, map.pins.filter((pin) => pin.words === words)] as const,
  );
  return (
    <figure className="mt-3 flex flex-wrap items-start gap-3" aria-label={texts.holeMapOfThe(part.name)}>
      <Link
        to={`/camera/${job.tag}/pictures?shot=${map.shot.what.name}`}
        aria-label={texts.enlargeThePicture}
        className="shrink-0"
      >
        <Pinned
          src={wholeOf(map.shot.what.name)}
          alt=""
          pins={map.pins}
          alert={long}
          className="max-h-[220px] max-w-[300px] rounded-[3px]"
        />
      </Link>
      <figcaption className="min-w-[180px] flex-1 text-[14.5px]">
        <b>{texts.whichScrewWhichHole}</b>
        <ul>
          {types.map(([words, pins]) => (
            <li key={words} className="py-0.5">
              <b className="num">{pins.map((pin) => pin.number).join(" ")}</b> {words || texts.notStated}
              {long.has(words) && (
                <span className="text-mark block text-[13.5px] font-bold">{texts.theLongerOneOfA}</span>
              )}
            </li>
          ))}
        </ul>
      </figcaption>
    </figure>
  );
}
