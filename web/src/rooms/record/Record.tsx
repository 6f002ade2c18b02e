import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { type ShopLog, useAppend, useShopLog } from "../../hands/append";
import { type Entry, type LineView } from "../../api/client";
import { linesQuery } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { exact } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { PAPER_HERE } from "../../ui/paper";
import { PaperPick } from "../../ui/PaperPick";
import { useSubmit } from "../../ui/useSubmit";
import { useJob } from "../../hands/useJob";
import { ChangeLine } from "./ChangeLine";
import { texts } from "./words";

/** The record of the camera whose page this is. */
export function Record() {
  const job = useJob();
  const append = useAppend(job.tag);
  return <RecordOf log={job.tag} firstStays say={append} tag={job.tag} />;
}

/** The record of one of the shop's own logs. */
export function ShopRecord({ log, children }: { log: ShopLog; children?: React.ReactNode }) {
  const say = useShopLog(log);
  return (
    <RecordOf log={log} say={(entries, { said }) => say(entries, said)}>
      {children}
    </RecordOf>
  );
}

type Say = (entries: Entry[], saying: { said: string }) => Promise<unknown>;

/** Every line of a log, newest first. Nothing is overwritten: a line is struck, and stays readable. */
function RecordOf({
  log,
  tag,
  firstStays = false,
  say,
  children,
}: {
  log: string;
  tag?: string;
  firstStays?: boolean;
  say: Say;
  children?: React.ReactNode;
}) {
  const lines = useQuery(linesQuery(log)).data ?? [];
  const [words, setWords] = useState("");
  const shown = [...lines]
    .reverse()
    .filter(
      (line) =>
        words === "" ||
        `${line.words} ${line.by} ${line.stop ?? ""}`.toLowerCase().includes(words.toLowerCase()),
    );
  const struck = lines.filter((line) => line.struckBecause !== undefined).length;
  return (
    <div className="h-full overflow-y-auto px-5 py-3">
      <Panel title={texts.record} note={texts.struckOf(lines.length, lines.length === 1, struck > 0, struck)}>
        <div className="flex flex-wrap items-center gap-2">
          <input
            className="input max-w-[420px]"
            aria-label={texts.searchTheRecord}
            placeholder={texts.searchTheRecord}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          {tag !== undefined && <PrintRecord tag={tag} />}
        </div>
        <ol className="flex flex-col">
          {shown.map((line) => (
            <RecordLine
              key={line.id}
              tag={tag}
              line={line}
              lines={lines}
              say={say}
              stays={firstStays && line.sequence === 1}
            />
          ))}
        </ol>
        {lines.length === 0 && <Empty>{texts.nothingHasBeenLoggedHere}</Empty>}
      </Panel>
      {children}
    </div>
  );
}

/** The record on paper, with every line of it. */
function PrintRecord({ tag }: { tag: string }) {
  const [paper, setPaper] = useState<string>(PAPER_HERE);
  return (
    <div className="ml-auto flex items-center gap-2">
      <PaperPick value={paper} onChange={setPaper} />
      <a
        href={`/api/jobs/${tag}/record.pdf?paper=${paper}`}
        target="_blank"
        rel="noreferrer"
        className="border-line bg-sheet hover:border-ink inline-flex min-h-11 items-center rounded-[4px] border px-3.5"
      >
        {texts.printTheRecord}
      </a>
    </div>
  );
}

function RecordLine({
  tag,
  line,
  lines,
  say,
  stays,
}: {
  tag?: string;
  line: LineView;
  lines: LineView[];
  say: Say;
  stays: boolean;
}) {
  const [changing, setChanging] = useState(false);
  const { refused, submit } = useSubmit(
    ({ code, resting }) =>
      code === "restsOnIt" &&
      resting.length > 0 && (
        <Button kind="stop" className="mt-1" onClick={() => void submit(() => strike(said, resting))}>
          {texts.strikeThemAllOut}
        </Button>
      ),
  );
  const [asked, setAsked] = useState(false);
  const [said, setSaid] = useState(texts.struckOutTogether);
  const isStruck = line.struckBecause !== undefined;
  const strike = async (why: string, others: string[] = []) => {
    await say(
      [line.id, ...others].map((target) => ({ kind: "struck" as const, target, reason: why })),
      { said: texts.struckOutItStaysReadable },
    );
    setAsked(false);
  };
  const bringBack = () =>
    submit(() => say([{ kind: "strikeUndone", target: line.id }], { said: texts.theLineIsRestored }));
  return (
    <li className="border-line/70 grid grid-cols-[36px_108px_58px_56px_minmax(0,1fr)_auto] items-center gap-3 border-b [contain-intrinsic-size:auto_46px] [content-visibility:auto]">
      <span className="num text-soft text-right text-[13.5px]">{line.sequence}</span>
      <span className="text-soft text-[14px]">{exact(line.at)}</span>
      <span className="truncate text-[14px]">{line.by}</span>
      <span className="text-soft text-[14px]">
        {line.stop === undefined ? "" : line.stop[0] + line.stop.slice(1).toLowerCase()}
      </span>
      <span className="min-w-0 py-1 break-words">
        <span className={isStruck || line.now !== undefined ? "text-soft line-through" : ""} dir="auto">
          {line.words}
        </span>
        {line.now !== undefined && !isStruck && (
          <span className="block" dir="auto">
            <span className="text-soft text-[13.5px]">{texts.changedTo}</span> {line.now}
          </span>
        )}
        {isStruck && (
          <span className="text-stop block text-[13.5px]">{texts.struckOut(line.struckBecause)}</span>
        )}
        {line.before !== undefined && <span className="text-soft text-[13.5px]"> {texts.loggedLater}</span>}
        {asked && (
          <AddLine
            focus
            className="mt-1"
            blanks={[{ label: texts.whyDoYouStrikeIt }]}
            action={texts.strikeOut}
            look="stop"
            onAdd={(why) => {
              setSaid(why);
              return submit(() => strike(why));
            }}
            onCancel={() => setAsked(false)}
          />
        )}
        {refused}
      </span>
      <span className="flex justify-end">
        {tag !== undefined && !line.aboutTheRecord && !isStruck && line.entry.kind === "removed" && (
          <Link
            to={`/camera/${tag}/strip?before=${line.id}`}
            title={texts.somethingCameOffBeforeThis}
            className="hover:bg-earth/50 inline-flex min-h-11 items-center rounded-[4px] px-2.5 text-[14px]"
          >
            {texts.addAnEarlierRemoval}
          </Link>
        )}
        {!line.aboutTheRecord && !isStruck && !asked && (
          <Button
            kind="quiet"
            about={texts.line(line.sequence)}
            className="text-[14px]"
            onClick={() => setChanging(true)}
          >
            {texts.change}
          </Button>
        )}
        {changing && <ChangeLine line={line} lines={lines} say={say} close={() => setChanging(false)} />}
        {!line.aboutTheRecord && !stays && !isStruck && !asked && (
          <Button
            kind="quiet"
            about={texts.line(line.sequence)}
            className="text-[14px]"
            onClick={() => setAsked(true)}
          >
            {texts.strikeOutLabel}
          </Button>
        )}
        {isStruck && (
          <Button kind="quiet" className="text-[14px]" onClick={() => void bringBack()}>
            {texts.restore}
          </Button>
        )}
      </span>
    </li>
  );
}
