import { Link } from "react-router";
import type { JobView, PartView } from "../../api/client";
import { Key } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { smallOf } from "../../api/pictures";
import { Exploded } from "./Exploded";
import { shotsOf } from "./shotsOf";
import { texts } from "./words";

/** What a hand needs to see of the part it is about: how it came off, drawn, and its pictures. */
export function PartAtHand({
  job,
  part,
  point,
  onLarge,
}: {
  job: JobView;
  part: PartView;
  /** The point that is to be oiled, marked on the drawing. */
  point?: string;
  /** Shows a picture large beside; without it a press opens it in the album. */
  onLarge?: (at: number) => void;
}) {
  const shots = shotsOf(job, part);
  return (
    <Panel title={texts.howItCameOff} className="@container">
      <div className="flex flex-wrap items-start gap-x-5 gap-y-3">
        <div className="min-w-[300px] flex-1">
          <Exploded job={job} part={part} point={point} />
        </div>
        <div className="flex min-w-[130px] flex-wrap gap-2">
          {shots.map(({ name, shows }, index) =>
            onLarge === undefined ? (
              <Link
                key={name}
                to={`/camera/${job.tag}/pictures?shot=${name}`}
                className="block rounded-[4px]"
              >
                <Thumbnail name={name} alt={shows || texts.largeImage(part.name, index + 1)} />
              </Link>
            ) : (
              <button
                key={name}
                type="button"
                onClick={() => onLarge(index)}
                className="block rounded-[4px] text-left"
              >
                <Thumbnail name={name} alt={shows || texts.largeImage(part.name, index + 1)} />
                {index === 0 && (
                  <span className="text-soft text-[13.5px]">
                    {texts.showItLarge} <Key>{texts.v}</Key>
                  </span>
                )}
              </button>
            ),
          )}
          {shots.length === 0 && (
            <p className="text-soft text-[13.5px]">
              {texts.noPictureYet}
              <Link
                to={`/camera/${job.tag}/pictures?part=${encodeURIComponent(part.name)}`}
                className="text-ready flex min-h-11 items-center font-bold underline"
              >
                {texts.addAPicture}
              </Link>
            </p>
          )}
        </div>
      </div>
    </Panel>
  );
}

function Thumbnail({ name, alt }: { name: string; alt: string }) {
  return (
    <img
      src={smallOf(name)}
      alt={alt}
      loading="lazy"
      className="border-line h-[112px] w-[150px] rounded-[4px] border object-cover"
    />
  );
}
