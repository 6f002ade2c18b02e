export { ChangeLine } from "./ChangeLine";
export { ShopRecord } from "./Record";
