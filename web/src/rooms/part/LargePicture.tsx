import { Link } from "react-router";
import type { JobView, PartView } from "../../api/client";
import { wholeOf } from "../../api/pictures";
import { Pinned } from "../album";
import { Button } from "../../ui/Button";
import type { useLargePicture } from "./useLargePicture";
import { texts } from "./words";

/** One picture of a part as large as its place allows, with its pins on it. */
export function LargePicture({
  job,
  part,
  large,
}: {
  job: JobView;
  part: PartView;
  large: ReturnType<typeof useLargePicture>;
}) {
  const { at, shots } = large;
  if (at === undefined) return null;
  const { shot } = shots[at];
  return (
    <section aria-label={texts.largePicturesOf(part.name)} className="flex h-full min-h-0 flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <b className="min-w-0 flex-1">{texts.pictureOf(at + 1, shots.length)}</b>
        <Link
          to={`/camera/${job.tag}/pictures?shot=${shot.what.name}`}
          className="flex min-h-11 items-center underline"
        >
          {texts.pinsAndZoom}
        </Link>
        {at + 1 < shots.length && (
          <Button keyHint="V" onClick={large.step}>
            {texts.next}
          </Button>
        )}
        <Button keyHint="Esc" onClick={large.close}>
          {texts.close}
        </Button>
      </div>
      <div className="grid min-h-0 flex-1 place-items-start">
        <Pinned
          src={wholeOf(shot.what.name)}
          alt={texts.largeImage(part.name, at + 1)}
          pins={shot.pins.map((pin) => pin.what)}
          alert={new Set()}
          className="max-h-[calc(100vh-290px)] max-w-full"
        />
      </div>
    </section>
  );
}
