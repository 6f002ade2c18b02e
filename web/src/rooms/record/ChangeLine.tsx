import { useState } from "react";
import type { Entry, LineView } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { useSubmit } from "../../ui/useSubmit";
import { Window } from "../../ui/Window";
import { Fields } from "./Fields";
import { cleaned } from "./said";
import { texts } from "./words";

type Say = (entries: Entry[], saying: { said: string }) => Promise<unknown>;

/** A line said otherwise, in its place; those that rest on it are changed with it. The record shows both. */
export function ChangeLine({
  line,
  lines,
  say,
  close,
}: {
  line: LineView;
  /** All lines of the log, to find those that rest on this one. */
  lines: LineView[];
  say: Say;
  close: () => void;
}) {
  const [changed, setChanged] = useState<Record<string, Entry>>({ [line.id]: line.entry });
  const [reason, setReason] = useState("");
  const { refused, busy, submit } = useSubmit(
    ({ code, resting }) =>
      code === "restsOnIt" && (
        <Button
          className="mt-1"
          onClick={() =>
            setChanged({
              ...Object.fromEntries(
                lines.filter((one) => resting.includes(one.id)).map((one) => [one.id, one.entry]),
              ),
              ...changed,
            })
          }
        >
          {texts.changeThemToo}
        </Button>
      ),
  );
  const save = () =>
    submit(async () => {
      await say(
        Object.entries(changed).map(([target, entry]) => ({
          kind: "amended" as const,
          target,
          entry: cleaned(entry),
          reason,
        })),
        { said: texts.changedBothAreKept },
      );
      close();
    });
  return (
    <Window wide open onOpenChange={(open) => !open && close()} title={texts.changeTheLine(line.sequence)}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        {Object.entries(changed).map(([id, entry]) => (
          <section key={id} className="flex flex-col gap-2">
            {id !== line.id && (
              <h3 className="text-soft text-[14px]">
                {texts.alsoLine(lines.find((one) => one.id === id)?.sequence ?? 0)}
              </h3>
            )}
            <Fields entry={entry} onChange={(next) => setChanged({ ...changed, [id]: next })} />
          </section>
        ))}
        <TextField
          label={texts.whyIsItChanged}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
        {refused}
        <Button kind="primary" type="submit" disabled={busy} className="self-start">
          {texts.saveTheChange}
        </Button>
      </form>
    </Window>
  );
}
