/** What people read in this room. */
export const texts = {
  cameras: "Cameras",
  aCameraCameIn: "A camera came in",
  inTheShop: "In the shop",
  cameras2: (count: string | number) => `${count} cameras`,
  noCameraIsIn: "No camera is in the shop. Press “A camera came in”, or the key N.",
  returned: "Returned",
  cameras3: (returned: string | number) => `${returned} cameras`,
  nothingWasReturnedYet: "Nothing was returned yet.",
  fetching: "Fetching…",
  showEarlierOnes: "Show earlier ones",
  packageToBringIn: "Package to bring in",
  bringInAPackage: "Bring in a package…",
  inTheShop2: "in the shop",
};
