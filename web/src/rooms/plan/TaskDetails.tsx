import { Link } from "react-router";
import type { PlanPage, PlanTask, Wish } from "../../api/plan";
import { Button } from "../../ui/Button";
import { day, moment } from "../../ui/dates";
import { ChoiceField, TextField } from "../../ui/Field";
import { PaperTag } from "../../ui/PaperTag";
import { Empty } from "../../ui/Panel";
import { placeOf } from "../../valley/Path";
import { reasonWords, taskWords } from "./reasonWords";
import { roughly } from "./rough";
import type { Trying } from "./useWishes";
import { texts } from "./words";

interface Details {
  plan: PlanPage;
  task: PlanTask | undefined;
  now: number;
  trying: Trying | undefined;
  skills: string[];
  waits: { id: string; label: string }[];
  onChange: (part: Partial<Wish>) => void;
  onLeave: () => void;
  onTake: () => void;
  onCancel: () => void;
}

/** One task: why it stands where it does, what is wished of it, and what another wish would cost. */
export function TaskDetails({
  plan,
  task,
  now,
  trying,
  skills,
  waits,
  onChange,
  onLeave,
  onTake,
  onCancel,
}: Details) {
  if (task === undefined) return <Empty>{texts.pickATask}</Empty>;
  const camera = plan.cameras.find((one) => one.tag === task.tag);
  const wish = trying?.wish ?? task.wish;
  return (
    <div className="flex flex-col gap-3">
      <div>
        <Link
          to={`/camera/${task.tag}/${placeOf(task.stop)}`}
          className="flex min-h-11 items-center gap-2 hover:underline"
        >
          <PaperTag tag={task.tag} />
          <span className="truncate">{task.camera}</span>
        </Link>
        <h2 className="text-[18px]">{taskWords(task)}</h2>
        <p className="text-soft">
          {moment(task.start, now)} – {moment(task.end, now)}
          {task.person !== undefined && `, ${task.person}`}
        </p>
        {task.kind === "HANDS" && (
          <p className="text-soft text-[14px]">
            {texts.about(roughly(task.usually))}, {texts.range(roughly(task.least), roughly(task.most))};{" "}
            {texts.basedOn(task.seen)}
          </p>
        )}
      </div>
      <dl className="text-[14.5px]">
        <dt className="text-soft text-[13.5px]">{texts.why}</dt>
        <dd className="pb-1.5">{reasonWords(task.first, now)}</dd>
        {task.notEarlier !== undefined && (
          <>
            <dt className="text-soft text-[13.5px]">{texts.notEarlier}</dt>
            <dd className="pb-1.5">{reasonWords(task.notEarlier, now)}</dd>
          </>
        )}
        {camera?.promised !== undefined && (
          <>
            <dt className="text-soft text-[13.5px]">{texts.promised}</dt>
            <dd>{day(camera.promised)}</dd>
          </>
        )}
      </dl>
      {trying !== undefined && <Cost {...{ plan, trying, now, onTake, onCancel }} />}
      {task.kind === "HANDS" && !task.runs && (
        <Wishes {...{ plan, task, wish, skills, waits, onChange, onLeave }} />
      )}
    </div>
  );
}

function Wishes({
  plan,
  task,
  wish,
  skills,
  waits,
  onChange,
  onLeave,
}: Pick<Details, "plan" | "skills" | "waits" | "onChange" | "onLeave"> & { task: PlanTask; wish: Wish }) {
  return (
    <div className="flex flex-col gap-2.5">
      <div className="grid grid-cols-2 gap-2">
        <Button keyHint="F" onClick={() => onChange({ first: !wish.first })} aria-pressed={wish.first}>
          {texts.first}
        </Button>
        <Button keyHint="A" onClick={() => onChange({ aside: !wish.aside })} aria-pressed={wish.aside}>
          {wish.aside ? texts.takeBackIn : texts.setAside}
        </Button>
        <Button
          keyHint="M"
          onClick={() => onChange({ mornings: !wish.mornings })}
          aria-pressed={wish.mornings}
        >
          {wish.mornings ? texts.anyTime : texts.onlyMornings}
        </Button>
        <Button keyHint="R" onClick={onLeave}>
          {texts.leaveToPlan}
        </Button>
      </div>
      <div className="grid grid-cols-2 gap-2">
        <ChoiceField
          label={texts.who}
          value={wish.person}
          empty={texts.anybody}
          choices={plan.people.map((one) => ({ value: one.name, label: one.name }))}
          onChange={(event) => onChange({ person: event.target.value })}
        />
        <TextField
          key={`minutes-${task.id}`}
          label={texts.minutes}
          inputMode="numeric"
          defaultValue={wish.minutes ?? ""}
          placeholder={String(Math.round(task.usually))}
          onBlur={(event) => {
            const minutes = event.target.value.trim() === "" ? undefined : Number(event.target.value);
            if (minutes !== wish.minutes && !Number.isNaN(minutes)) onChange({ minutes });
          }}
        />
        <TextField
          key={`before-${task.id}-${wish.notBefore ?? ""}`}
          id="plan-not-before"
          wrap="col-span-2"
          label={texts.notBeforeField}
          type="datetime-local"
          defaultValue={local(wish.notBefore)}
          onBlur={(event) => {
            if (event.target.value !== local(wish.notBefore))
              onChange({ notBefore: utc(event.target.value) });
          }}
        />
        <TextField
          key={`at-${task.id}-${wish.at ?? ""}`}
          id="plan-fixed-at"
          wrap="col-span-2"
          label={texts.fixedAt}
          type="datetime-local"
          defaultValue={local(wish.at)}
          onBlur={(event) => {
            if (event.target.value !== local(wish.at)) onChange({ at: utc(event.target.value) });
          }}
        />
        {skills.length > 0 && (
          <ChoiceField
            label={texts.skill}
            value={wish.skill}
            empty={texts.noSkill}
            choices={skills.map((one) => ({ value: one, label: one }))}
            onChange={(event) => onChange({ skill: event.target.value })}
          />
        )}
        {task.task.startsWith("treat") && !task.task.includes("/") && (
          <ChoiceField
            label={texts.restsAfter}
            value={wish.rests}
            empty={texts.asUsual}
            choices={[
              { value: "none", label: texts.noWait },
              ...waits.map((one) => ({ value: one.id, label: one.label })),
            ]}
            onChange={(event) => onChange({ rests: event.target.value })}
          />
        )}
      </div>
    </div>
  );
}

/** What a wish would change, before it is logged. */
function Cost({
  plan,
  trying,
  now,
  onTake,
  onCancel,
}: {
  plan: PlanPage;
  trying: Trying;
  now: number;
  onTake: () => void;
  onCancel: () => void;
}) {
  const { page } = trying;
  const known = new Set(plan.conflicts.map(idOf));
  const its = (one: PlanPage["conflicts"][number]) =>
    one.wishes.some((wish) => `${wish.tag}/${wish.task}` === trying.task.id);
  const conflicts = page?.conflicts.filter((one) => its(one) || !known.has(idOf(one))) ?? [];
  return (
    <section className="border-ink bg-sheet rounded-[5px] border-2 p-3" aria-live="polite">
      <h3 className="heading">{texts.cost}</h3>
      {page === undefined ? (
        <p className="text-soft py-1">{texts.working}</p>
      ) : (
        <ul className="flex flex-col gap-1 py-1 text-[14.5px]">
          {!trying.wish.aside && (
            <li>{page.start === undefined ? texts.noPlace : texts.startsAt(moment(page.start, now))}</li>
          )}
          {conflicts.map((one) => (
            <li key={idOf(one)} className="text-stop">
              {one.wishes.length === 1 ? texts.conflictAlone : texts.conflict}{" "}
              {one.wishes.map((wish) => `${wish.tag} ${wish.words}`).join("; ")}
              {one.why !== undefined && ` (${reasonWords(one.why, now)})`}
            </li>
          ))}
          {page.moved.done.map((one) => {
            const name = `${one.tag} ${one.camera}`;
            return (
              <li key={one.tag} className={one.late ? "text-stop font-bold" : ""}>
                {one.is === undefined
                  ? texts.noLongerPlanned(name)
                  : one.late
                    ? texts.becomesLate(name, day(one.is))
                    : one.was === undefined
                      ? texts.doneNow(name, day(one.is))
                      : texts.doneOther(name, day(one.was), day(one.is))}
              </li>
            );
          })}
          {page.moved.done.length === 0 && conflicts.length === 0 && <li>{texts.costsNothing}</li>}
        </ul>
      )}
      <div className="flex gap-2 pt-1">
        <Button kind="primary" keyHint="↵" disabled={page === undefined} onClick={onTake}>
          {texts.doIt}
        </Button>
        <Button onClick={onCancel}>{texts.cancel}</Button>
      </div>
    </section>
  );
}

/** Which wishes conflict, whatever holds them back. */
const idOf = (conflict: PlanPage["conflicts"][number]) =>
  conflict.wishes
    .map((wish) => `${wish.tag}/${wish.task}`)
    .sort()
    .join(" ");

/** A moment as a field for date and time has it, in the time of this place. */
export function local(iso: string | undefined): string {
  if (iso === undefined) return "";
  const at = new Date(iso);
  const pad = (value: number) => String(value).padStart(2, "0");
  return `${at.getFullYear()}-${pad(at.getMonth() + 1)}-${pad(at.getDate())}T${pad(at.getHours())}:${pad(at.getMinutes())}`;
}

export const utc = (typed: string): string | undefined =>
  typed === "" ? undefined : new Date(typed).toISOString();
