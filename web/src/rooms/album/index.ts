export { HoleMap, mapOf } from "./HoleMap";
export { FindingPictures } from "./FindingPictures";
export { JustArrived } from "./JustArrived";
export { PictureField } from "./PictureField";
export { Pinned } from "./Pinned";
