import type { PlanPage } from "../../api/plan";
import { moment } from "../../ui/dates";
import { StateMark } from "../../ui/State";
import { reasonWords } from "./reasonWords";
import { texts } from "./words";

/** Wishes that cannot all be met: the smallest set of them, and what holds back the first. */
export function Conflicts({
  plan,
  now,
  onChoose,
}: {
  plan: PlanPage;
  now: number;
  onChoose: (id: string) => void;
}) {
  if (plan.conflicts.length === 0) return null;
  return (
    <ul className="flex flex-col gap-1.5" aria-label={texts.conflicts}>
      {plan.conflicts.map((one) => (
        <li
          key={`${one.wishes[0].tag}/${one.wishes[0].task}`}
          className="bg-stop-wash flex items-start gap-2.5 rounded-[4px] px-3 py-2 text-[15px]"
        >
          <span className="pt-1">
            <StateMark mark="not" />
          </span>
          <span>
            <b>{one.wishes.length === 1 ? texts.conflictAlone : texts.conflict}</b>{" "}
            {one.wishes.map((wish, index) => (
              <span key={`${wish.tag}/${wish.task}`}>
                {index > 0 && "; "}
                <button
                  type="button"
                  className="min-h-6 text-left underline"
                  onClick={() => onChoose(`${wish.tag}/${wish.task}`)}
                >
                  {texts.wishOf(
                    wish.words,
                    wish.tag,
                    wish.wish.at === undefined ? "" : moment(wish.wish.at, now),
                  )}
                </button>
              </span>
            ))}
            . {texts.insteadAt(moment(one.start, now))}
            {one.why !== undefined && `: ${reasonWords(one.why, now)}`}.
          </span>
        </li>
      ))}
    </ul>
  );
}
