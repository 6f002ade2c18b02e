import { side, socket } from "../fittings";
import { box, disc, lens, line, shape, type SixSides } from "../strokes";

/** A modular reflex: body, lens, hood and magazine. */
export const modular: SixSides = {
  FRONT: side(
    120,
    140,
    box(12, 34, 96, 100, 5),
    shape("M22 34L30 8H90L98 34z", "body"),
    lens(60, 84, 38),
    disc(102, 122, 5),
  ),
  BACK: side(
    120,
    140,
    box(12, 34, 96, 100, 5),
    shape("M22 34L30 8H90L98 34z", "body"),
    box(20, 44, 80, 82, 4, "metal"),
    line("M20 58h80"),
    box(46, 38, 28, 6, 2, "metal"),
  ),
  TOP: side(
    120,
    170,
    box(12, 40, 96, 68, 4),
    box(26, 46, 68, 56, 2, "glass"),
    box(12, 8, 96, 30, 4, "metal"),
    box(24, 108, 72, 56, 6, "metal"),
    line("M24 120h72M24 134h72M24 148h72"),
  ),
  BOTTOM: side(
    120,
    170,
    box(12, 40, 96, 68, 4),
    box(12, 8, 96, 30, 4, "metal"),
    box(24, 108, 72, 56, 6, "metal"),
    socket(60, 74),
  ),
  LEFT: side(
    180,
    140,
    box(70, 34, 62, 100, 4),
    shape("M76 34L80 8H118L124 34z", "body"),
    box(134, 40, 38, 88, 6, "metal"),
    box(8, 48, 62, 72, 6, "metal"),
    line("M24 48v72M40 48v72M56 48v72"),
    disc(152, 84, 10),
  ),
  RIGHT: side(
    180,
    140,
    box(48, 34, 62, 100, 4),
    shape("M56 34L62 8H100L104 34z", "body"),
    box(8, 40, 38, 88, 6, "metal"),
    box(110, 48, 62, 72, 6, "metal"),
    line("M124 48v72M140 48v72M156 48v72"),
    disc(80, 88, 16),
    shape("M80 84l26 -6v8l-24 6z"),
  ),
};
