export { Aside } from "./Aside";
