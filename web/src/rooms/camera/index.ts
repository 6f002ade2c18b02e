export { Aside } from "./Aside";
export { LogLine } from "./LogLine";
