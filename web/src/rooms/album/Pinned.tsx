import type { Schemas } from "../../api/client";

type Pin = Schemas["Pinned"];

/** A picture with its numbered pins, to look at; those whose words are among the alerts stand out. */
export function Pinned({
  src,
  alt,
  pins,
  alert,
  className,
}: {
  src: string;
  alt: string;
  pins: Pin[];
  alert: Set<string>;
  className: string;
}) {
  return (
    <span className="relative inline-block">
      <img src={src} alt={alt} className={className} />
      {pins.map((pin) => (
        <PinMark key={pin.number} pin={pin} alert={alert.has(pin.words)} />
      ))}
    </span>
  );
}

function PinMark({ pin, alert }: { pin: Pin; alert: boolean }) {
  return (
    <span
      aria-hidden="true"
      className={`num absolute grid h-[22px] min-w-[22px] -translate-x-1/2 -translate-y-1/2 place-items-center rounded-full border-2 px-1 text-[12.5px] font-bold shadow ${alert ? "border-mark-line bg-mark-wash text-mark" : "border-ink bg-sheet text-ink"}`}
      style={{ left: `${pin.x * 100}%`, top: `${pin.y * 100}%` }}
    >
      {pin.number}
    </span>
  );
}
