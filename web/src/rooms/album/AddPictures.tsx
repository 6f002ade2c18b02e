import { useEffect, useRef, useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { DeviceCamera } from "./DeviceCamera";
import { keepPicture } from "./keepPicture";
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
  const [camera, setCamera] = useState(false);
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);

  const add = (files: { blob: Blob; called: string }[]) =>
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
  const named = (files: Iterable<File>) => [...files].map((file) => ({ blob: file, called: file.name }));

  const latest = useRef(add);
  useEffect(() => {
    latest.current = add;
  });
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const files = named(event.clipboardData?.files ?? []);
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
        void add(named(event.dataTransfer.files));
      }}
      className={`flex flex-col gap-2 rounded-[4px] border-2 border-dashed p-2.5 ${over ? "border-ready bg-ready-wash" : "border-line"}`}
    >
      <div className="flex flex-wrap gap-2">
        <Button kind="primary" disabled={busy} onClick={() => setCamera(true)}>
          {texts.takeAPicture}
        </Button>
        <Button disabled={busy} onClick={() => input.current?.click()}>
          {texts.fromAFile}
        </Button>
      </div>
      <p className="text-soft text-[13.5px]">{busy ? texts.addingIt : texts.orDropPicturesHereOr}</p>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        multiple
        aria-label={texts.picturesToAdd}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const files = named(event.target.files ?? []);
          event.target.value = "";
          void add(files);
        }}
      />
      {refused}
      {camera && (
        <DeviceCamera
          onClose={() => setCamera(false)}
          onTaken={(blob) => {
            setCamera(false);
            void add([{ blob, called: texts.fromTheCamera }]);
          }}
        />
      )}
    </div>
  );
}
