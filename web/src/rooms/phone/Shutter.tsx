import { useEffect, useRef, useState, useSyncExternalStore } from "react";
import type { JobView } from "../../api/client";
import type { PhoneNow } from "../../api/phone";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import type { PictureQueue, Standing } from "./pictureQueue";
import { texts } from "./words";

/** The one large button, what the picture will show, and what became of the last ones. */
export function Shutter({ job, phone, queue }: { job: JobView; phone: PhoneNow; queue: PictureQueue }) {
  const { focus } = phone;
  const [shows, setShows] = useState(focus.shows);
  const camera = useRef<HTMLInputElement>(null);
  const files = useRef<HTMLInputElement>(null);
  const add = async (chosen: FileList | null) => {
    for (const file of chosen ?? [])
      await queue.add({
        tag: job.tag,
        by: phone.signer,
        picture: file,
        shows,
        part: focus.part,
        stop: focus.stop ?? job.currentStop,
      });
  };
  const field = (
    ref: typeof camera,
    label: string,
    more: { capture?: "environment"; multiple?: boolean },
  ) => (
    <input
      ref={ref}
      type="file"
      accept="image/jpeg,image/png,image/webp"
      aria-label={label}
      className="sr-only"
      tabIndex={-1}
      {...more}
      onChange={(event) => {
        // the list is emptied with the field
        const chosen = event.target.files;
        void add(chosen).finally(() => (event.target.value = ""));
      }}
    />
  );
  return (
    <section className="flex flex-col items-center gap-3">
      <TextField
        wrap="w-full"
        label={texts.whatIsPhotographed}
        placeholder={texts.anything}
        className="text-[18px]!"
        value={shows}
        onChange={(event) => setShows(event.target.value)}
      />
      <button
        type="button"
        onClick={() => camera.current?.click()}
        className="bg-ready text-on-ready border-sheet outline-ready flex size-44 items-center justify-center rounded-full border-8 text-[20px] leading-6 font-bold outline-4"
      >
        <span className="w-24">{texts.takeAPicture}</span>
      </button>
      {field(camera, texts.takeAPicture, { capture: "environment" })}
      <Button kind="quiet" className="underline" onClick={() => files.current?.click()}>
        {texts.fromThePhone}
      </Button>
      {field(files, texts.fromThePhone, { multiple: true })}
      <Sent queue={queue} />
    </section>
  );
}

function Sent({ queue }: { queue: PictureQueue }) {
  const standing = useSyncExternalStore(queue.listen, queue.now);
  if (standing.length === 0) return null;
  const waiting = standing.filter((one) => one.state === "away").length;
  return (
    <div className="w-full">
      {waiting > 0 && (
        <p role="status" className="text-mark mb-1 font-bold">
          {texts.waitingCount(waiting)}. {texts.goesByItself}
        </p>
      )}
      <ul aria-label={texts.pictures} className="flex gap-2 overflow-x-auto pb-1">
        {[...standing].reverse().map((one) => (
          <li key={one.of.id} className="border-line bg-sheet w-[116px] shrink-0 rounded-[4px] border p-1">
            <Thumbnail of={one} />
            <span
              className={`block text-[13px] ${one.state === "sent" ? "text-done" : "text-mark font-bold"}`}
            >
              {stateWords(one)}
            </span>
            {(one.state === "refused" || one.state === "held") && (
              <>
                {one.problem !== undefined && (
                  <span className="text-stop block text-[13px]">{one.problem}</span>
                )}
                <button
                  type="button"
                  className="min-h-11 underline"
                  onClick={() => void queue.work(["held", "refused", "away", "sending"])}
                >
                  {texts.tryAgain}
                </button>
                <button type="button" className="min-h-11 underline" onClick={() => queue.discard(one.of.id)}>
                  {texts.discard}
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}

function Thumbnail({ of }: { of: Standing }) {
  const [address, setAddress] = useState<string>();
  const { picture } = of.of;
  useEffect(() => {
    const made = URL.createObjectURL(picture);
    setAddress(made);
    return () => URL.revokeObjectURL(made);
  }, [picture]);
  return (
    <img src={address} alt={texts.pictureOf(of.of.shows)} className="bg-sunk h-20 w-full object-cover" />
  );
}

function stateWords(one: Standing): string {
  switch (one.state) {
    case "sent":
      return texts.sent;
    case "sending":
      return texts.sending;
    case "away":
      return texts.waitsForNetwork;
    case "held":
      return texts.waitsForCamera(one.of.tag);
    case "refused":
      return texts.notTaken;
  }
}
