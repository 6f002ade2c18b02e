import { figure } from "../../../ui/figures";
import type { CaughtFiring, Stand } from "../../../api/stand";
import { useShopLog } from "../../../hands/append";
import { orSay } from "../../../hands/notices";
import { Button } from "../../../ui/Button";
import { texts } from "../words";

const AS_KNOWN = 0.05;

/** What the last firing told of the input, to be kept for the stand: a long firing tells it best. */
export function KeepCutoff({
  stands,
  stand,
  input,
}: {
  stands: Stand[];
  stand: Stand;
  input: CaughtFiring["input"];
}) {
  const say = useShopLog("house");
  const { cutoffHz } = input;
  if (!input.coupled) return <p className="text-soft text-[13.5px]">{texts.theInputSeemsToPass}</p>;
  if (cutoffHz === undefined) return null;
  const known = stand.setup.cutoffHz;
  if (known !== undefined && Math.abs(known / cutoffHz - 1) < AS_KNOWN)
    return <p className="text-soft num text-[13.5px]">{texts.knownCutOffHz(figure(known, 1))}</p>;
  const keep = async () => {
    const kept = Math.round(cutoffHz * 100) / 100;
    const body = stands.map((one) =>
      one.name === stand.name
        ? { ...one, setup: { ...one.setup, coupling: "AC" as const, cutoffHz: kept } }
        : one,
    );
    await say([{ kind: "standsSet", stands: body }], texts.theInputCutsOffAt(stand.name, figure(kept, 1)));
  };
  return (
    <div className="flex flex-col gap-1.5">
      <p className="text-soft text-[13.5px]">
        {texts.theInputPassesOnlyChanges} <span className="num">{texts.hz(figure(cutoffHz, 1))}</span>{" "}
        {texts.endOfFrequency}
        {known !== undefined && (
          <>
            {" "}
            {texts.known} <span className="num">{texts.hz(figure(known, 1))}</span>)
          </>
        )}
        {texts.aFiringOfHalfA}
      </p>
      <Button
        className="self-start"
        onClick={(event) => {
          event.currentTarget.blur();
          orSay(keep());
        }}
      >
        {texts.saveForThisStand}
      </Button>
    </div>
  );
}
