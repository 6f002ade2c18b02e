import { box, disc, line, type SideDrawing, type Stroke } from "./strokes";

/** One side: its frame, and its strokes from the back to the front. */
export const side = (width: number, height: number, ...strokes: (Stroke | Stroke[])[]): SideDrawing => ({
  width,
  height,
  strokes: strokes.flat(),
});

/** Small things that many bodies have. */
export const socket = (x: number, y: number) => [disc(x, y, 6), disc(x, y, 3, "line")];
export const shoe = (x: number, y: number) => [
  box(x, y, 20, 12, 1, "metal"),
  line(`M${x + 4} ${y}v12M${x + 16} ${y}v12`),
];
export const lug = (x: number, y: number) => disc(x, y, 2.5);
