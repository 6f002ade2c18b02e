export { JobLine } from "./JobLine";
