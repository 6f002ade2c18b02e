export { HoleMap, mapOf } from "./HoleMap";
export { PicturesOf } from "./PicturesOf";
export { smallOf } from "./keepPicture";
