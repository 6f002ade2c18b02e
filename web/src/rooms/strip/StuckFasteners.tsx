import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { named } from "../../api/named";
import { houseQuery } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { AskLine } from "../../ui/AskLine";
import { simply } from "../treat";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type Rung = Schemas["Rung"];

/** Stuck fasteners: what was tried, what comes next and what it risks, up to where it cannot be undone. */
export function StuckFasteners({ job }: { job: JobView }) {
  const [fresh, setFresh] = useState<{ part: string; fastener: string }>();
  const ladder = useQuery(houseQuery).data?.stuckLadder ?? [];
  const open = job.stuck.filter((one) => !one.what.freed);
  const begun = open.some(({ what }) => what.part === fresh?.part && what.fastener === fresh.fastener);
  const shown = [
    ...open.map(({ what: { part, fastener, tries }, next }) => ({ part, fastener, tries, rung: next })),
    ...(fresh === undefined || begun ? [] : [{ ...fresh, tries: [], rung: ladder[0] }]),
  ];
  return (
    <Panel title={texts.stuckFasteners} note={open.length === 0 ? texts.none : `${open.length}`}>
      {shown.map((one) => (
        <Ladder key={`${one.part} ${one.fastener}`} job={job} {...one} />
      ))}
      <AskLine
        opens="One is stuck…"
        blanks={[
          { label: texts.partItHolds, hint: texts.partTopCover },
          { label: texts.whichFastener, hint: texts.byTheEyepiece },
        ]}
        action={texts.logAsStuck}
        onAdd={async (part, fastener) => setFresh({ part, fastener })}
      />
    </Panel>
  );
}

function Ladder({
  job,
  part,
  fastener,
  tries,
  rung,
}: {
  job: JobView;
  part: string;
  fastener: string;
  tries: Schemas["StuckTried"][];
  rung?: Rung;
}) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const tried = async (freed: boolean, agreed = "") => {
    if (rung === undefined) return;
    const what = named(rung.label, rung.id);
    await append([{ kind: "stuckTried", part, fastener, rung: what, freed, remark: "", agreed }], {
      said: freed ? texts.freedOf(fastener, part) : texts.didNotWork(rung.label),
    });
  };
  return (
    <div className="border-line flex flex-col gap-1 border-b pb-2 text-[14.5px]">
      <b>{texts.ofIt(fastener, part)}</b>
      <ul>
        {tries.map((one, index) => (
          <li key={index} className="text-soft flex items-center gap-2">
            <StateMark mark="not" />
            {one.rung.words}
            {one.remark !== "" && `, ${one.remark}`}
          </li>
        ))}
      </ul>
      {rung === undefined ? (
        <p>{texts.nothingIsLeftToTry}</p>
      ) : (
        <>
          <Next rung={rung} />
          {rung.irreversible ? (
            <AddLine
              blanks={[
                {
                  label: texts.howTheOwnerAgreed,
                  hint: texts.byTelephone,
                  optional: !job.ownerToAgree,
                },
              ]}
              action={texts.doneItIsFree}
              look="stop"
              onAdd={(agreed) => tried(true, agreed)}
            />
          ) : (
            <div className="flex flex-wrap gap-1">
              <Button onClick={() => void submit(() => tried(true))}>{texts.itIsFree}</Button>
              <Button kind="quiet" onClick={() => void submit(() => tried(false))}>
                {texts.didNotWorkLabel}
              </Button>
              {rung.waitMinutes > 0 && (
                <Button
                  kind="quiet"
                  onClick={() =>
                    void submit(() =>
                      append([simply(`${rung.label}, ${fastener}`, rung.waitMinutes, part)], {
                        said: texts.soakingForMin(rung.waitMinutes),
                      }),
                    )
                  }
                >
                  {texts.startTheMinSoak(rung.waitMinutes)}
                </Button>
              )}
            </div>
          )}
        </>
      )}
      {refused}
    </div>
  );
}

function Next({ rung }: { rung: Rung }) {
  return (
    <div
      className={`rounded-[3px] border-l-4 px-2 py-1 ${rung.irreversible ? "border-stop bg-stop-wash" : "border-ready bg-ready-wash"}`}
    >
      <b>{rung.label}</b>: {rung.how}.{" "}
      <span className="text-soft">
        {texts.risk(rung.risk)}
        {rung.irreversible && texts.thisCannotBeUndoneAnd}
      </span>
    </div>
  );
}
