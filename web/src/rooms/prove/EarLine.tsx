import { figure } from "../../ui/figures";
import { useQuery } from "@tanstack/react-query";
import { useAppend } from "../../hands/append";
import { answer, server, type JobView } from "../../api/client";
import { earFindingsQuery, earsQuery } from "../../api/queries";
import { stopsWords } from "../../plots/ev";
import { useSigner } from "../../hands/signer";
import { AddLine } from "../../ui/AddLine";
import { texts } from "./words";

/** What it sounds like, said before it is measured: it trains the ear, and tells how far to trust it. */
export function EarLine({ job, speed, phase }: { job: JobView; speed: string; phase: "BEFORE" | "AFTER" }) {
  const append = useAppend(job.tag);
  const { signer } = useSigner();
  const ear = useQuery(earsQuery).data?.find((one) => one.person === signer)?.ear;
  const guess = async (said: string) => {
    const { errorEv } = await answer(server.GET("/api/guess-by-ear", { params: { query: { typed: said } } }));
    await append([{ kind: "speedGuessed", speed, phase, said, errorEv }], {
      said: texts.byEar(speed, said),
    });
  };
  return (
    <div className="flex flex-col gap-1">
      <AddLine
        blanks={[{ label: texts.byEarOf(speed), hint: texts.byEarFirstAThird }]}
        action={texts.logWhatYouHear}
        onAdd={guess}
      />
      {ear !== undefined && ear.compared > 0 && (
        <p className="text-soft text-[13.5px]">
          {texts.sEarComparedRightWithin(
            signer,
            ear.compared,
            Math.abs(ear.biasEv) < 0.05,
            figure(Math.abs(ear.biasEv), 2),
            ear.biasEv > 0,
            figure(ear.widthEv, 1),
          )}
        </p>
      )}
    </div>
  );
}

/** What an ear found at a speed that no instrument has timed since. */
export function EarFound({ job, speed }: { job: JobView; speed: string }) {
  const found = useQuery(earFindingsQuery(job.tag, job.lastSequence)).data?.find(
    (one) => one.speed === speed,
  );
  if (found === undefined) return null;
  return (
    <p className="text-[14px]">
      <b>{texts.byEarNotTimedSince}</b> {texts.said(found.by, found.said)}{" "}
      <span className="num">{texts.ev(stopsWords(found.errorEv), figure(found.widthEv, 1))}</span>
      <span className="text-soft">
        {found.compared < 3 ? texts.tooFewOfThisEars : texts.afterRemovingTheBiasOf(found.compared)}
      </span>
    </p>
  );
}
