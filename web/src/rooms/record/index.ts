export { ShopRecord } from "./Record";
