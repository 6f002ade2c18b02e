export { LargePicture } from "./LargePicture";
export { PartAtHand } from "./PartAtHand";
export { useLargePicture } from "./useLargePicture";
