import { side, socket } from "../fittings";
import { box, disc, lens, line, type SixSides } from "../strokes";

export const subminiature: SixSides = {
  FRONT: side(
    120,
    70,
    box(6, 10, 108, 54, 10),
    lens(74, 38, 15),
    box(20, 18, 20, 12, 2, "glass"),
    line("M100 20v34"),
    disc(30, 50, 4),
  ),
  BACK: side(120, 70, box(6, 10, 108, 54, 10), box(82, 18, 18, 12, 2, "glass"), line("M14 34h92")),
  TOP: side(
    120,
    56,
    box(6, 10, 108, 28, 8, "metal"),
    box(58, 38, 32, 12, 3, "metal"),
    disc(94, 24, 8),
    disc(26, 24, 8),
    disc(70, 22, 5),
  ),
  BOTTOM: side(120, 56, box(6, 10, 108, 28, 8, "metal"), box(58, 38, 32, 12, 3, "metal"), socket(34, 24)),
  LEFT: side(56, 70, box(16, 10, 32, 54, 8), box(6, 24, 10, 28, 2, "metal")),
  RIGHT: side(56, 70, box(8, 10, 32, 54, 8), box(40, 24, 10, 28, 2, "metal"), disc(24, 18, 3)),
};
