import { useState } from "react";
import type { Refused } from "../../api/queue";
import { Button } from "../../ui/Button";
import { ProblemNote } from "../../ui/ProblemNote";
import { Window } from "../../ui/Window";
import { Fields } from "./Fields";
import { cleaned } from "./said";
import { texts } from "./words";

/** A line that the server would not take, to be put right and sent once more. */
export function MendLine({
  refused,
  onSend,
  onClose,
}: {
  refused: Refused;
  onSend: (lines: Refused["sending"]["lines"]) => void;
  onClose: () => void;
}) {
  const [lines, setLines] = useState(refused.sending.lines);
  return (
    <Window
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={texts.mendTheLine(refused.sending.log)}
    >
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          onSend(lines.map((line) => ({ ...line, entry: cleaned(line.entry) })));
        }}
      >
        <ProblemNote problem={new Error(`${refused.message} ${refused.remedy}`.trim())} />
        {lines.map((line, index) => (
          <Fields
            key={line.id}
            entry={line.entry}
            onChange={(entry) => setLines(lines.map((one, at) => (at === index ? { ...one, entry } : one)))}
          />
        ))}
        <Button kind="primary" type="submit" className="self-start">
          {texts.sendIt}
        </Button>
      </form>
    </Window>
  );
}
