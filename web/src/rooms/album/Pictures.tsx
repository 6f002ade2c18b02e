import { altOf } from "./shot";
import { useSearchParams } from "react-router";
import { exact } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { useJob } from "../../hands/useJob";
import { AddPictures } from "./AddPictures";
import { ToCome } from "./ToCome";
import { smallOf } from "../../api/pictures";
import { Button } from "../../ui/Button";
import { askForPhone } from "../../hands/pairing";
import { useMay } from "../../hands/signer";
import { OnePicture } from "./OnePicture";
import { texts } from "./words";

/** The pictures of a camera: what lay where, with numbered pins. */
export function Pictures() {
  const job = useJob();
  const [search, setSearch] = useSearchParams();
  const part = search.get("part") ?? undefined;
  const mayWork = useMay("BENCH");
  const shots = [...job.album.shots].reverse();
  const shown = shots.find((shot) => shot.what.name === search.get("shot")) ?? shots[0];
  const show = (name: string) => setSearch(part === undefined ? { shot: name } : { shot: name, part });
  return (
    <div className="bay grid h-full grid-cols-[212px_minmax(0,1fr)]">
      <div className="border-line flex min-h-0 flex-col gap-3 overflow-y-auto border-r px-3 py-3">
        <AddPictures job={job} part={part} onAdded={show} />
        {mayWork && (
          <Button keyHint="F8" onClick={askForPhone}>
            {texts.useAPhone}
          </Button>
        )}
        <ToCome job={job} onAdded={show} />
        <Panel title={texts.pictures} note={`${shots.length}`}>
          <ol className="flex flex-col gap-2">
            {shots.map((shot) => (
              <li key={shot.id}>
                <button
                  type="button"
                  aria-pressed={shot === shown}
                  onClick={() => show(shot.what.name)}
                  className={`bg-sheet block w-full rounded-[4px] border-2 p-1 text-left ${shot === shown ? "border-ready" : "border-line"}`}
                >
                  <img
                    src={smallOf(shot.what.name)}
                    alt={altOf(shot)}
                    loading="lazy"
                    className="h-[104px] w-full object-cover"
                  />
                  <span className="text-soft block truncate text-[13px]">
                    {exact(shot.at)}
                    {shot.pins.length > 0 && texts.pinsOnIt(shot.pins.length, shot.pins.length === 1)}
                  </span>
                </button>
              </li>
            ))}
          </ol>
        </Panel>
      </div>
      {shown === undefined ? (
        <div className="px-5 py-3">
          <Empty>{texts.noPicturesYetTakeOne}</Empty>
        </div>
      ) : (
        <OnePicture key={shown.id} job={job} shot={shown} part={part} />
      )}
    </div>
  );
}
