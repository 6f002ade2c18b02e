import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { newcomerQuery } from "../../api/plan";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { useSettled } from "../../ui/useSettled";
import { chanceWords } from "./chance";
import { texts } from "./words";

interface Typed {
  maker: string;
  model: string;
  family: Schemas["Camera"]["family"];
  bodyType: Schemas["Camera"]["bodyType"];
  promised: string;
}

type NewcomerPage = Schemas["NewcomerPage"];
type Kind = Pick<Typed, "maker" | "model" | "family" | "bodyType">;

const sameKind = (one: Kind, other: Kind) =>
  one.maker === other.maker &&
  one.model === other.model &&
  one.family === other.family &&
  one.bodyType === other.bodyType;

/** By when a camera that comes in now would be done, before anything is promised: a press takes the day. */
export function NewcomerDone({ camera, onPromise }: { camera: Typed; onPromise: (day: string) => void }) {
  const { family, bodyType, promised } = camera;
  const maker = useSettled(camera.maker.trim());
  const model = useSettled(camera.model.trim());
  const kind = { maker, model, family, bodyType };
  const { data: page, isPlaceholderData } = useQuery({
    ...newcomerQuery({ ...kind, promised: promised === "" ? undefined : promised }),
    // days stay while another date is reckoned, but never those of another camera, and no chance of another date
    placeholderData: (before: NewcomerPage | undefined, query) =>
      query !== undefined && sameKind(query.queryKey[1] as Kind, kind) ? before : undefined,
  });
  if (page?.forecast === undefined || maker === "" || model === "") return null;
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
      {chance !== undefined && promised !== "" && !isPlaceholderData && (
        <p>{texts.chanceOf(day(promised), chanceWords(chance))}</p>
      )}
      {page.late.length > 0 && <p className="text-stop">{texts.makesLate(page.late.join(", "))}</p>}
    </section>
  );
}
