/** What people read in this room. */
export const texts = {
  record: "Record",
  line: (sequence: number) => `line ${sequence}`,
  printTheRecord: "Print the record",
  struckOf: (count: string | number, one: boolean, so: boolean, struck: string | number) =>
    `${count} ${one ? `line` : `lines`}${so ? `, ${struck} struck out` : ``}`,
  searchTheRecord: "Search the record",
  nothingHasBeenLoggedHere: "Nothing has been logged here yet.",
  strikeThemAllOut: "Strike them all out",
  struckOutItStaysReadable: "Struck out. It stays readable.",
  theLineIsRestored: "The line is restored.",
  struckOut: (struckBecause: string | undefined) => `struck out: ${struckBecause}`,
  loggedLater: "(logged later)",
  whyDoYouStrikeIt: "Why do you strike it out?",
  strikeOut: "Strike out",
  somethingCameOffBeforeThis: "Something came off before this",
  addAnEarlierRemoval: "Add an earlier removal…",
  strikeOutLabel: "Strike out…",
  restore: "Restore",
  settingsRecordOfChanges: "Settings: record of changes",
  whatWeKnowRecordOf: "What we know: record of changes",
  struckOutTogether: "struck out together",
};
