export { WaitList } from "./WaitList";
export { beginning, ending, simply } from "./waits";
