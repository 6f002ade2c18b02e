/** What people read in this room. */
export const texts = {
  theServerCannotBeReached:
    "The server cannot be reached. The line is kept here and will be sent when it is back.",
  logged: "Logged.",
  resetToWhatShipsWith: "Reset to what ships with Ruvant.",
  me: "Me",
  theCameraIsNotLoaded: "The camera is not loaded",
};
