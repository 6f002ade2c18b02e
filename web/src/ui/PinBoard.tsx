import { useRef, useState, type CSSProperties, type ReactNode } from "react";
import { texts } from "./words";

/** A numbered pin; its place in shares of the width and height. */
export interface Pin {
  key: string;
  number: number;
  x: number;
  y: number;
  label: string;
  look?: "plain" | "fresh" | "grave";
}

const LOOKS = {
  plain: "bg-sheet text-ink border-ink",
  fresh: "bg-ready text-on-ready border-ready",
  grave: "bg-stop-wash text-stop border-stop",
};

const STEP = 0.02;

/**
 * Something to put pins on: a picture or a drawing. A tap puts one where it is tapped; with the keyboard the arrows move
 * a cross (with Shift farther) and Enter puts a pin there.
 */
export function PinBoard({
  label,
  pins,
  chosen,
  onPlace,
  onChoose,
  className = "",
  style,
  children,
}: {
  label: string;
  pins: Pin[];
  chosen?: string;
  onPlace?: (x: number, y: number) => void;
  onChoose?: (key: string) => void;
  className?: string;
  /** The board must have the proportions of what is on it, or pins lie beside their place. */
  style?: CSSProperties;
  children: ReactNode;
}) {
  const board = useRef<HTMLDivElement>(null);
  const [cross, setCross] = useState<{ x: number; y: number }>();
  const within = (share: number) => Math.min(1, Math.max(0, share));
  const tap = (event: React.MouseEvent) => {
    const box = board.current!.getBoundingClientRect();
    onPlace?.(within((event.clientX - box.left) / box.width), within((event.clientY - box.top) / box.height));
  };
  const key = (event: React.KeyboardEvent) => {
    if (onPlace === undefined || event.target !== event.currentTarget) return;
    const at = cross ?? { x: 0.5, y: 0.5 };
    const far = event.shiftKey ? 5 * STEP : STEP;
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-far, 0],
      ArrowRight: [far, 0],
      ArrowUp: [0, -far],
      ArrowDown: [0, far],
    };
    const move = moves[event.key];
    if (move !== undefined) setCross({ x: within(at.x + move[0]), y: within(at.y + move[1]) });
    else if (event.key === "Enter" && cross !== undefined) onPlace(cross.x, cross.y);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div className={`relative ${className}`} style={style} ref={board}>
      {children}
      {onPlace !== undefined && (
        <div
          role="button"
          tabIndex={0}
          aria-label={texts.tapToPlaceAPin(label)}
          className="absolute inset-0 cursor-crosshair"
          onClick={tap}
          onKeyDown={key}
          onFocus={(event) => {
            if (event.target.matches(":focus-visible")) setCross(cross ?? { x: 0.5, y: 0.5 });
          }}
          onBlur={() => setCross(undefined)}
        />
      )}
      {cross !== undefined && (
        <span
          aria-hidden="true"
          className="border-stop pointer-events-none absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border-2"
          style={{ left: `${cross.x * 100}%`, top: `${cross.y * 100}%` }}
        />
      )}
      {pins.map((pin) => (
        <button
          key={pin.key}
          type="button"
          aria-label={texts.pin(pin.number, pin.label)}
          title={pin.label}
          aria-pressed={pin.key === chosen}
          onClick={() => onChoose?.(pin.key)}
          className="absolute grid size-11 -translate-x-1/2 -translate-y-1/2 place-items-center"
          style={{ left: `${pin.x * 100}%`, top: `${pin.y * 100}%` }}
        >
          <span
            className={`num grid h-6 min-w-6 place-items-center rounded-full border-2 px-1 text-[13px] font-bold shadow ${LOOKS[pin.look ?? "plain"]} ${pin.key === chosen ? "outline-focus outline-3" : ""}`}
          >
            {pin.number}
          </span>
        </button>
      ))}
    </div>
  );
}
