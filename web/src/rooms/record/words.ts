/** What people read in this room. */
export const texts = {
  record: "Record",
  struck: (count: string | number, one: boolean, so: boolean, struck: string | number) =>
    `${count} ${one ? `line` : `lines`}${so ? `, ${struck} struck` : ``}`,
  onlyLinesWithThese: "Only lines with these words",
  nothingHasBeenEntered: "Nothing has been entered here yet.",
  strikeThemTogether: "Strike them together",
  struckItStaysReadable: "Struck. It stays readable.",
  theLineCountsAgain: "The line counts again.",
  struck2: (struckBecause: string | undefined) => `struck: ${struckBecause}`,
  enteredLater: "(entered later)",
  whyIsItStruck: "Why is it struck?",
  strike: "Strike",
  somethingCameOffBefore: "Something came off before this",
  offBefore: "Off before…",
  strike2: "Strike…",
  countItAgain: "Count it again",
  houseRecordOfChanges: "House: record of changes",
  whatWeKnowRecord: "What we know: record of changes",
};
