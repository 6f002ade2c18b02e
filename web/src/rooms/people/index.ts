export { SignIn } from "./SignIn";
export { SwitchPerson } from "./SwitchPerson";
