import { useEffect, useRef, useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { useSubmit } from "../../ui/useSubmit";
import { keepPicture } from "../../api/pictures";
import { incoming, TakeOrChoose, type Incoming } from "./TakeOrChoose";
import { texts } from "./words";

/** Pictures come in by dropping, pasting, choosing a file, or from a camera at this machine. */
export function AddPictures({
  job,
  part,
  onAdded,
}: {
  job: JobView;
  part?: string;
  onAdded: (name: string) => void;
}) {
  const append = useAppend(job.tag);
  const { refused, busy, submit } = useSubmit();
  const [over, setOver] = useState(false);

  const add = (files: Incoming[]) =>
    submit(async () => {
      for (const { blob, called } of files) {
        const kept = await keepPicture(blob, called);
        if (!job.album.shots.some((shot) => shot.what.name === kept.name))
          await append([{ kind: "pictured", name: kept.name, shows: "", part, at: job.currentStop }], {
            said: texts.pictureAdded,
          });
        onAdded(kept.name);
      }
    });
  const latest = useRef(add);
  useEffect(() => {
    latest.current = add;
  });
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const files = incoming(event.clipboardData?.files ?? []);
      if (files.length > 0) {
        event.preventDefault();
        void latest.current(files);
      }
    };
    window.addEventListener("paste", paste);
    return () => window.removeEventListener("paste", paste);
  }, []);

  return (
    <div
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void add(incoming(event.dataTransfer.files));
      }}
      className={`flex flex-col gap-2 rounded-[4px] border-2 border-dashed p-2.5 ${over ? "border-ready bg-ready-wash" : "border-line"}`}
    >
      <TakeOrChoose
        label={texts.picturesToAdd}
        busy={busy}
        many
        onPictures={(pictures) => void add(pictures)}
      />
      <p className="text-soft text-[13.5px]">{busy ? texts.addingIt : texts.orDropPicturesHereOr}</p>
      {refused}
    </div>
  );
}
