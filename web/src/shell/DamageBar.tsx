import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { healthQuery } from "../api/safe";
import { texts } from "./words";

/** What is damaged, until somebody has read of it: nothing else may hide that. */
export function DamageBar() {
  const findings = useQuery(healthQuery).data?.findings ?? [];
  if (findings.length === 0) return null;
  return (
    <p role="alert" className="border-stop bg-sheet shrink-0 border-l-4 px-5 py-1 print:hidden">
      <b className="text-stop">{findings[0].what}</b>{" "}
      <Link to="/house/safe" className="inline-flex min-h-11 items-center underline">
        {texts.whatToDo(findings.length - 1)}
      </Link>
    </p>
  );
}
