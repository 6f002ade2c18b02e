import { useState } from "react";
import { Problem } from "../api/client";

/** Runs what a form does, and keeps what would not go, so that it can be said beside the form. */
export function useSubmit() {
  const [problem, setProblem] = useState<unknown>();
  const [busy, setBusy] = useState(false);
  const submit = async (work: () => Promise<unknown>): Promise<boolean> => {
    setBusy(true);
    setProblem(undefined);
    try {
      await work();
      return true;
    } catch (refused) {
      setProblem(refused);
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { problem, field: problem instanceof Problem ? problem : undefined, busy, submit, setProblem };
}
