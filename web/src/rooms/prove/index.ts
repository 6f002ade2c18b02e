export { SpeedsSay } from "./SpeedsSay";
