import { figure } from "../../../ui/figures";
import type { CaughtFiring } from "../../../api/stand";
import { stopsWords, timeWords } from "../../../plots/ev";
import { texts } from "../words";

/** What the last firing gave, to be read from a step away; or what the stand waits for. */
export function LastFiring({
  caught,
  waitingFor,
  simulated,
}: {
  caught?: CaughtFiring;
  waitingFor: string;
  simulated: boolean;
}) {
  if (caught === undefined || waitingFor === "open") return <Waiting words={waitingFor} />;
  if (caught.shot === undefined)
    return (
      <div className="text-stop max-w-[300px] text-center" role="status">
        <span className="block text-[44px] leading-tight font-bold">{texts.notCounted}</span>
        <span className="block text-[17px]">{caught.said.join("; ") || texts.itCouldNotBeTimed}</span>
      </div>
    );
  return (
    <div className="text-center" role="status">
      <span className="text-soft block text-[20px]">{texts.theLastOneGave}</span>
      <span className="num text-ready block text-[112px] leading-none font-bold">
        {timeWords(caught.shot.seconds)}
      </span>
      <span className="num mt-2 block text-[28px] leading-none font-bold">
        {caught.errorEv === undefined ? "" : texts.evSaid(stopsWords(caught.errorEv))}
        <span className="text-soft text-[17px] font-normal">
          {" "}
          ± {partWords(caught.shot.uncertaintySeconds / caught.shot.seconds)}
        </span>
      </span>
      {simulated && (
        <span className="bg-mark-wash mx-auto mt-2 block max-w-[360px] rounded-[3px] px-2 py-0.5 text-[15px]">
          {texts.simulatedNotFromThisCamera}
        </span>
      )}
      {caught.said.length > 0 && (
        <span className="text-mark mx-auto mt-2 block max-w-[360px] text-[15px]">
          {caught.said.join("; ")}
        </span>
      )}
    </div>
  );
}

const LEAST_SHOWN = 0.0001;

const partWords = (part: number) => (part < LEAST_SHOWN ? texts.lessThan001 : `${figure(100 * part, 2)} %`);

function Waiting({ words }: { words: string }) {
  return (
    <div className="border-line text-soft flex size-[210px] items-center justify-center rounded-full border-2 border-dashed px-6 text-center text-[28px] leading-8">
      {words}
    </div>
  );
}
