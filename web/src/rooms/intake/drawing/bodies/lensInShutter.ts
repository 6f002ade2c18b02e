import { side } from "../fittings";
import { box, disc, line, shape, type SideDrawing, type SixSides } from "../strokes";

const barrel = (flip: boolean): SideDrawing =>
  flip
    ? side(
        130,
        110,
        box(60, 12, 26, 86, 3, "metal"),
        box(86, 24, 34, 62, 4, "metal"),
        box(22, 30, 38, 50, 3, "metal"),
        line("M66 12v86M80 12v86M96 24v62M108 24v62"),
      )
    : side(
        130,
        110,
        box(44, 12, 26, 86, 3, "metal"),
        box(10, 24, 34, 62, 4, "metal"),
        box(70, 30, 38, 50, 3, "metal"),
        line("M50 12v86M64 12v86M22 24v62M34 24v62"),
      );

/** A lens in its shutter, off the camera. */
export const lensInShutter: SixSides = {
  FRONT: side(
    110,
    110,
    disc(55, 55, 48),
    disc(55, 55, 38),
    disc(55, 55, 24),
    disc(55, 55, 17, "glass"),
    shape("M96 26l10 -8l3 4l-9 8z"),
    shape("M14 80l-8 8l4 4l8 -8z"),
  ),
  BACK: side(
    110,
    110,
    disc(55, 55, 48),
    disc(55, 55, 32),
    disc(55, 55, 22),
    disc(55, 55, 15, "glass"),
    line("M40 84l-4 8M70 84l4 8"),
  ),
  TOP: barrel(false),
  BOTTOM: barrel(false),
  LEFT: barrel(false),
  RIGHT: barrel(true),
};
