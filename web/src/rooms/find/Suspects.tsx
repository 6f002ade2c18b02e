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
      title="Suspects"
      note={suspects.length === 0 ? undefined : `${cleared} of ${suspects.length} cleared`}
    >
      {suspects.length === 0 && (
        <Empty>
          Who could it be? Raise each possible cause, then clear or confirm it by a look. A cleared one is a
          result.
        </Empty>
      )}
      <ul className="flex flex-col">
        {[...suspects]
          .sort((a, b) => order[a.state] - order[b.state])
          .map((suspect) => (
            <SuspectRow key={suspect.id} job={job} suspect={suspect} />
          ))}
      </ul>
      <AddLine
        blanks={[
          { label: "Suspect", hint: "Another suspect: gummed escapement" },
          { label: "Why", hint: "Why: whirrs unevenly", optional: true },
        ]}
        action="Raise"
        onAdd={(suspect, why) =>
          append([{ kind: "suspectRaised", suspect: named(suspect), why }], { said: `Suspect: ${suspect}.` })
        }
      />
    </Panel>
  );
}

const WAYS: { value: Asking; label: string }[] = [
  { value: "clear", label: "A look clears it" },
  { value: "swap", label: "Swap test" },
  { value: "cause", label: "It is the cause" },
  { value: "leave", label: "Leave it" },
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
            {suspect.state === "CAUSE" && " is the cause"}
            {suspect.state === "CLEARED" && ", cleared"}
          </b>
          <span className="text-soft block text-[14px]">
            {suspect.look !== "" ? suspect.look : suspect.why}
          </span>
        </span>
        {suspect.state === "OPEN" && asking === undefined && (
          <>
            <Button onClick={() => setAsking("clear")}>Clear…</Button>
            <Button onClick={() => setAsking("cause")}>It is the cause…</Button>
            <Button onClick={() => setAsking("swap")} aria-label={`Swap or leave: ${suspect.what.words}`}>
              …
            </Button>
          </>
        )}
      </div>
      {asking !== undefined && (
        <div className="flex flex-col gap-1.5 pl-6">
          <Pick
            small
            label={`What is known of ${suspect.what.words}`}
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
          blanks={[{ label: "What look cleared it?" }]}
          action="Clear"
          onAdd={(look) => log({ kind: "suspectCleared", suspect, look }, `Cleared: ${suspect.words}.`)}
        />
      );
    case "cause":
      return (
        <AddLine
          {...common}
          blanks={[{ label: "What is the evidence?" }]}
          action="Confirm"
          onAdd={(evidence) =>
            log({ kind: "causeConfirmed", cause: suspect, evidence }, `Cause: ${suspect.words}.`)
          }
        />
      );
    case "swap":
      return (
        <>
          <Pick
            small
            label="With the other part"
            choices={[
              { value: "no", label: "No change: it is cleared" },
              { value: "yes", label: "It changed" },
            ]}
            value={changed ? "yes" : "no"}
            onChange={(next) => setChanged(next === "yes")}
          />
          <Pick
            small
            label="How the other part went in"
            choices={[{ value: "none", label: "how it went in: not said" }, ...choices("fitOutcome")]}
            value={fitted === "" ? "none" : fitted}
            onChange={(next) => setFitted(next === "none" ? "" : (next as typeof fitted))}
          />
          <AddLine
            {...common}
            blanks={[
              { label: "Part that was fitted" },
              { label: "From which donor or shelf" },
              { label: "Pattern it was made for", optional: true },
              { label: "What was seen", optional: !changed },
            ]}
            action="Log the swap"
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
                          remark: "swap test",
                        },
                      ]),
                ],
                changed
                  ? `${suspect.words}: it changed with another ${part}.`
                  : `Cleared by a swap: ${suspect.words}.`,
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
            { label: "Why it is left", hint: "not worth breaking the rest" },
            { label: "How the owner was told", hint: "owner told by telephone" },
          ]}
          action="Leave it"
          onAdd={(why, told) =>
            log(
              { kind: "leftOpen", what: suspect.words, why: `${why}; ${told}` },
              `Left: ${suspect.words}. It stands on the return sheet.`,
            )
          }
        />
      );
  }
}
