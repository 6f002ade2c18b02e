export { JustArrived } from "./JustArrived";
export { PairPhone } from "./PairPhone";
