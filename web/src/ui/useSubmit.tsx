import { useState, type ReactNode } from "react";
import { Problem } from "../api/client";
import { ProblemNote } from "./ProblemNote";

/**
 * Does what a button or a form asks for, and keeps what would not go.
 *
 * `refused` says it, to be put beside the button; nothing where all went well.
 *
 * @param offer what can be done about a refusal, besides what its own words say
 */
export function useSubmit(offer?: (problem: Problem) => ReactNode) {
  const [problem, setProblem] = useState<unknown>();
  const [busy, setBusy] = useState(false);
  const submit = async (work: () => Promise<unknown>): Promise<boolean> => {
    setBusy(true);
    setProblem(undefined);
    try {
      await work();
      return true;
    } catch (refusal) {
      setProblem(refusal);
      return false;
    } finally {
      setBusy(false);
    }
  };
  const known = problem instanceof Problem ? problem : undefined;
  const refused: ReactNode =
    problem === undefined ? undefined : (
      <ProblemNote problem={problem}>{known !== undefined && offer?.(known)}</ProblemNote>
    );
  return { problem: known, refused, busy, submit };
}
