/** What people read in this room. */
export const texts = {
  save: "Save",
  reset: "Reset",
};
