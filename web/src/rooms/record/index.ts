export { ChangeLine } from "./ChangeLine";
export { MendLine } from "./MendLine";
export { ShopRecord } from "./Record";
