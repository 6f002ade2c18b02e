export { HoleMap, mapOf } from "./HoleMap";
export { FindingPictures } from "./FindingPictures";
export { PictureField } from "./PictureField";
export { Pinned } from "./Pinned";
