export { readMeans } from "./MakerSays";
