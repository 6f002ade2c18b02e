export { OwnerTabs } from "./OwnerTabs";
