import type { SideDrawing, Stroke } from "./strokes";

const LOOKS: Record<Stroke["as"], string> = {
  body: "fill-sunk stroke-metal-dark",
  metal: "fill-sheet stroke-metal-dark",
  glass: "fill-ready-wash stroke-metal-dark",
  line: "fill-none stroke-metal",
};

/** One side of a camera as a clean line drawing. */
export function SideView({ drawing, title }: { drawing: SideDrawing; title: string }) {
  return (
    <svg
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      role="img"
      aria-label={title}
      className="block h-full w-full"
      strokeWidth="1.1"
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {drawing.strokes.map((stroke, index) => (
        <path key={index} d={stroke.d} className={LOOKS[stroke.as]} />
      ))}
    </svg>
  );
}
