export { LargePicture } from "./LargePicture";
export { PartAtHand } from "./PartAtHand";
export { AnotherPiece, PieceAccount, Pieces } from "./Pieces";
export { partNamed } from "./partNamed";
export { useLargePicture } from "./useLargePicture";
