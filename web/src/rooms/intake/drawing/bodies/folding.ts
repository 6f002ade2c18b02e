import { side, socket } from "../fittings";
import { bellows, box, disc, lens, line, shape, type SixSides } from "../strokes";

/** A strut folder, open. */
export const folding: SixSides = {
  FRONT: side(
    150,
    110,
    box(5, 18, 140, 88, 14),
    box(36, 22, 78, 80, 4, "metal"),
    lens(75, 62, 26),
    box(58, 4, 34, 14, 2, "metal"),
    line("M36 24L56 44M114 24L94 44M36 100L56 80M114 100L94 80"),
    disc(128, 14, 6),
  ),
  BACK: side(
    150,
    110,
    box(5, 18, 140, 88, 14),
    line("M24 18v88M126 18v88"),
    disc(75, 62, 6, "glass"),
    box(62, 4, 26, 14, 2, "glass"),
    box(138, 54, 8, 16, 2, "metal"),
  ),
  TOP: side(
    150,
    110,
    box(5, 8, 140, 34, 10),
    shape("M38 42L56 92H94L112 42z", "body"),
    line("M42 52H108M46 62H104M50 72H100M54 82H96"),
    box(54, 92, 42, 14, 3, "metal"),
    box(58, 14, 34, 20, 2, "metal"),
    disc(126, 24, 9),
    disc(24, 24, 7),
  ),
  BOTTOM: side(
    150,
    110,
    box(5, 8, 140, 34, 10),
    shape("M38 42L56 92H94L112 42z", "body"),
    box(54, 92, 42, 14, 3, "metal"),
    socket(75, 25),
  ),
  LEFT: side(
    110,
    110,
    box(68, 18, 34, 88, 8),
    bellows(68, 24, 24, 40, 100, 84),
    box(10, 36, 14, 52, 3, "metal"),
    line("M68 98L24 92M68 26L24 40"),
    box(74, 4, 18, 14, 2, "metal"),
  ),
  RIGHT: side(
    110,
    110,
    box(8, 18, 34, 88, 8),
    bellows(42, 86, 24, 40, 100, 84),
    box(86, 36, 14, 52, 3, "metal"),
    line("M42 98L86 92M42 26L86 40"),
    box(18, 4, 18, 14, 2, "metal"),
    disc(24, 62, 5),
  ),
};
