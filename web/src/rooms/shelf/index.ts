export { SourcePicture } from "./SourcePicture";
export { Terms } from "./Terms";
export { keeping, kindWords, ordering, puttingBack, taking } from "./things";
