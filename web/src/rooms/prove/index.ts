export { SimulatedNote } from "./SimulatedNote";
export { SpeedsSay } from "./SpeedsSay";
