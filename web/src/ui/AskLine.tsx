import { useState } from "react";
import { AddLine } from "./AddLine";
import { Button } from "./Button";

/**
 * A button that opens a line to be typed; the line goes when it was taken, or is not wanted after all.
 *
 * @param about what it is about, where several on a screen say the same
 */
export function AskLine({
  opens,
  about,
  onAdd,
  ...line
}: { opens: string; about?: string } & Omit<Parameters<typeof AddLine>[0], "focus" | "onCancel">) {
  const [open, setOpen] = useState(false);
  return open ? (
    <AddLine
      {...line}
      focus
      onAdd={async (...typed) => {
        const taken = await onAdd(...typed);
        if (taken !== false) setOpen(false);
        return taken;
      }}
      onCancel={() => setOpen(false)}
    />
  ) : (
    <Button kind="quiet" about={about} className="self-start" onClick={() => setOpen(true)}>
      {opens}
    </Button>
  );
}
