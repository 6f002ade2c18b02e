import { boxCamera } from "./bodies/boxCamera";
import { folding } from "./bodies/folding";
import { lensInShutter } from "./bodies/lensInShutter";
import { modular } from "./bodies/modular";
import { rigid } from "./bodies/rigid";
import { slr } from "./bodies/slr";
import { subminiature } from "./bodies/subminiature";
import { tlr } from "./bodies/tlr";
import type { SixSides } from "./strokes";

/** The six sides of each body type. */
export const BODIES: Record<string, SixSides> = {
  FOLDING: folding,
  RIGID: rigid,
  SLR: slr,
  TLR: tlr,
  BOX: boxCamera,
  MODULAR: modular,
  SUBMINIATURE: subminiature,
  LENS: lensInShutter,
};
