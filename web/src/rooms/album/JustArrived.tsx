import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import type { JobView } from "../../api/client";
import { isOwnPicture, smallOf } from "../../api/pictures";
import { Button } from "../../ui/Button";
import { texts } from "./words";

const SHOWN_MS = 12_000;

/** A picture that came from elsewhere while this camera is open: it is shown for a moment, wherever one is. */
export function JustArrived({ job }: { job: JobView }) {
  const navigate = useNavigate();
  const known = useRef<Set<string>>(undefined);
  const [arrived, setArrived] = useState<JobView["album"]["shots"][number]>();
  const { shots } = job.album;
  useEffect(() => {
    const before = known.current;
    known.current = new Set(shots.map((shot) => shot.id));
    const fresh = before === undefined ? undefined : shots.filter((shot) => !before.has(shot.id)).at(-1);
    if (fresh !== undefined && !isOwnPicture(fresh.what.name)) setArrived(fresh);
  }, [shots]);
  useEffect(() => {
    if (arrived === undefined) return;
    const timer = setTimeout(() => setArrived(undefined), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [arrived]);
  if (arrived === undefined) return null;
  return (
    <aside
      aria-live="polite"
      className="border-ink bg-sheet fixed right-4 bottom-24 z-30 flex w-[216px] flex-col gap-2 rounded-[6px] border-2 p-2 print:hidden"
    >
      <img src={smallOf(arrived.what.name)} alt="" className="h-[116px] w-full object-cover" />
      <p>
        <span className="text-soft block text-[13px]">{texts.fromElsewhere}</span>
        <b>{arrived.what.shows}</b>
      </p>
      <div className="flex gap-2">
        <Button
          kind="primary"
          className="flex-1"
          onClick={() => {
            setArrived(undefined);
            void navigate(`/camera/${job.tag}/pictures?shot=${encodeURIComponent(arrived.what.name)}`);
          }}
        >
          {texts.show}
        </Button>
        <Button onClick={() => setArrived(undefined)}>{texts.close}</Button>
      </div>
    </aside>
  );
}
