import { side, socket, shoe, lug } from "../fittings";
import { box, disc, lens, line, shape, type SixSides } from "../strokes";

const prism = "M52 26L62 6H88L98 26z";

/** A single-lens reflex with its prism. */
export const slr: SixSides = {
  FRONT: side(
    150,
    106,
    box(5, 26, 140, 76, 10),
    box(8, 20, 134, 16, 5, "metal"),
    shape(prism),
    lens(75, 66, 31),
    line("M114 56v22"),
    disc(34, 46, 4),
    lug(6, 38),
    lug(144, 38),
  ),
  BACK: side(
    150,
    106,
    box(5, 26, 140, 76, 10),
    box(8, 20, 134, 16, 5, "metal"),
    shape(prism),
    box(66, 14, 18, 14, 2, "glass"),
    line("M14 40h122v54H14z"),
    box(138, 58, 8, 18, 2, "metal"),
  ),
  TOP: side(
    150,
    90,
    box(8, 8, 134, 40, 8, "metal"),
    shape("M50 8h50l-8 40H58z"),
    box(44, 48, 62, 36, 4, "metal"),
    line("M44 56h62M44 66h62M44 74h62"),
    shoe(65, 12),
    disc(124, 28, 12),
    disc(124, 28, 6),
    shape("M136 22l12 -6v8z"),
    disc(26, 28, 11),
    disc(106, 18, 5),
  ),
  BOTTOM: side(
    150,
    90,
    box(8, 8, 134, 40, 8, "metal"),
    box(44, 48, 62, 36, 4, "metal"),
    socket(75, 28),
    disc(118, 30, 4),
    disc(34, 28, 9),
  ),
  LEFT: side(
    90,
    106,
    box(44, 26, 38, 76, 6),
    shape("M46 26l6 -20h22l6 20z"),
    box(6, 36, 38, 60, 3, "metal"),
    line("M14 36v60M24 36v60M34 36v60"),
    lug(63, 38),
  ),
  RIGHT: side(
    90,
    106,
    box(8, 26, 38, 76, 6),
    shape("M10 26l6 -20h22l6 20z"),
    box(46, 36, 38, 60, 3, "metal"),
    line("M56 36v60M66 36v60M76 36v60"),
    lug(27, 38),
    line("M14 40v56"),
  ),
};
