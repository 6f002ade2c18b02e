export { OwnerTabs } from "./OwnerTabs";
export { keepQuote } from "./keepQuote";
