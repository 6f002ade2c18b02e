import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { JobView, Schemas } from "../../api/client";
import { earlierQuery } from "../../api/customers";
import { useWords } from "../../api/queries";
import { useAppend } from "../../hands/append";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type Visit = Schemas["EarlierVisit"];

/** Other stays of this camera, whoever owned it then: what was done, whether it is covered, and how the fault stands to it. */
export function HereBefore({ job }: { job: JobView }) {
  const page = useQuery(earlierQuery(job.tag, job.lastSequence)).data;
  if (page === undefined || page.visits.length === 0) return null;
  return (
    <Panel title={texts.hereBefore}>
      {page.visits.map((visit) => (
        <OneVisit
          key={visit.tag}
          job={job}
          visit={visit}
          said={page.said?.what.earlier === visit.tag ? page.said.what : undefined}
        />
      ))}
    </Panel>
  );
}

function OneVisit({ job, visit, said }: { job: JobView; visit: Visit; said?: Schemas["CameBack"] }) {
  const append = useAppend(job.tag);
  const { choices, word } = useWords();
  const { refused, busy, submit } = useSubmit();
  const later = Number(visit.tag.slice(2)) > Number(job.tag.slice(2));
  const judge = (judged: Schemas["CameBack"]["judged"], covered: boolean | undefined) =>
    void submit(() =>
      append([{ kind: "cameBack", earlier: visit.tag, judged, covered, why: said?.why ?? "" }], {
        said: texts.judged,
      }),
    );
  return (
    <div className="border-line/70 flex flex-col gap-1.5 border-b pb-2 text-[14.5px] last:border-0">
      <p>
        <Link to={`/camera/${visit.tag}`} className="num font-bold underline">
          {visit.tag}
        </Link>{" "}
        <bdi>{visit.owner}</bdi>
        {visit.returned !== undefined && `, ${texts.returnedOn(day(visit.returned))}`}
        <span className="text-soft block">
          {[visit.causes.map((one) => one.words).join(", "), visit.who]
            .filter((one) => one !== "")
            .join("; ")}
        </span>
        {visit.coveredUntil !== undefined && (
          <b className={`block ${visit.covered ? "text-done" : "text-soft font-normal!"}`}>
            {visit.covered
              ? texts.coveredUntil(day(visit.coveredUntil))
              : texts.wasCoveredUntil(day(visit.coveredUntil))}
          </b>
        )}
      </p>
      {!later && said === undefined && visit.seems !== undefined && (
        <p className="text-soft">
          {texts.seems(word("likeness", visit.seems))} {visit.because}.
        </p>
      )}
      {!later && said?.judged !== undefined && (
        <p>
          <b>{word("likeness", said.judged)}</b>
          {said.covered !== undefined && `, ${said.covered ? texts.isCovered : texts.isNotCovered}`}
        </p>
      )}
      {!later && job.handover.returnedAt === undefined && (
        <div className="flex flex-wrap gap-1.5">
          {choices("likeness").map((one) => (
            <Button
              key={one.value}
              disabled={busy}
              aria-pressed={said?.judged === one.value}
              className={said?.judged === one.value ? "border-ready! bg-ready-wash!" : ""}
              about={visit.tag}
              onClick={() => judge(one.value as Schemas["CameBack"]["judged"], visit.coveredAs[one.value])}
            >
              {one.label}
            </Button>
          ))}
          {said?.judged !== undefined && (
            <Button kind="quiet" disabled={busy} onClick={() => judge(said.judged, !(said.covered ?? false))}>
              {said.covered === true ? texts.sayNotCovered : texts.sayCovered}
            </Button>
          )}
        </div>
      )}
      {refused}
    </div>
  );
}
