/** What people read in this room. */
export const texts = {
  save: "Save",
  reset: "Reset",
  isNotANumberEnter: (typed: string | number) =>
    `“${typed}” is not a number. Enter one like 12, −1.5 or 0.33.`,
  enterANumber: "Enter a number.",
};
