import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { StateMark } from "../../ui/State";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

type State = Schemas["StateSet"]["state"];

const PAIRS: [State, State][] = [
  ["COCKED", "RELEASED"],
  ["MIRROR_UP", "MIRROR_DOWN"],
  ["BACK_OPEN", "BACK_CLOSED"],
];

/** How the mechanism stands, what is let down, missing or too many, and whether a trial is on. */
export function Mechanism({ job }: { job: JobView }) {
  const { word } = useWords();
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const standing = new Set<string>(Object.values(job.notes.states));
  const set = (state: State) =>
    void submit(() =>
      append([{ kind: "stateSet", state }], { said: texts.now(word("mechanismState", state)) }),
    );
  const pairs = PAIRS.filter(([up]) => up !== "MIRROR_UP" || hasMirror(job));
  return (
    <Panel title={texts.mechanismIsNow} note={texts.soThatMarksCanBe}>
      <div className="grid grid-cols-2 gap-1" role="group" aria-label={texts.stateOfTheMechanism}>
        {pairs.flat().map((state) => (
          <button
            key={state}
            type="button"
            aria-pressed={standing.has(state)}
            onClick={() => set(state)}
            className="border-line bg-sheet aria-pressed:border-mark-line aria-pressed:bg-mark-wash aria-pressed:text-mark min-h-11 rounded-[4px] border px-2 text-[14px] aria-pressed:font-bold"
          >
            {word("mechanismState", state)}
          </button>
        ))}
      </div>
      <Trial job={job} />
      <ul>
        {job.notes.letDown.map((spring) => (
          <Note key={spring.id} mark="wait">
            {texts.isLetDown(spring.name)}
            {spring.turns > 0 && texts.turnsLeft(spring.turns, spring.turns === 1)}
            {spring.remark !== "" && `, ${spring.remark}`}
            <Button
              kind="quiet"
              onClick={() =>
                void submit(() =>
                  append([{ kind: "springWound", spring: spring.name, turns: spring.turns, remark: "" }], {
                    said: texts.wound(spring.name),
                  }),
                )
              }
            >
              {texts.logAsWound}
            </Button>
          </Note>
        ))}
        {job.notes.missing.map((piece) => (
          <Note key={piece.id} mark="not">
            {texts.missingOnArrival(piece.count, piece.what)}
            {piece.where !== "" && `, ${piece.where}`}
          </Note>
        ))}
        {job.notes.surplus.map((piece) => (
          <Note key={piece.id} mark="left">
            {texts.leftOver(piece.count, piece.what)}
            {piece.where !== "" && texts.inIt(piece.where)}
          </Note>
        ))}
        {job.sitting.time.lacking.map((tool) => (
          <Note key={tool.id} mark="not">
            {texts.missingTool(tool.name)}
            <Button
              kind="quiet"
              onClick={() =>
                void submit(() =>
                  append([{ kind: "toolNoted", tool: tool.name, atHand: true, remark: "" }], {
                    said: texts.nowAvailable(tool.name),
                  }),
                )
              }
            >
              {texts.nowAvailableLabel}
            </Button>
          </Note>
        ))}
      </ul>
      {refused}
    </Panel>
  );
}

const hasMirror = (job: JobView) => ["SLR", "MODULAR"].includes(job.intake.received!.camera.bodyType);

function Note({ mark, children }: { mark: "wait" | "not" | "left"; children: React.ReactNode }) {
  return (
    <li className="border-line/70 flex items-start gap-2 border-b py-1 text-[14.5px]">
      <span className="pt-0.5">
        <StateMark mark={mark} />
      </span>
      <span className="flex min-w-0 flex-1 flex-wrap items-center justify-between">{children}</span>
    </li>
  );
}

/** A trial assembly that is on stands out: nothing goes back for good while it is. */
function Trial({ job }: { job: JobView }) {
  const append = useAppend(job.tag);
  const trial = job.refitting.trial;
  if (trial === undefined) return null;
  return (
    <div className="border-mark-line bg-mark-wash flex flex-col gap-1 rounded-[3px] border-l-4 px-2 py-1.5">
      <p>
        <b className="text-mark">{texts.trialAssemblyFor}</b> {trial.what.parts.join(", ")}
        {trial.what.how !== "" && `, ${trial.what.how}`}
      </p>
      <AddLine
        blanks={[{ label: texts.whatTheTrialShowed, optional: true }]}
        action={texts.takenApartAgain}
        onAdd={(seen) => append([{ kind: "trialUndone", seen }], { said: texts.trialAssemblyTakenApart })}
      />
    </div>
  );
}
