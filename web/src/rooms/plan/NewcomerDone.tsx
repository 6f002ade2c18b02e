import { useQuery } from "@tanstack/react-query";
import { useDeferredValue } from "react";
import type { Schemas } from "../../api/client";
import { newcomerQuery } from "../../api/plan";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { chanceWords } from "./chance";
import { texts } from "./words";

interface Typed {
  maker: string;
  model: string;
  family: Schemas["Camera"]["family"];
  bodyType: Schemas["Camera"]["bodyType"];
  promised: string;
}

/** By when a camera that comes in now would be done, before anything is promised: a press takes the day. */
export function NewcomerDone({ camera, onPromise }: { camera: Typed; onPromise: (day: string) => void }) {
  const { maker, model, family, bodyType, promised } = useDeferredValue(camera);
  const page = useQuery(
    newcomerQuery({ maker, model, family, bodyType, promised: promised === "" ? undefined : promised }),
  ).data;
  if (page?.forecast === undefined || maker.trim() === "" || model.trim() === "") return null;
  const { by50, by80, by95, chance } = page.forecast;
  return (
    <section
      aria-label={texts.whenDone}
      className="border-mark-line bg-sunk flex flex-col gap-2 rounded-[3px] border-l-4 px-3 py-2 text-[14.5px]"
    >
      <p>{texts.beforeYouPromise}</p>
      <div className="flex flex-wrap gap-2">
        {[
          { part: texts.by50, date: by50 },
          { part: texts.by80, date: by80 },
          { part: texts.by95, date: by95 },
        ].map(({ part, date }) => (
          <Button
            key={part}
            disabled={date === undefined}
            aria-pressed={date !== undefined && date === promised}
            onClick={() => date !== undefined && onPromise(date)}
          >
            <span className="num">{part}</span> {date === undefined ? texts.later95 : day(date)}
          </Button>
        ))}
      </div>
      {chance !== undefined && promised !== "" && <p>{texts.chanceOf(day(promised), chanceWords(chance))}</p>}
      {page.late.length > 0 && <p className="text-stop">{texts.makesLate(page.late.join(", "))}</p>}
    </section>
  );
}
