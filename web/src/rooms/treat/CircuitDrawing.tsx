import type { Schemas } from "../../api/client";
import { texts } from "./words";

type Circuit = Schemas["CircuitDrawn"];

const WIDTH = 640;
const HEIGHT = 210;
const MARGIN = 64;

/** Where each point lies: round the loop, clockwise from the upper left. */
function places(count: number): { x: number; y: number }[] {
  const top = Math.ceil(count / 2);
  const spread = (n: number, of: number) => (of === 1 ? 0.5 : n / (of - 1)) * (WIDTH - 2 * MARGIN) + MARGIN;
  return Array.from({ length: count }, (_, at) =>
    at < top ? { x: spread(at, top), y: 52 } : { x: spread(count - 1 - at, count - top), y: HEIGHT - 52 },
  );
}

/** A circuit as a loop of points; a probe is held to a point by pressing it. */
export function CircuitDrawing({
  circuit,
  red,
  black,
  onTouch,
}: {
  circuit: Circuit;
  red: string;
  black: string;
  onTouch: (point: string) => void;
}) {
  const at = places(circuit.points.length);
  return (
    <div
      className="relative max-w-full"
      style={{ width: WIDTH, height: HEIGHT }}
      role="group"
      aria-label={texts.pointsInTheCircuit}
    >
      <svg width={WIDTH} height={HEIGHT} className="absolute inset-0" aria-hidden="true">
        {circuit.pieces.map((piece) => {
          const a = at[piece.from];
          const b = at[piece.to];
          const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
          const upright = Math.abs(a.x - b.x) < Math.abs(a.y - b.y);
          return (
            <g key={piece.name}>
              <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} className="stroke-metal" strokeWidth="2" />
              <PieceMark kind={piece.kind} x={middle.x} y={middle.y} upright={upright} />
              <text
                x={upright ? middle.x + (middle.x > WIDTH / 2 ? -14 : 14) : middle.x}
                y={upright ? middle.y + 4 : middle.y + (middle.y < HEIGHT / 2 ? 26 : -17)}
                textAnchor={upright ? (middle.x > WIDTH / 2 ? "end" : "start") : "middle"}
                className="fill-soft text-[12px]"
              >
                {piece.name}
              </text>
            </g>
          );
        })}
      </svg>
      {circuit.points.map((point, i) => (
        <button
          key={point}
          type="button"
          onClick={() => onTouch(point)}
          aria-pressed={point === red || point === black}
          className={`absolute flex min-h-11 min-w-11 -translate-x-1/2 items-center justify-center rounded-[4px] border-2 px-1.5 text-[13px] leading-4 ${
            point === red
              ? "border-stop bg-stop-wash text-stop font-bold"
              : point === black
                ? "border-ink bg-earth font-bold"
                : "border-line bg-sheet"
          }`}
          style={{ left: at[i].x, top: at[i].y < HEIGHT / 2 ? 2 : HEIGHT - 46, maxWidth: 104 }}
        >
          {point}
          {point === red && texts.red}
          {point === black && texts.black}
        </button>
      ))}
    </div>
  );
}

function PieceMark({
  kind,
  x,
  y,
  upright,
}: {
  kind: Circuit["pieces"][number]["kind"];
  x: number;
  y: number;
  upright: boolean;
}) {
  const turn = upright ? `rotate(90 ${x} ${y})` : undefined;
  switch (kind) {
    case "CELL":
      return (
        <g transform={turn} className="stroke-ink" strokeWidth="2.4">
          <rect x={x - 5} y={y - 2} width="10" height="4" className="fill-mat" stroke="none" />
          <line x1={x - 4} y1={y - 6} x2={x - 4} y2={y + 6} />
          <line x1={x + 4} y1={y - 11} x2={x + 4} y2={y + 11} />
        </g>
      );
    case "SWITCH":
      return (
        <g transform={turn}>
          <rect x={x - 13} y={y - 3} width="26" height="6" className="fill-mat" />
          <line x1={x - 13} y1={y} x2={x + 11} y2={y - 9} className="stroke-ink" strokeWidth="2.4" />
          <circle cx={x - 13} cy={y} r="2.6" className="fill-ink" />
          <circle cx={x + 13} cy={y} r="2.6" className="fill-ink" />
        </g>
      );
    case "LOAD":
      return (
        <path
          transform={turn}
          d={`M${x - 20} ${y}q5 -16 10 0q5 -16 10 0q5 -16 10 0q5 -16 10 0`}
          className="stroke-ink fill-none"
          strokeWidth="2.4"
        />
      );
    case "CONTACT":
      return <circle cx={x} cy={y} r="4" className="fill-mark-wash stroke-mark-line" strokeWidth="2" />;
    case "WIRE":
      return null;
  }
}
