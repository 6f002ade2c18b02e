/** What people read in this room. */
export const texts = {
  thePictureInline: "the picture",
  isMbAPictureCan: (called: string | number, value: string | number, LARGEST_MB: string | number) =>
    `“${called}” is ${value} MB. A picture can have up to ${LARGEST_MB} MB.`,
  saveItSmallerOrTake: "Save it smaller, or take another one.",
  theRuvantServerCannotBe: "The Ruvant server cannot be reached.",
  theServerAnsweredWithError: (status: string | number) => `The server answered with error ${status}.`,
};
