/** One stroke of a drawing: a path, and whether it is body, glass, metal or only a line. */
export interface Stroke {
  d: string;
  as: "body" | "glass" | "metal" | "line";
}

/** One side of a camera, drawn in millimetres from its upper left corner. */
export interface SideDrawing {
  width: number;
  height: number;
  strokes: Stroke[];
}

export type SideName = "FRONT" | "BACK" | "TOP" | "BOTTOM" | "LEFT" | "RIGHT";
export type SixSides = Record<SideName, SideDrawing>;

export function box(x: number, y: number, w: number, h: number, r = 3, as: Stroke["as"] = "body"): Stroke {
  const round = Math.min(r, w / 2, h / 2);
  return {
    as,
    d:
      `M${x + round} ${y}h${w - 2 * round}a${round} ${round} 0 0 1 ${round} ${round}v${h - 2 * round}` +
      `a${round} ${round} 0 0 1 ${-round} ${round}h${-(w - 2 * round)}a${round} ${round} 0 0 1 ${-round} ${-round}` +
      `v${-(h - 2 * round)}a${round} ${round} 0 0 1 ${round} ${-round}z`,
  };
}

export function disc(x: number, y: number, r: number, as: Stroke["as"] = "metal"): Stroke {
  return { as, d: `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z` };
}

export const line = (d: string): Stroke => ({ as: "line", d });
export const shape = (d: string, as: Stroke["as"] = "metal"): Stroke => ({ as, d });

/** A lens from the front: mount, ring, glass. */
export const lens = (x: number, y: number, r: number): Stroke[] => [
  disc(x, y, r),
  disc(x, y, r * 0.78),
  disc(x, y, r * 0.5, "glass"),
];

/** Bellows from the side, from a wide frame to a narrow one. */
export function bellows(
  x1: number,
  x2: number,
  top1: number,
  top2: number,
  low1: number,
  low2: number,
): Stroke[] {
  const folds = 6;
  const lines = Array.from({ length: folds + 1 }, (_, i) => {
    const x = x1 + ((x2 - x1) * i) / folds;
    const top = top1 + ((top2 - top1) * i) / folds;
    const low = low1 + ((low2 - low1) * i) / folds;
    return line(`M${x} ${top}V${low}`);
  });
  return [shape(`M${x1} ${top1}L${x2} ${top2}V${low2}L${x1} ${low1}z`, "body"), ...lines];
}
