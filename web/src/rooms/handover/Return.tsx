import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link as RouteLink } from "react-router";
import { houseQuery } from "../../api/queries";
import { useAppend } from "../../hands/append";
import type { JobView } from "../../api/client";
import { same, type Named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { PAPER_HERE } from "../../ui/paper";
import { PaperPick } from "../../ui/PaperPick";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { useJob } from "../../hands/useJob";
import { usePassed, type Passed } from "./passed";
import { StillOpen } from "./StillOpen";
import { scopeWords } from "../../ui/scopeWords";
import { texts } from "./words";

/** Return: the sheet as it prints, what still goes on it, and the camera over the counter. */
export function Return() {
  const job = useJob();
  const [paper, setPaper] = useState<string>(PAPER_HERE);
  const passed = usePassed(job.tag);
  const sheet = `/api/jobs/${job.tag}/sheet`;
  return (
    <div className="bay wide:grid-cols-[minmax(0,1fr)_380px] grid h-full grid-cols-[minmax(0,1fr)_330px]">
      <div className="flex min-h-0 flex-col">
        <div className="flex flex-wrap items-center gap-2 px-5 py-2">
          <PaperPick value={paper} onChange={setPaper} />
          <Link href={`${sheet}.pdf?paper=${paper}`}>{texts.openThePdf}</Link>
          <Link href={`${sheet}?paper=${paper}`}>{texts.openThePageToPrint}</Link>
          <span className="ml-auto">
            <Link href={`/api/jobs/${job.tag}/package.zip`} download>
              {texts.exportThisJobZip}
            </Link>
          </span>
        </div>
        <NoName />
        <iframe
          key={`${job.lastSequence} ${paper}`}
          src={`${sheet}?paper=${paper}`}
          title={texts.returnSheet}
          className="border-line mx-5 mb-3 min-h-0 flex-1 border bg-white"
        />
      </div>
      <aside className="border-line bg-sheet flex min-h-0 flex-col gap-4 overflow-y-auto border-l px-4 py-3">
        <StillOpen job={job} passed={passed} />
        <ScopePanel job={job} />
        <OnTheSheet job={job} />
        <GiveBack job={job} passed={passed} />
      </aside>
    </div>
  );
}

/** A sheet without the shop's own name is not one to hand over; said where it is seen, with the way to it. */
function NoName() {
  const named = useQuery(houseQuery).data?.shopNamed ?? true;
  if (named) return null;
  return (
    <p className="bg-mark-wash border-mark-line mx-5 mb-2 flex flex-wrap items-center gap-x-2 rounded-[3px] border-l-4 px-3">
      {texts.theShopHasNoName}
      <RouteLink to="/house" className="flex min-h-11 items-center font-bold underline">
        {texts.nameYourShop}
      </RouteLink>
    </p>
  );
}

function Link({ href, download, children }: { href: string; download?: boolean; children: React.ReactNode }) {
  return (
    <a
      href={href}
      target={download ? undefined : "_blank"}
      rel="noreferrer"
      download={download}
      className="border-line bg-sheet hover:border-ink inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
    >
      {children}
    </a>
  );
}

function ScopePanel({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const [leaving, setLeaving] = useState<Named>();
  if (job.intake.scope.length === 0) return null;
  const settle = async (what: Named, done: boolean, reason: string) => {
    await append([{ kind: "scopeSettled", what, done, reason }], {
      said: done ? texts.done(what.words) : texts.notDone(what.words),
    });
    setLeaving(undefined);
  };
  return (
    <Panel title={texts.agreedWork}>
      <ul>
        {job.intake.scope.map((item) => (
          <li key={item.id} className="border-line/70 flex flex-wrap items-center gap-2 border-b">
            <StateMark mark={item.state === "DONE" ? "done" : item.state === "LEFT" ? "left" : "open"} />
            <span className="min-h-11 min-w-0 flex-1 content-center">{item.what.words}</span>
            {item.state !== "OPEN" && <span className="text-soft text-[14px]">{scopeWords[item.state]}</span>}
            {item.state === "OPEN" && (
              <>
                <Button
                  kind="quiet"
                  about={item.what.words}
                  onClick={() => void submit(() => settle(item.what, true, ""))}
                >
                  {texts.doneLabel}
                </Button>
                <Button kind="quiet" about={item.what.words} onClick={() => setLeaving(item.what)}>
                  {texts.notDoneLabel}
                </Button>
              </>
            )}
            {same(leaving, item.what) && (
              <AddLine
                blanks={[{ label: texts.whyIsItNotDone }]}
                action={texts.logAsNotDone}
                focus
                className="w-full pb-1"
                onAdd={(why) => settle(item.what, false, why)}
                onCancel={() => setLeaving(undefined)}
              />
            )}
          </li>
        ))}
      </ul>
      {refused}
    </Panel>
  );
}

function OnTheSheet({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  return (
    <Panel title={texts.forTheOwner}>
      {job.handover.advice.length === 0 && job.handover.battery === undefined && (
        <Empty>{texts.howToUseItSo}</Empty>
      )}
      <AddLine
        blanks={[{ label: texts.advice, hint: texts.fireItThroughAllSpeeds }]}
        onAdd={(advice) => append([{ kind: "advised", advice }], { said: texts.adviceNoted })}
      />
      <AddLine
        blanks={[{ label: texts.battery, hint: texts.silverCell155V }]}
        onAdd={(cell) => append([{ kind: "batteryChosen", cell }], { said: texts.batteryNoted })}
      />
      <AddLine
        blanks={[
          { label: texts.leftAsItIs, hint: texts.hazeInRearCell },
          { label: texts.whyItIsLeft, hint: texts.why },
        ]}
        onAdd={(what, why) => append([{ kind: "leftOpen", what, why }], { said: texts.leftAsItIsOf(what) })}
      />
      <AddLine
        blanks={[
          { label: texts.againInMonths, hint: "36" },
          { label: texts.againWhy, hint: texts.againWhyHint, optional: true },
        ]}
        onAdd={(months, why) =>
          append([{ kind: "comeAgain", months: Number(months), why }], { said: texts.againNoted })
        }
      />
      {job.handover.comeAgain !== undefined && (
        <p className="text-soft text-[14.5px]">{texts.againIs(job.handover.comeAgain.months)}</p>
      )}
    </Panel>
  );
}

function GiveBack({ job, passed }: { job: JobView; passed: Passed }) {
  const append = useAppend(job.tag);
  const received = job.intake.received!;
  const out = job.notAccounted;
  if (job.handover.returned !== undefined)
    return (
      <Panel title={texts.handover}>
        <p className="border-done bg-done-wash rounded-[3px] border-l-4 px-3 py-2">
          {texts.returnedTo} <b dir="auto">{job.handover.returned.to}</b>
          {texts.toReopenTheJobStrike}
        </p>
      </Panel>
    );
  const holds = job.outstanding.filter(
    (one) => one.hold === "FIRMLY" || (one.hold === "WITHOUT_REASON" && !passed.has(one.id)),
  ).length;
  return (
    <Panel title={texts.handover}>
      {job.readyToReturn && (
        <p className="border-done bg-done-wash flex items-center gap-2 rounded-[3px] border-l-4 px-3 py-2">
          <StateMark mark="done" />
          <b>{texts.readyToReturn}</b>
        </p>
      )}
      <p className="flex items-center gap-2">
        <StateMark mark={out === 0 ? "done" : "not"} />
        {out === 0
          ? texts.allPiecesAreAccountedFor(job.ledger.off)
          : texts.ofPiecesAreNotAccounted(out, job.ledger.off)}
      </p>
      {received.accessories.length > 0 && <p>{texts.goesBackWithIt(received.accessories.join(", "))}</p>}
      {holds > 0 && <p className="text-soft">{texts.cannotBeReturnedYet(holds === 1)}</p>}
      {holds === 0 && (
        <AddLine
          blanks={[
            {
              label: texts.returnedTo,
              hint: texts.returnedToLabel,
              start: received.owner.shopsOwn ? "" : received.owner.name,
              anyScript: true,
            },
          ]}
          action={job.outstanding.length === 0 ? texts.returnTheCamera : texts.returnItAllTheSame}
          look={job.outstanding.length === 0 ? "primary" : undefined}
          onAdd={async (to) => {
            await append([{ kind: "returned", to: to!, remark: "", passedOver: passed.said(job) }], {
              said: texts.returnedToOf(to!),
            });
            passed.done();
          }}
        />
      )}
    </Panel>
  );
}
