import { Away, Problem } from "../api/client";
import { texts } from "./words";

/** What would not go, what to do, and what happened meanwhile. */
export function ProblemNote({ problem, children }: { problem: unknown; children?: React.ReactNode }) {
  if (problem === undefined || problem === null) return null;
  const known = problem instanceof Problem ? problem : undefined;
  const text =
    known?.message ??
    (problem instanceof Away
      ? texts.theRuvantServerCannotBe
      : problem instanceof Error
        ? problem.message
        : JSON.stringify(problem));
  return (
    <div role="alert" className="border-stop bg-stop-wash rounded-[4px] border-l-4 px-3 py-2">
      <p className="text-stop font-bold">{text}</p>
      {known !== undefined && known.remedy !== "" && <p>{known.remedy}</p>}
      {known !== undefined && known.since.length > 0 && (
        <p className="mt-1 text-[14px]">{texts.meanwhile(known.since.join("; "))}</p>
      )}
      {children}
    </div>
  );
}
