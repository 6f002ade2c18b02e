/** What people read in this room. */
export const texts = {
  importing: (percent: number) => `Importing… ${percent} %`,
  cameras: "Cameras",
  checkInACamera: "Check in a camera",
  inTheShop: "In the shop",
  camerasOf: (count: string | number) => `${count} cameras`,
  noCameraIsInThe: "No camera is in the shop. Press “Check in a camera”, or the key N.",
  returned: "Returned",
  camerasWith: (returned: string | number) => `${returned} cameras`,
  noCameraHasBeenReturned: "No camera has been returned yet.",
  loading: "Loading…",
  showEarlierOnes: "Show earlier ones",
  jobPackageToImport: "Job package to import",
  importAJobPackage: "Import a job package…",
  inTheShopInline: "in the shop",
  isMbAJobPackage: (name: string | number, size: string | number, LARGEST_MB: string | number) =>
    `“${name}” is ${size} MB. A job package can have up to ${LARGEST_MB} MB.`,
  chooseTheZipFileThat: "Choose the ZIP file that Ruvant exported.",
};
