export { LargePicture } from "./LargePicture";
export { PartAtHand } from "./PartAtHand";
export { partNamed } from "./partNamed";
export { useLargePicture } from "./useLargePicture";
