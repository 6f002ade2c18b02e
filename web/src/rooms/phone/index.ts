export { PairPhone } from "./PairPhone";
