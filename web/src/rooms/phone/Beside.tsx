import { useMemo } from "react";
import type { JobView } from "../../api/client";
import { useNow } from "../../api/clock";
import { pressAtBench, type PhoneNow } from "../../api/phone";
import { useAppend } from "../../hands/append";
import { useRinging } from "../../hands/bell";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { moment } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { WellMark } from "../../ui/WellMark";
import { texts } from "./words";

/** What one wants to know and say without turning to the screen: the next part, the firings, and what is over. */
export function Beside({ job, phone }: { job: JobView; phone: PhoneNow }) {
  const isFiring = phone.focus.speed !== "" || phone.focus.stop === "PROVE";
  return (
    <>
      {isFiring && <Firing job={job} phone={phone} />}
      {job.parts.length > 0 && phone.focus.stop !== "STRIP" && <Back job={job} />}
      <Waits job={job} />
      {job.next.length > 0 && (
        <Panel title={texts.whatNext}>
          <p className="text-[17px] font-bold">{job.next[0].what}</p>
          {job.next[0].why !== "" && <p className="text-soft">{job.next[0].why}</p>}
        </Panel>
      )}
    </>
  );
}

function Firing({ job, phone }: { job: JobView; phone: PhoneNow }) {
  const append = useAppend(job.tag);
  const { streak } = job.prove;
  const fired = (good: boolean) =>
    orSay(append([{ kind: "fired", good, remark: "" }], { said: good ? texts.goodSaid : texts.missSaid }));
  return (
    <Panel title={texts.firing}>
      {phone.focus.speed !== "" && (
        <div className="flex items-center gap-3">
          <b className="num flex-1 text-[20px]">{texts.nowSpeed(phone.focus.speed)}</b>
          <Button className="min-h-16! px-5! text-[17px]" onClick={() => orSay(pressAtBench("NEXT_SPEED"))}>
            {texts.nextSpeed}
          </Button>
        </div>
      )}
      <div className="grid grid-cols-2 gap-3">
        <Button kind="stop" className="min-h-16! text-[18px]" onClick={() => fired(false)}>
          {texts.miss}
        </Button>
        <Button kind="primary" className="min-h-16! text-[18px]" onClick={() => fired(true)}>
          {texts.good}
        </Button>
      </div>
      <p className="text-soft" aria-live="polite">
        {texts.inARow(streak.current, streak.wanted)}
      </p>
    </Panel>
  );
}

function Back({ job }: { job: JobView }) {
  const ready = job.parts.filter((part) => part.answer.kind === "READY").at(-1);
  const left = job.parts.filter((part) => part.answer.kind !== "BACK" && part.answer.kind !== "LEFT_OUT");
  const wells = Object.entries(job.wells)
    .filter(([, parts]) => parts.some((one) => one.name === ready?.name))
    .map(([well]) => well);
  return (
    <Panel title={texts.putBackNext}>
      {ready === undefined ? (
        <p>{left.length === 0 ? texts.allBack : texts.nothingReady}</p>
      ) : (
        <>
          <p className="text-[20px] font-bold">{ready.name}</p>
          {wells.length > 0 && (
            <p className="flex flex-wrap items-center gap-1.5">
              <span className="text-soft">{texts.wells}</span>
              {wells.map((well) => (
                <WellMark key={well} name={well} />
              ))}
            </p>
          )}
        </>
      )}
    </Panel>
  );
}

function Waits({ job }: { job: JobView }) {
  const now = useNow(1000);
  const waits = useMemo(() => job.treat.waits.filter((wait) => wait.state !== "ENDED"), [job.treat.waits]);
  useRinging(waits);
  if (waits.length === 0) return null;
  return (
    <Panel title={texts.waits} note={`${waits.length}`}>
      <ul className="flex flex-col gap-1">
        {waits.map((wait) => {
          const isOver = Date.parse(wait.running.endsAt) <= now;
          return (
            <li key={wait.running.id} className="flex items-baseline gap-3">
              <span className="min-w-0 flex-1">{wait.running.what.words}</span>
              <b className={`num ${isOver ? "text-mark" : ""}`}>
                {isOver ? texts.finished : texts.at(moment(wait.running.endsAt, now))}
              </b>
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}
