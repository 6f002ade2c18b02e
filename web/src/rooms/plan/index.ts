export { NewcomerDone } from "./NewcomerDone";
export { Today } from "./Today";
export { WhenDone } from "./WhenDone";
