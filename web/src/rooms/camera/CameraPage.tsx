import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, Outlet, useLocation, useNavigate } from "react-router";
import { useAppend } from "../../hands/append";
import type { JobView, Stop } from "../../api/client";
import { jobQuery, linesQuery } from "../../api/queries";
import { useKeys } from "../../hands/keys";
import { notify, orSay, sayRefusal } from "../../hands/notices";
import { useMay, useSigner } from "../../hands/signer";
import { Button } from "../../ui/Button";
import { day, minutesWords } from "../../ui/dates";
import { PaperTag } from "../../ui/PaperTag";
import { ProblemNote } from "../../ui/ProblemNote";
import { Path, placeOf, STOPS } from "../../valley/Path";
import { JustArrived } from "../album";
import { LogLine } from "./LogLine";
import { useTag } from "../../hands/useJob";
import { texts } from "./words";

/** The stand is where one proves; turning an adjuster is done on the floor. */
const WITHIN: Record<string, string> = { stand: "prove", adjust: "mend" };

/** One camera: what it is, where it is on its way, the room one is in, and the log line. */
export function CameraPage() {
  const tag = useTag();
  const { data: job, error } = useQuery(jobQuery(tag));
  if (job === undefined)
    return (
      <div className="p-6">
        {error ? <ProblemNote problem={error} /> : <p className="text-soft">{texts.loading(tag)}</p>}
      </div>
    );
  return <Opened job={job} />;
}

function Opened({ job }: { job: JobView }) {
  const navigate = useNavigate();
  const place = useLocation().pathname.split("/")[3] ?? "";
  const shown = STOPS.find((stop) => placeOf(stop) === (WITHIN[place] ?? place));
  const mayWork = useMay("BENCH");
  const money = useMay("MONEY");
  const { sit } = useSitting(job, shown);
  const undo = useUndo(job.tag);
  useKeys({
    ...Object.fromEntries(
      STOPS.map((stop, index) => [
        String(index + 1),
        () => void navigate(`/camera/${job.tag}/${placeOf(stop)}`),
      ]),
    ),
    "0": () => void navigate(`/camera/${job.tag}`),
    r: () => void navigate(`/camera/${job.tag}/record`),
    j: () => void navigate(`/camera/${job.tag}/adjust`),
    i: () => void navigate(`/camera/${job.tag}/pictures`),
    q: () => money && void navigate(`/camera/${job.tag}/options`),

    l: () => document.getElementById("log-line")?.focus(),
    s: () => mayWork && sit(),
    "Ctrl+z": undo,
  });
  useEffect(() => {
    document.title = texts.ruvant(job.tag, job.cameraWords);
    return () => {
      document.title = texts.ruvantLabel;
    };
  }, [job.tag, job.cameraWords]);
  return (
    <>
      <CameraHead job={job} shown={shown} sit={sit} place={place} />
      {job.unreadable.length > 0 && (
        <p role="alert" className="border-stop bg-stop-wash border-l-4 px-5 py-1.5">
          <b className="text-stop">{texts.onlyToRead(job.unreadable[0].sequence)}</b> {job.unreadable[0].why}{" "}
          <Link to={`/camera/${job.tag}/record`} className="underline">
            {texts.readTheRecord}
          </Link>
        </p>
      )}
      <div className="frame min-h-0 flex-1 overflow-hidden">
        <Outlet />
      </div>
      <JustArrived job={job} />
      {job.unreadable.length === 0 && mayWork && <LogLine job={job} stop={shown} />}
    </>
  );
}

function CameraHead({
  job,
  shown,
  sit,
  place,
}: {
  job: JobView;
  shown?: Stop;
  sit: () => void;
  place: string;
}) {
  const received = job.intake.received!;
  const money = useMay("MONEY");
  const mayWork = useMay("BENCH");
  const seated = job.sitting.time.seatedSince !== undefined;
  return (
    <div className="border-line bg-sheet wide:flex-nowrap flex shrink-0 flex-wrap items-center justify-between gap-x-4 border-b px-5 py-1 print:hidden">
      <Link
        to={`/camera/${job.tag}`}
        aria-current={place === "" ? "page" : undefined}
        className="hover:bg-sunk wide:basis-0 min-w-0 flex-1 basis-full rounded-[4px] py-1"
        title={texts.overviewKey0}
      >
        <span className="flex items-center gap-2.5">
          <PaperTag tag={job.tag} />
          <h1 className="truncate text-[19px]">{job.cameraWords}</h1>
        </span>
        <span className="text-soft mt-1 block truncate text-[14px]">
          {(received.owner.shopsOwn || received.owner.name !== "") && (
            <>
              <bdi>{received.owner.shopsOwn ? texts.theShopsOwn : received.owner.name}</bdi>:{" "}
            </>
          )}
          <bdi>“{received.complaint}”</bdi>
        </span>
      </Link>
      <Path tag={job.tag} stops={job.stops} here={job.currentStop} shown={shown} />
      <div className="flex w-[318px] shrink-0 flex-col items-end gap-0.5 text-right">
        <span className="text-[14px] leading-5 whitespace-nowrap">
          {job.sitting.minutes > 0 && (
            <span className="text-soft">{minutesWords(job.sitting.minutes)} · </span>
          )}
          {job.handover.returnedAt !== undefined ? (
            <b className="text-done">{texts.returned(day(job.handover.returnedAt))}</b>
          ) : job.promised !== undefined ? (
            <b>{texts.promised(day(job.promised))}</b>
          ) : (
            <span className="text-soft">{texts.noDatePromised}</span>
          )}
        </span>
        <span className="flex items-center gap-1">
          {money && (
            <SideLink job={job} to="options" at={place === "money" ? "options" : place}>
              {texts.owner}
            </SideLink>
          )}
          <SideLink job={job} to="pictures" at={place}>
            {texts.pictures}
          </SideLink>
          <SideLink job={job} to="record" at={place}>
            {texts.record}
          </SideLink>
          {job.handover.returnedAt === undefined && mayWork && (
            <Button
              onClick={sit}
              keyHint="S"
              className={
                seated ? "border-mark-line! bg-mark-wash! text-mark! font-bold whitespace-nowrap" : ""
              }
            >
              {seated ? texts.stopWork : texts.startWork}
            </Button>
          )}
        </span>
      </div>
    </div>
  );
}

/** Sitting down to the camera and getting up: one key for both. */
function useSitting(job: JobView, shown: Stop | undefined) {
  const append = useAppend(job.tag);
  const seated = job.sitting.time.seatedSince !== undefined;
  const sit = () =>
    orSay(
      append(
        [
          seated
            ? { kind: "gotUp", remark: "" }
            : { kind: "satDown", stop: shown ?? job.currentStop, step: "" },
        ],
        { said: seated ? texts.workStopped : texts.workStartedTheTimeIs },
      ),
    );
  return { sit };
}

/** Strikes the last line that this person logged; when that is a strike already, undoes it. */
function useUndo(tag: string) {
  const client = useQueryClient();
  const append = useAppend(tag);
  const { signer } = useSigner();
  return async () => {
    const log = await client.fetchQuery({ ...linesQuery(tag), staleTime: 0 });
    const last = log.filter((line) => line.by === signer).at(-1);
    if (last === undefined) {
      notify({ kind: "problem", text: texts.hasLoggedNothingHereYet(signer) });
      return;
    }
    try {
      if (last.entry.kind === "struck") {
        await append([{ kind: "strikeUndone", target: last.entry.target }], {
          said: texts.theLineIsRestored,
        });
      } else {
        const line = log
          .filter((one) => one.by === signer && !one.aboutTheRecord && one.struckBecause === undefined)
          .at(-1);
        if (line === undefined || line.sequence === 1) {
          notify({ kind: "problem", text: texts.youHaveNoLineLeft });
          return;
        }
        await append([{ kind: "struck", target: line.id, reason: texts.undoneAtOnce }], {
          said: texts.struckOutCtrlZRestores(line.words),
        });
      }
    } catch (refusal) {
      sayRefusal(refusal);
    }
  };
}

/** A place of the camera that is none of its stops. */
function SideLink({ job, to, at, children }: { job: JobView; to: string; at: string; children: string }) {
  return (
    <Link
      to={`/camera/${job.tag}/${to}`}
      aria-current={at === to ? "page" : undefined}
      className={`hover:bg-sunk flex min-h-11 items-center rounded-[4px] px-1.5 text-[14px] ${at === to ? "font-bold underline" : "decoration-line underline"}`}
    >
      {children}
    </Link>
  );
}
