import type { JobView } from "../../api/client";
import { money } from "../../api/money";
import type { TypedOption } from "../../api/offer";
import { useWords } from "../../api/queries";
import { day, exact } from "../../ui/dates";
import { Empty, Panel } from "../../ui/Panel";
import { AskOwner } from "./AskOwner";
import { Agreeing, OpenQuestion } from "./Answering";
import { texts } from "./words";

/** What the owner agreed to and how that stands, what is still open, and what can be asked. */
export function OwnerAside({
  job,
  today,
  sheetLogged,
  options,
}: {
  job: JobView;
  today: string;
  sheetLogged: boolean;
  options: TypedOption[];
}) {
  const open = job.offer.questions.filter((one) => one.answeredAt === undefined);
  const before = job.offer.questions.filter((one) => one.answeredAt !== undefined);
  const returned = job.handover.returnedAt !== undefined;
  // nobody is asked about a camera of the shop's own
  const own = job.intake.received?.owner.shopsOwn === true;
  return (
    <aside className="border-line bg-sheet flex min-h-0 flex-col gap-5 overflow-y-auto border-l px-4 py-4">
      {job.cost.own !== undefined && <Own job={job} own={job.cost.own} />}
      {!own && (
        <Panel title={texts.agreed}>
          <Agreed job={job} />
          {!returned && open.every((one) => one.about !== "OPTIONS" && one.about !== "LIMIT") && (
            <Agreeing job={job} today={today} options={sheetLogged ? options : []} />
          )}
        </Panel>
      )}
      {open.length > 0 && (
        <Panel title={texts.waitingFor}>
          {open.map((one) => (
            <OpenQuestion
              key={one.id}
              job={job}
              today={today}
              question={one}
              options={sheetLogged ? options : []}
            />
          ))}
        </Panel>
      )}
      {!returned && !own && <AskOwner job={job} today={today} sheetLogged={sheetLogged} />}
      {job.offer.consents.length > 0 && (
        <Panel title={texts.consents}>
          {job.offer.consents.map((one) => (
            <p key={one.id} className="text-[14.5px]">
              {texts.consentWas(one.what.agreed, one.what.what)}{" "}
              <span className="text-soft">{day(one.what.day)}</span>
            </p>
          ))}
        </Panel>
      )}
      {before.length > 0 && (
        <Panel title={texts.earlier}>
          {before.map((one) => (
            <p key={one.id} className="text-[14.5px]">
              {one.question} <b>{one.answer}</b> <span className="text-soft">{exact(one.answeredAt!)}</span>
            </p>
          ))}
        </Panel>
      )}
    </aside>
  );
}

function Agreed({ job }: { job: JobView }) {
  const { choices } = useWords();
  const agreed = job.offer.agreements.at(-1)?.what;
  const { cost } = job;
  if (agreed === undefined)
    return (
      <>
        <Empty>{texts.nothingAgreed}</Empty>
        <p className="num">
          {money(cost.labourMinor + cost.partsMinor)} <span className="font-sans">{texts.soFar}</span>
        </p>
      </>
    );
  const how = choices("saidHow").find((one) => one.value === agreed.how)?.label ?? "";
  const spent = cost.labourMinor + cost.partsMinor;
  const limit = cost.limit;
  return (
    <div className="flex flex-col gap-1.5">
      <p>
        <b>{agreed.words}</b>,{" "}
        {agreed.limitMinor === undefined ? texts.noLimit : texts.upTo(money(agreed.limitMinor))}
        <span className="text-soft block text-[14px]">
          {texts.agreedBy(agreed.who === "" ? texts.theOwner : agreed.who, how, day(agreed.day))}
          {agreed.remark === "" ? "" : `: ${agreed.remark}`}
        </span>
      </p>
      <p className="flex items-baseline gap-1.5">
        <b className="num">{money(spent)}</b> <span>{texts.soFar}</span>
      </p>
      {limit !== undefined && (
        <>
          <Bar spent={spent} left={limit.leftMinor} limit={limit.limitMinor} />
          <p
            className={
              limit.state === "WITHIN" ? "text-soft text-[14px]" : "text-stop text-[14.5px] font-bold"
            }
          >
            {limit.state === "OVER"
              ? texts.over
              : limit.state === "WILL_EXCEED"
                ? texts.willExceed(money(limit.leftMinor))
                : texts.within(money(limit.leftMinor))}
          </p>
        </>
      )}
    </div>
  );
}

/** A camera of the shop's own: what was paid, what it cost so far, what it fetches, and what is left of that. */
function Own({ job, own }: { job: JobView; own: NonNullable<JobView["cost"]["own"]> }) {
  const row = (label: string, minor: number | undefined, look = "") => (
    <p className="flex items-baseline justify-between gap-3">
      <span>{label}</span>
      <span className={`num ${look}`}>{minor === undefined ? texts.notSaid : money(minor)}</span>
    </p>
  );
  return (
    <Panel title={texts.shopsOwn}>
      {row(texts.paidFor, own.paidMinor)}
      {row(texts.costSoFar, job.cost.labourMinor + job.cost.partsMinor)}
      {row(texts.fetches, own.worthMinor)}
      {row(
        texts.margin,
        own.marginMinor,
        own.marginMinor !== undefined && own.marginMinor < 0 ? "text-stop font-bold" : "font-bold",
      )}
    </Panel>
  );
}

/** What is spent and still to come against the limit. */
function Bar({ spent, left, limit }: { spent: number; left: number; limit: number }) {
  const whole = Math.max(limit, spent + left, 1);
  return (
    <span aria-hidden="true" className="bg-sunk relative block h-4 overflow-hidden rounded-[2px]">
      <span className="bg-ready absolute inset-y-0 left-0" style={{ width: `${(100 * spent) / whole}%` }} />
      <span
        className="bg-ready/35 absolute inset-y-0"
        style={{ left: `${(100 * spent) / whole}%`, width: `${(100 * left) / whole}%` }}
      />
      <span
        className="bg-mark-line absolute inset-y-0 w-[3px] -translate-x-full"
        style={{ left: `${(100 * limit) / whole}%` }}
      />
    </span>
  );
}
