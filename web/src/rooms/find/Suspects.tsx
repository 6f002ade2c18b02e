import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { Entry, JobView } from "../../api/client";
import { useWords } from "../../api/queries";
import { named, type Named } from "../../api/named";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Empty, Panel } from "../../ui/Panel";
import { Pick } from "../../ui/Pick";
import { StateMark } from "../../ui/State";
import { texts } from "./words";

type Suspect = JobView["find"]["suspects"][number];

type Asking = "clear" | "cause" | "swap" | "leave";

/** Who was named: open, cleared by a look, or the cause. A cleared one is a result. */
export function Suspects({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const { suspects } = job.find;
  const cleared = suspects.filter((suspect) => suspect.state === "CLEARED").length;
  const order = { CAUSE: 0, OPEN: 1, CLEARED: 2 };
  return (
    <Panel
      title={texts.suspects}
      note={suspects.length === 0 ? undefined : texts.ofCleared(cleared, suspects.length)}
    >
      {suspects.length === 0 && <Empty>{texts.whatCouldItBeAdd}</Empty>}
      <ul className="flex flex-col">
        {[...suspects]
          .sort((a, b) => order[a.state] - order[b.state])
          .map((suspect) => (
            <SuspectRow key={suspect.id} job={job} suspect={suspect} />
          ))}
      </ul>
      <AddLine
        blanks={[
          { label: texts.suspect, hint: texts.gummedEscapement },
          { label: texts.why, hint: texts.whirrsUnevenly, optional: true },
        ]}
        action={texts.addSuspectWord}
        onAdd={(suspect, why) =>
          append([{ kind: "suspectRaised", suspect: named(suspect), why }], {
            said: texts.addedSuspectOf(suspect),
          })
        }
      />
    </Panel>
  );
}

const WAYS: { value: Asking; label: string }[] = [
  { value: "clear", label: texts.clearIt },
  { value: "swap", label: texts.swapTest },
  { value: "cause", label: texts.confirmCause },
  { value: "leave", label: texts.leaveUnrepaired },
];

function SuspectRow({ job, suspect }: { job: JobView; suspect: Suspect }) {
  const append = useAppend(job.tag);
  const [asking, setAsking] = useState<Asking>();
  const log = async (entry: Entry | Entry[], said: string) => {
    await append(Array.isArray(entry) ? entry : [entry], { said });
    setAsking(undefined);
  };
  return (
    <li
      className={`border-line/70 flex flex-col gap-1.5 border-b px-2 py-2 ${suspect.state === "CAUSE" ? "border-l-mark-line bg-mark-wash border-l-4" : ""}`}
    >
      <div className="flex flex-wrap items-center gap-2.5">
        <StateMark mark={suspect.state === "OPEN" ? "open" : suspect.state === "CLEARED" ? "done" : "wait"} />
        <span className="min-w-0 flex-1">
          <b className={suspect.state === "CLEARED" ? "text-soft font-normal" : "text-[16.5px]"}>
            {suspect.what.words}
            {suspect.state === "CAUSE" && texts.isTheCause}
            {suspect.state === "CLEARED" && texts.cleared}
          </b>
          <span className="text-soft block text-[14px]">
            {suspect.look !== "" ? suspect.look : suspect.why}
          </span>
        </span>
        {suspect.state === "OPEN" && asking === undefined && (
          <>
            <Button about={suspect.what.words} onClick={() => setAsking("clear")}>
              {texts.clear}
            </Button>
            <Button about={suspect.what.words} onClick={() => setAsking("cause")}>
              {texts.confirmCauseLabel}
            </Button>
            <Button onClick={() => setAsking("swap")} aria-label={texts.moreFor(suspect.what.words)}>
              …
            </Button>
          </>
        )}
      </div>
      {asking !== undefined && (
        <div className="flex flex-col gap-1.5 pl-6">
          <Pick
            small
            label={texts.whatWeKnowAbout(suspect.what.words)}
            choices={WAYS}
            value={asking}
            onChange={(next) => setAsking(next as Asking)}
          />
          <Settle
            key={asking}
            asking={asking}
            suspect={suspect.what}
            log={log}
            camera={job.intake.received?.camera ?? { maker: "", model: "" }}
            onCancel={() => setAsking(undefined)}
          />
        </div>
      )}
    </li>
  );
}

function Settle({
  asking,
  suspect,
  camera,
  log,
  onCancel,
}: {
  asking: Asking;
  suspect: Named;
  camera: { maker: string; model: string };
  log: (entry: Entry | Entry[], said: string) => Promise<void>;
  onCancel: () => void;
}) {
  const [changed, setChanged] = useState(false);
  const [fitted, setFitted] = useState<"" | "AS_IS" | "WITH_WORK" | "NOT">("");
  const { choices } = useWords();
  const common = { look: "primary" as const, focus: true, onCancel };
  switch (asking) {
    case "clear":
      return (
        <AddLine
          {...common}
          blanks={[{ label: texts.whichLookClearedIt }]}
          action={texts.clearLabel}
          onAdd={(look) => log({ kind: "suspectCleared", suspect, look }, texts.clearedOf(suspect.words))}
        />
      );
    case "cause":
      return (
        <AddLine
          {...common}
          blanks={[{ label: texts.whatIsTheEvidence }]}
          action={texts.confirm}
          onAdd={(evidence) =>
            log({ kind: "causeConfirmed", cause: suspect, evidence }, texts.causeConfirmed(suspect.words))
          }
        />
      );
    case "swap":
      return (
        <>
          <Pick
            small
            label={texts.withTheSwappedPart}
            choices={[
              { value: "no", label: texts.noChangeClearTheSuspect },
              { value: "yes", label: texts.itChangedLabel },
            ]}
            value={changed ? "yes" : "no"}
            onChange={(next) => setChanged(next === "yes")}
          />
          <Pick
            small
            label={texts.howTheSwappedPartWent}
            choices={[{ value: "none", label: texts.notStated }, ...choices("fitOutcome")]}
            value={fitted === "" ? "none" : fitted}
            onChange={(next) => setFitted(next === "none" ? "" : (next as typeof fitted))}
          />
          <AddLine
            {...common}
            blanks={[
              { label: texts.partFitted },
              { label: texts.fromWhichDonorOrShelf },
              { label: texts.patternItWasMadeFor, optional: true },
              { label: texts.whatYouSaw, optional: !changed },
            ]}
            action={texts.logTheSwap}
            onAdd={(part, from, pattern, seen) =>
              log(
                [
                  { kind: "swapTried", suspect, part, from, changed, seen },
                  ...(fitted === ""
                    ? []
                    : [
                        {
                          kind: "fitSeen" as const,
                          part,
                          from: { maker: camera.maker, model: camera.model, pattern },
                          outcome: fitted,
                          remark: texts.swapTestInline,
                        },
                      ]),
                ],
                changed
                  ? texts.itChangedWithAnother(suspect.words, part)
                  : texts.clearedByTheSwapTest(suspect.words),
              )
            }
          />
        </>
      );
    case "leave":
      return (
        <AddLine
          {...common}
          blanks={[
            { label: texts.whyItIsLeft, hint: texts.notWorthBreakingTheRest },
            { label: texts.howTheOwnerWasTold, hint: texts.ownerToldByTelephone },
          ]}
          action={texts.leaveUnrepaired}
          onAdd={(why, told) =>
            log(
              { kind: "leftOpen", what: suspect.words, why: `${why}; ${told}` },
              texts.leftUnrepairedItIsOn(suspect.words),
            )
          }
        />
      );
  }
}
