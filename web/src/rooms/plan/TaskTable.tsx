import type { PlanPage } from "../../api/plan";
import { moment } from "../../ui/dates";
import { reasonWords, taskWords } from "./reasonWords";
import { roughly } from "./rough";
import { texts } from "./words";

/** The same plan as a table. */
export function TaskTable({
  plan,
  now,
  onChoose,
}: {
  plan: PlanPage;
  now: number;
  onChoose: (id: string) => void;
}) {
  return (
    <table className="w-full text-[14px]">
      <thead>
        <tr className="text-soft text-left">
          <th className="py-1 pr-3 font-normal">{texts.when}</th>
          <th className="py-1 pr-3 font-normal">{texts.who}</th>
          <th className="py-1 pr-3 font-normal">{texts.camera}</th>
          <th className="py-1 pr-3 font-normal">{texts.what}</th>
          <th className="py-1 pr-3 font-normal">{texts.minutes}</th>
          <th className="py-1 font-normal">{texts.why}</th>
        </tr>
      </thead>
      <tbody>
        {plan.tasks.map((task) => (
          <tr key={task.id} className="border-line/70 border-t align-top">
            <td className="py-1 pr-3 whitespace-nowrap">{moment(task.start, now)}</td>
            <td className="py-1 pr-3 whitespace-nowrap">{task.person ?? "–"}</td>
            <td className="num py-1 pr-3">{task.tag}</td>
            <td className="py-1 pr-3">
              <button type="button" className="text-left underline" onClick={() => onChoose(task.id)}>
                {taskWords(task)}
              </button>
            </td>
            <td className="py-1 pr-3 whitespace-nowrap">{roughly(task.usually)}</td>
            <td className="py-1">{reasonWords(task.first, now)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
