import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { orSay } from "../../hands/notices";
import { Button } from "../../ui/Button";
import { Tick } from "../../ui/Field";
import { Empty, Panel } from "../../ui/Panel";
import { oddsWords } from "../../ui/Odds";
import type { Diagnosis } from "./Likely";
import { helpWords } from "./bits";
import { texts } from "./words";

type Look = Diagnosis["next"][number];

const BEST = 3;

/** What to look at next: the most that can be found out for a minute. */
export function NextLooks({ job, diagnosis }: { job: JobView; diagnosis: Diagnosis }) {
  const [all, setAll] = useState(false);
  const shown = all ? diagnosis.next : diagnosis.next.slice(0, BEST);
  return (
    <Panel title={texts.lookNext} note={texts.mostInformationPerMinuteFirst}>
      {diagnosis.next.length === 0 && <Empty>{texts.noLookOnTheList}</Empty>}
      <ol>
        {shown.map((look, index) => (
          <OneLook key={look.id} job={job} look={look} first={index === 0} />
        ))}
      </ol>
      {diagnosis.next.length > BEST && (
        <Button className="self-start" onClick={() => setAll(!all)}>
          {all ? texts.showOnlyTheBest : texts.showAllLooks(diagnosis.next.length)}
        </Button>
      )}
    </Panel>
  );
}

function OneLook({ job, look, first }: { job: JobView; look: Look; first: boolean }) {
  const append = useAppend(job.tag);
  const [leans, setLeans] = useState(false);
  const log = (seen: boolean) =>
    orSay(
      append(
        [
          {
            kind: "looked",
            look: look.id,
            words: `${look.words}: ${look.seen}`,
            seen,
            sure: !leans,
            remark: "",
          },
        ],
        { said: texts.lookTold(look.words, seen ? look.seen : texts.notSeenInline) },
      ),
    );
  return (
    <li
      className={`border-line/70 border-b py-2 pl-3 ${first ? "border-l-ready border-l-4" : "border-l-4 border-l-transparent"}`}
    >
      <div className="flex items-baseline gap-3">
        <b className={`min-w-0 flex-1 ${first ? "text-[17px]" : ""}`}>{look.words}</b>
        <span className="text-[14px] whitespace-nowrap" title={texts.bits(look.bits.toFixed(2))}>
          <span className="num">{texts.minutes(Math.round(look.minutes))}</span> · {helpWords(look.bits)}
        </span>
      </div>
      <p className="text-soft text-[14px]">
        {look.reachMinutes > 0 && <>{texts.ofThemToReachIt(Math.round(look.reachMinutes), look.reach)} </>}
        {look.risk !== "" && <b className="text-stop">{texts.caution(look.risk)} </b>}
        {texts.ifSeenIfNot(
          look.seen,
          oddsWords(look.chanceSeen),
          look.ifSeen.words,
          oddsWords(look.ifSeen.probability),
          look.ifNot.words,
          oddsWords(look.ifNot.probability),
        )}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <Button
          kind={first ? "primary" : "plain"}
          onClick={() => log(true)}
          aria-label={texts.seenOf(look.words)}
        >
          {texts.seenWith(look.seen)}
        </Button>
        <Button onClick={() => log(false)} aria-label={texts.notSeenOf(look.words)}>
          {texts.notSeen}
        </Button>
        <Tick
          label={texts.notSureLabel}
          aria-label={texts.notSureOf(look.words)}
          checked={leans}
          onChange={(event) => setLeans(event.target.checked)}
        />
      </div>
    </li>
  );
}
