import { useState } from "react";
import type { JobView } from "../../api/client";
import { named, type Named } from "../../api/named";
import { Button } from "../../ui/Button";
import { Empty } from "../../ui/Panel";
import type { AdjustView } from "./plan";
import { DescribeAdjuster } from "./DescribeAdjuster";
import { texts } from "./words";

type Offer = AdjustView["offers"][number];

const MOST = 4;

/** What can be turned on this camera; those of use now first. */
export function Adjusters({
  job,
  view,
  onPick,
}: {
  job: JobView;
  view: AdjustView;
  onPick: (ids: string[]) => void;
}) {
  const [all, setAll] = useState(false);
  const [describing, setDescribing] = useState<Named>();
  const chosen = view.chosen.map((one) => one.id);
  const ofUse = view.offers.filter(
    (offer) => offer.timesTurned > 0 || offer.off.length > 0 || chosen.includes(offer.what.name.id),
  );
  const shown = all || ofUse.length === 0 ? view.offers : ofUse;
  const toggle = (id: string) =>
    onPick(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-MOST));
  return (
    <nav
      aria-label={texts.adjusters}
      className="border-line bg-sheet flex min-h-0 flex-col gap-1 overflow-y-auto border-r px-3 py-3"
    >
      <h2 className="heading border-line border-b pb-1">{texts.whatYouCanTurn}</h2>
      {view.offers.length === 0 && <Empty>{texts.nothingIsKnownAboutThis}</Empty>}
      <ul>
        {shown.map((offer) => (
          <OneAdjuster
            key={offer.what.name.id}
            offer={offer}
            chosen={chosen.includes(offer.what.name.id)}
            onToggle={() => toggle(offer.what.name.id)}
            onDescribe={() => setDescribing(offer.what.name)}
          />
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-2">
        {shown.length < view.offers.length && (
          <Button onClick={() => setAll(true)}>{texts.all(view.offers.length)}</Button>
        )}
        {all && <Button onClick={() => setAll(false)}>{texts.onlyUsefulOnes}</Button>}
        <Button onClick={() => setDescribing(named(""))}>{texts.addOne}</Button>
      </div>
      {describing !== undefined && (
        <DescribeAdjuster
          job={job}
          view={view}
          name={describing}
          onClose={(made) => {
            setDescribing(undefined);
            if (made !== undefined) onPick([...chosen.filter((one) => one !== made.id), made.id]);
          }}
        />
      )}
    </nav>
  );
}

function OneAdjuster({
  offer,
  chosen,
  onToggle,
  onDescribe,
}: {
  offer: Offer;
  chosen: boolean;
  onToggle: () => void;
  onDescribe: () => void;
}) {
  const { what } = offer;
  const moves = what.moves.map((one) => one.result.words);
  return (
    <li
      className={`border-line/70 border-b ${chosen ? "border-l-ready bg-ready-wash/50 border-l-4" : "border-l-4 border-l-transparent"}`}
    >
      <button
        type="button"
        aria-pressed={chosen}
        onClick={onToggle}
        className="hover:bg-sunk block min-h-11 w-full px-2 py-1.5 text-left"
        title={offer.why}
      >
        <span className="flex items-baseline justify-between gap-2">
          <b className="min-w-0">{what.name.words}</b>
          {offer.off.length > 0 && (
            <span className="text-stop text-[13.5px] whitespace-nowrap">{texts.off(offer.off.length)}</span>
          )}
        </span>
        <span className="num block text-[13.5px]">{offer.stands}</span>
        <span className="text-soft block text-[13.5px]">
          {moves.length === 0
            ? texts.effectNotKnown
            : `${moves.slice(0, 4).join(" · ")}${moves.length > 4 ? ` +${moves.length - 4}` : ""}`}
        </span>
      </button>
      {chosen && (
        <div className="text-soft px-2 text-[13.5px]">
          <p>
            {offer.why} {offer.cameras > 0 && texts.itsEffectIsKnownFrom(offer.cameras, offer.cameras === 1)}
          </p>
          <button
            type="button"
            aria-label={texts.editOf(offer.what.name.words)}
            className="min-h-11 min-w-11 text-left underline"
            onClick={onDescribe}
          >
            {texts.edit}
          </button>
        </div>
      )}
    </li>
  );
}
