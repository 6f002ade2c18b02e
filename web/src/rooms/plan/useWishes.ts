import { useEffect, useRef, useState } from "react";
import { NO_WISH, trial, type PlanTask, type TrialPage, type Wish } from "../../api/plan";
import { useAppend } from "../../hands/append";
import { sayRefusal } from "../../hands/notices";
import { texts } from "./words";

/** A wish that was not logged yet, and what would come of it. */
export interface Trying {
  task: PlanTask;
  wish: Wish;
  /** What it comes to; nothing while it is worked out. */
  page?: TrialPage;
}

/**
 * Wishes for one task: each is tried first, so that its cost is seen, and logged when that is taken. Wishes that take no time of
 * anybody's, such as leaving a task to the plan again, are tried all the same.
 */
export function useWishes(task: PlanTask | undefined) {
  const [trying, setTrying] = useState<Trying>();
  const append = useAppend(task?.tag ?? "");
  const asked = useRef(0);
  useEffect(() => {
    setTrying((now) => (now !== undefined && now.task.id !== task?.id ? undefined : now));
  }, [task?.id]);
  const attempt = (its: PlanTask, wish: Wish) => {
    const turn = ++asked.current;
    setTrying({ task: its, wish });
    trial([{ tag: its.tag, task: its.task, wish }])
      .then((page) => {
        if (turn === asked.current) setTrying({ task: its, wish, page });
      })
      .catch((problem: unknown) => {
        if (turn === asked.current) setTrying(undefined);
        sayRefusal(problem);
      });
  };
  return {
    trying,
    /** Tries a change of the wish that holds. */
    change: (part: Partial<Wish>, of = task) =>
      of === undefined ? undefined : attempt(of, { ...of.wish, ...part }),
    leave: () => (task === undefined ? undefined : attempt(task, NO_WISH)),
    cancel: () => {
      asked.current++;
      setTrying(undefined);
    },
    take: async () => {
      if (trying === undefined) return;
      const { task: its, wish } = trying;
      asked.current++;
      setTrying(undefined);
      await append([{ kind: "taskWished", task: its.task, wish }], { said: texts.saved });
    },
  };
}
