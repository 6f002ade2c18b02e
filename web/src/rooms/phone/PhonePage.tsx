import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState, useSyncExternalStore } from "react";
import { hereQuery } from "../../api/people";
import { pairPhone, phoneQuery, type PhoneNow } from "../../api/phone";
import { jobQuery } from "../../api/queries";
import { tryAgain } from "../../api/queue";
import { PaperTag } from "../../ui/PaperTag";
import { ProblemNote } from "../../ui/ProblemNote";
import { LogLine } from "../camera";
import { Beside } from "./Beside";
import { inBrowser, PictureQueue } from "./pictureQueue";
import { Shutter } from "./Shutter";
import { texts } from "./words";

const queue = new PictureQueue(inBrowser());
setInterval(() => void queue.work(), 2000);
window.addEventListener("online", () => void queue.work());

/** What a phone beside the bench shows: one large button, and the little else that hands with tweezers want. */
export function PhonePage() {
  const client = useQueryClient();
  const [code, setCode] = useState(() => window.location.hash.slice(1));
  const [problem, setProblem] = useState<unknown>();
  useEffect(() => {
    if (code === "") return;
    // a code works once: it must not be tried again on the way back
    window.history.replaceState(null, "", "/phone");
    pairPhone(code)
      .then((now) => {
        client.setQueryData(phoneQuery.queryKey, now);
        void client.invalidateQueries({ queryKey: hereQuery.queryKey });
        setProblem(undefined);
        queue.tryAgain();
        tryAgain();
      })
      .catch(setProblem)
      .finally(() => setCode(""));
  }, [client, code]);
  const phone = useQuery({ ...phoneQuery, enabled: code === "" });
  return (
    <>
      {code !== "" ? (
        <p className="p-6 text-[18px]">{texts.pairing}</p>
      ) : phone.data !== undefined && phone.error === null ? (
        <Paired phone={phone.data} />
      ) : phone.isPending ? (
        <p className="p-6">{texts.loading}</p>
      ) : (
        <NotPaired problem={problem} />
      )}
    </>
  );
}

function NotPaired({ problem }: { problem: unknown }) {
  const waiting = useSyncExternalStore(queue.listen, queue.now).filter((one) => one.state !== "sent").length;
  return (
    <main className="flex flex-1 flex-col justify-center gap-4 p-6">
      <h1 className="text-[24px]">{texts.notPaired}</h1>
      <ProblemNote problem={problem} />
      <p className="text-[17px]">{texts.scanAgain}</p>
      {waiting > 0 && <p className="text-mark font-bold">{texts.picturesWaitForPairing(waiting)}</p>}
    </main>
  );
}

function Paired({ phone }: { phone: PhoneNow }) {
  const tag = phone.focus.tag;
  const { data: job, error } = useQuery({ ...jobQuery(tag ?? ""), enabled: tag !== undefined });
  if (tag === undefined)
    return (
      <main className="flex flex-1 flex-col justify-center gap-3 p-6">
        <h1 className="text-[24px]">{texts.noCameraOpen}</h1>
        <p className="text-[17px]">{texts.openOne}</p>
      </main>
    );
  if (job === undefined)
    return (
      <main className="flex-1 p-6">{error ? <ProblemNote problem={error} /> : <p>{texts.loading}</p>}</main>
    );
  return (
    <>
      <header className="bg-bar text-on-bar flex shrink-0 items-center gap-3 px-4 py-2">
        <PaperTag tag={job.tag} />
        <div className="min-w-0 flex-1">
          <h1 className="truncate text-[16px] leading-5">{job.cameraWords}</h1>
          <p className="text-bar-soft truncate text-[13px]">{texts.signedBy(phone.signer)}</p>
        </div>
      </header>
      <main className="flex min-h-0 flex-1 flex-col gap-5 overflow-y-auto px-4 py-4">
        <Shutter key={`${job.tag} ${phone.focus.shows}`} job={job} phone={phone} queue={queue} />
        <Beside job={job} phone={phone} />
      </main>
      <LogLine job={job} stop={phone.focus.stop ?? job.currentStop} />
    </>
  );
}
