import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { exact } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { keepPicture } from "../../api/pictures";
import { texts } from "./words";

/** Pictures that were taken with another device and said in the log line: each can be handed in. */
export function ToCome({ job, onAdded }: { job: JobView; onAdded: (name: string) => void }) {
  const append = useAppend(job.tag);
  const { refused, busy, submit } = useSubmit();
  if (job.album.toCome.length === 0) return null;
  return (
    <Panel title={texts.waitingToBeAdded} note={`${job.album.toCome.length}`}>
      <ul className="flex flex-col gap-2">
        {job.album.toCome.map((one) => (
          <li key={one.id} className="border-mark-line bg-mark-wash rounded-[3px] border-l-4 px-2 py-1">
            <span className="block">{one.what.shows}</span>
            <span className="text-soft block text-[13px]">{texts.taken(exact(one.at))}</span>
            <label className="border-line bg-sheet hover:border-ink focus-within:outline-focus mt-1 inline-flex min-h-11 cursor-pointer items-center rounded-[4px] border px-3 focus-within:outline-3">
              {texts.uploadIt}
              <input
                type="file"
                accept="image/jpeg,image/png,image/webp"
                className="sr-only"
                disabled={busy}
                aria-label={texts.thePictureOf(one.what.shows)}
                onChange={(event) => {
                  const file = event.target.files?.[0];
                  event.target.value = "";
                  if (file !== undefined)
                    void submit(async () => {
                      const kept = await keepPicture(file, file.name);
                      await append(
                        [
                          {
                            kind: "pictured",
                            name: kept.name,
                            shows: one.what.shows,
                            part: one.what.part,
                            at: "STRIP",
                            meets: one.id,
                          },
                        ],
                        { said: texts.pictureAdded },
                      );
                      onAdded(kept.name);
                    });
                }}
              />
            </label>
          </li>
        ))}
      </ul>
      {refused}
    </Panel>
  );
}
