import { useAppend } from "../../hands/append";
import type { JobView, PartView } from "../../api/client";
import { Button } from "../../ui/Button";
import { Panel } from "../../ui/Panel";
import { useSubmit } from "../../ui/useSubmit";
import { texts } from "./words";

/** What lies over this part and under it; edges are added and taken away here. */
export function Edges({ job, part }: { job: JobView; part: PartView }) {
  const append = useAppend(job.tag);
  const { refused, submit } = useSubmit();
  const below = job.parts.filter((one) => one.over.includes(part.name));
  const under = below.map((one) => one.name);
  const probablyUnder = below.filter((one) => one.probably.includes(part.name)).map((one) => one.name);
  const without = (names: string[], these: string[]) => names.filter((name) => !these.includes(name));
  const free = job.parts
    .map((one) => one.name)
    .filter((name) => name !== part.name && !under.includes(name) && !part.over.includes(name));
  const set = (over: string, lower: string, present: boolean) =>
    submit(async () => {
      await append([{ kind: "edgeSet", over, under: lower, present }], {
        said: present ? texts.liesOverSaid(over, lower) : texts.doesNotLieOverOf(over, lower),
      });
    });
  return (
    <Panel title={texts.whatLiesOverWhat} note={texts.setsTheOrderOfReassembly}>
      <EdgeList
        title={texts.onTopOfIt}
        names={without(part.over, part.probably)}
        remove={(name) => set(name, part.name, false)}
        empty={part.over.length === 0 ? texts.nothingItCanComeOff : texts.nothingKnown}
      />
      <EdgeList
        title={texts.underneathIt}
        names={without(under, probablyUnder)}
        remove={(name) => set(part.name, name, false)}
        empty={under.length === 0 ? texts.nothingItCanGoBack : texts.nothingKnown}
      />
      {part.probably.length > 0 && (
        <EdgeList
          title={texts.probablyOnTop}
          names={part.probably}
          remove={(name) => set(name, part.name, false)}
          empty=""
        />
      )}
      {probablyUnder.length > 0 && (
        <EdgeList
          title={texts.probablyUnderneath}
          names={probablyUnder}
          remove={(name) => set(part.name, name, false)}
          empty=""
        />
      )}
      {free.length > 0 && (
        <ul aria-label={texts.otherParts} className="wide:grid-cols-2 grid gap-x-4">
          {free.map((name) => (
            <li key={name} className="border-line/70 flex items-center gap-1 border-b">
              <span className="min-w-0 flex-1 truncate">{name}</span>
              <Button
                kind="quiet"
                aria-label={texts.liesOverIt(name, part.name)}
                onClick={() => void set(name, part.name, true)}
              >
                {texts.over}
              </Button>
              <Button
                kind="quiet"
                aria-label={texts.liesUnderIt(name, part.name)}
                onClick={() => void set(part.name, name, true)}
              >
                {texts.under}
              </Button>
            </li>
          ))}
        </ul>
      )}
      {refused}
    </Panel>
  );
}

function EdgeList({
  title,
  names,
  remove,
  empty,
}: {
  title: string;
  names: string[];
  remove: (name: string) => void;
  empty: string;
}) {
  return (
    <div className="grid grid-cols-[96px_1fr] items-center gap-x-3">
      <span className="text-soft">{title}</span>
      <span className="flex flex-wrap items-center gap-1.5">
        {names.length === 0 && <span className="text-soft">{empty}</span>}
        {names.map((name) => (
          <span
            key={name}
            className="border-line bg-sheet inline-flex items-center rounded-[4px] border pl-2.5"
          >
            {name}
            <button
              type="button"
              onClick={() => remove(name)}
              aria-label={texts.doesNotLieThere(name)}
              className="text-soft hover:text-stop min-h-11 min-w-11"
            >
              ✕
            </button>
          </span>
        ))}
      </span>
    </div>
  );
}
