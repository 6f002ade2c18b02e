/** What people read in this room. */
export const texts = {
  theRuvantServerCannotBe: "The Ruvant server cannot be reached.",
  theServerAnsweredWithError: (status: string | number) => `The server answered with error ${status}.`,
};
