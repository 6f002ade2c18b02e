import { side, socket } from "../fittings";
import { box, disc, line, type SixSides } from "../strokes";

export const boxCamera: SixSides = {
  FRONT: side(
    100,
    130,
    box(8, 12, 84, 112, 4),
    disc(50, 72, 16),
    disc(50, 72, 7, "glass"),
    box(18, 20, 16, 16, 2, "glass"),
    box(66, 20, 16, 16, 2, "glass"),
    line("M76 92v16"),
  ),
  BACK: side(
    100,
    130,
    box(8, 12, 84, 112, 4),
    disc(50, 84, 6, "glass"),
    line("M8 30h84"),
    box(44, 8, 12, 8, 2, "metal"),
  ),
  TOP: side(
    100,
    130,
    box(8, 8, 84, 114, 3),
    box(24, 60, 52, 10, 4, "line"),
    box(18, 14, 16, 14, 1, "glass"),
    line("M8 100h84"),
  ),
  BOTTOM: side(100, 130, box(8, 8, 84, 114, 3), socket(50, 92), line("M8 100h84")),
  LEFT: side(
    130,
    130,
    box(8, 12, 114, 112, 4),
    line("M24 12v112"),
    socket(70, 112),
    box(40, 30, 16, 14, 2, "glass"),
  ),
  RIGHT: side(
    130,
    130,
    box(8, 12, 114, 112, 4),
    line("M106 12v112"),
    disc(92, 96, 10),
    box(66, 94, 30, 5, 2, "metal"),
    line("M28 86v22"),
    box(72, 30, 16, 14, 2, "glass"),
  ),
};
