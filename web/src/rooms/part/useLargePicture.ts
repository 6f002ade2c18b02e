import { useState } from "react";
import type { JobView, PartView } from "../../api/client";
import { useKeys } from "../../hands/keys";
import { shotsOf } from "./shotsOf";

/** Whether the pictures of a part stand large beside what is done with it, and which; V steps through them. */
export function useLargePicture(job: JobView, part: PartView | undefined) {
  const [open, setOpen] = useState<{ part: string; at: number }>();
  const shots = part === undefined ? [] : shotsOf(job, part);
  const at = open !== undefined && open.part === part?.name && open.at < shots.length ? open.at : undefined;
  const show = (next: number) =>
    setOpen(part === undefined || next >= shots.length ? undefined : { part: part.name, at: next });
  const step = () => show(at === undefined ? 0 : at + 1);
  const close = () => setOpen(undefined);
  useKeys({ v: step, ...(at === undefined ? {} : { Escape: close }) });
  return { at, shots, show, step, close };
}
