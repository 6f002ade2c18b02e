export { BeforeLift, metOf } from "./BeforeLift";
export { WhichOver, useDragOver } from "./DragOver";
export { Edges } from "./Edges";
export { KnownSteps } from "./KnownSteps";
export { TrayView } from "./TrayView";
