import { useState } from "react";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { useAppend } from "../../hands/append";
import { AddLine, type Blank } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { BareChoice } from "../../ui/Field";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { texts } from "./words";

type Account = Schemas["PlaceAccount"];
type Doing = "lost" | "destroyed" | "found" | "fit" | "need" | "empty";

/** The places at one part and what fills them: what is gone, what was found, what stays empty. */
export function Pieces({ job, part }: { job: JobView; part: string }) {
  const places = job.notes.places.filter((one) => one.place.part === part && one.place.piece !== part);
  return (
    <Panel title={texts.pieces}>
      <ul className="flex flex-col">
        {places.map((one) => (
          <PieceAccount key={one.place.piece} job={job} account={one} />
        ))}
      </ul>
      <AnotherPiece job={job} part={part} />
    </Panel>
  );
}

/** One place: how it is filled, and what can be said of it. */
export function PieceAccount({ job, account }: { job: JobView; account: Account }) {
  const [doing, setDoing] = useState<Doing>();
  const can: Doing[] = [
    ...(account.filled.out > 0 ? (["lost", "destroyed"] as const) : []),
    ...(account.gone.lost > 0 ? (["found"] as const) : []),
    ...(account.open > 0 ? (["fit", "need", "empty"] as const) : []),
  ];
  return (
    <li className="border-line/70 flex flex-wrap items-center gap-x-3 gap-y-1 border-b py-1">
      <StateMark mark={account.open > 0 ? "not" : account.filled.out > 0 ? "open" : "done"} />
      <span className="min-w-[180px] flex-1">
        <b className="num">{account.required}</b> × {account.place.piece}
        <span className={`block text-[13.5px] ${account.open > 0 ? "text-stop" : "text-soft"}`}>
          {stateOf(account)}
        </span>
      </span>
      {doing === undefined && (
        <span className="flex flex-wrap gap-1">
          {can.map((one) => (
            <Button key={one} kind="quiet" about={account.place.piece} onClick={() => setDoing(one)}>
              {texts.doing[one]}
            </Button>
          ))}
        </span>
      )}
      {doing !== undefined && (
        <PieceForm job={job} account={account} doing={doing} close={() => setDoing(undefined)} />
      )}
    </li>
  );
}

function stateOf(account: Account): string {
  const { filled, gone } = account;
  const said: [number, string][] = [
    [filled.back, texts.backOn],
    [filled.replaced, texts.filledByAnother],
    [filled.out, texts.inTheTray],
    [account.missing, texts.missingOnArrival],
    [gone.lost, texts.lost],
    [gone.destroyed, texts.destroyed],
    [gone.spare, texts.foundAndSpare],
    [account.left, texts.staysEmpty(account.because)],
    [account.open, texts.empty],
  ];
  return said
    .filter(([count]) => count > 0)
    .map(([count, words]) => `${count} ${words}`)
    .join(", ");
}

function PieceForm({
  job,
  account,
  doing,
  close,
}: {
  job: JobView;
  account: Account;
  doing: Doing;
  close: () => void;
}) {
  const append = useAppend(job.tag);
  const { choices } = useWords();
  const [source, setSource] = useState<Schemas["PieceFitted"]["source"]>("STOCK");
  const { part, piece } = account.place;
  const count: Blank = { label: texts.howMany, start: "1" };
  const blanks: Record<Doing, Blank[]> = {
    lost: [count],
    destroyed: [count, { label: texts.whatHappened, optional: true }],
    found: [
      count,
      { label: texts.whereWasIt, optional: true },
      { label: texts.minutesLooked, optional: true },
    ],
    fit: [count, { label: texts.fromWhere, optional: true }],
    need: [{ label: texts.whatIsNeeded, start: piece }],
    empty: [count, { label: texts.whyEmpty }],
  };
  const log = (typed: string[]) => {
    const many = Number(typed[0]);
    const said = { said: texts.noted(piece) };
    switch (doing) {
      case "lost":
        return append([{ kind: "lost", part, piece, count: many, unlisted: false }], said);
      case "destroyed":
        return append(
          [{ kind: "destroyed", part, piece, count: many, how: typed[1] ?? "", unlisted: false }],
          said,
        );
      case "found":
        return append(
          [
            {
              kind: "foundAgain",
              part,
              piece,
              count: many,
              where: typed[1] ?? "",
              minutes: Number(typed[2] ?? 0),
            },
          ],
          said,
        );
      case "fit":
        return append(
          [{ kind: "pieceFitted", part, piece, count: many, source, from: typed[1] ?? "" }],
          said,
        );
      case "need":
        return append([{ kind: "needOpened", part, what: typed[0] ?? piece, piece }], said);
      case "empty":
        return append([{ kind: "leftEmpty", part, piece, count: many, why: typed[1] ?? "" }], said);
    }
  };
  return (
    <AddLine
      key={doing}
      focus
      className="w-full"
      blanks={blanks[doing]}
      action={texts.doing[doing].replace("…", "")}
      before={
        doing === "fit" && (
          <BareChoice
            label={texts.whereFrom}
            className="w-[130px]"
            value={source}
            choices={choices("sourceKind")}
            onChange={(event) => setSource(event.target.value as typeof source)}
          />
        )
      }
      onAdd={async (...typed) => {
        await log(typed);
        close();
      }}
      onCancel={close}
    />
  );
}

const GONE = ["missing", "lost", "destroyed"] as const;

/** A piece that nobody noted when the part came off. */
export function AnotherPiece({ job, part }: { job: JobView; part: string }) {
  const append = useAppend(job.tag);
  const [open, setOpen] = useState(false);
  const [how, setHow] = useState<(typeof GONE)[number]>("missing");
  const out = job.parts.find((one) => one.name === part)?.answer.kind !== "BACK";
  const off = job.parts.some((one) => one.name === part) && out;
  if (!open)
    return (
      <Button kind="quiet" className="self-start" onClick={() => setOpen(true)}>
        {texts.aPieceIsGone}
      </Button>
    );
  return (
    <AddLine
      focus
      blanks={[
        { label: texts.whichPiece, hint: texts.clickSpring },
        { label: texts.howMany, start: "1" },
      ]}
      before={
        <BareChoice
          label={texts.howGone}
          className="w-[170px]"
          value={how}
          choices={GONE.filter((one) => one === "missing" || off).map((one) => ({
            value: one,
            label: texts.gone[one],
          }))}
          onChange={(event) => setHow(event.target.value as typeof how)}
        />
      }
      action={texts.note}
      onAdd={async (piece, count) => {
        const many = Number(count);
        await append(
          [
            how === "missing"
              ? { kind: "missingOnArrival", what: piece!, count: many, where: part }
              : how === "lost"
                ? { kind: "lost", part, piece: piece!, count: many, unlisted: true }
                : { kind: "destroyed", part, piece: piece!, count: many, how: "", unlisted: true },
          ],
          { said: texts.noted(piece!) },
        );
        setOpen(false);
      }}
      onCancel={() => setOpen(false)}
    />
  );
}
