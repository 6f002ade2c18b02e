import { Link } from "react-router";
import type { JobView, PartView } from "../../api/client";
import { smallOf } from "./keepPicture";
import { texts } from "./words";

/** The pictures that show a part or have a pin of it, such as its hole map; each opens with its pins; one shown already is left aside. */
export function PicturesOf({ job, part, except }: { job: JobView; part: PartView; except?: string }) {
  const pictures = part.pictures.filter((name) => name !== except);
  if (pictures.length === 0) return null;
  return (
    <ul aria-label={texts.picturesOfThe(part.name)} className="mt-2 flex flex-wrap gap-2">
      {pictures.map((name) => {
        const pins = job.album.shots
          .filter((shot) => shot.what.name === name)
          .flatMap((shot) => shot.pins)
          .filter((pin) => pin.what.part === part.name).length;
        return (
          <li key={name}>
            <Link
              to={`/camera/${job.tag}/pictures?shot=${name}`}
              className="border-line hover:border-ink bg-sheet flex min-h-11 items-center gap-2 rounded-[4px] border p-1 pr-2"
            >
              <img src={smallOf(name)} alt="" className="h-10 w-14 rounded-[2px] object-cover" />
              <span className="text-[14px]">
                {texts.picture}
                {pins > 0 && texts.pinsAfterName(pins, pins === 1)}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
