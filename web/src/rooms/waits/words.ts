/** What people read in this room. */
export const texts = {
  waits: "Waits",
  nothingIsSoakingDryingOr:
    "Nothing is soaking, drying or resting. Start a wait at Clean, or in the log line: “wait rail drying 30 min”.",
  stations: "Stations",
  editInSettings: "Edit in Settings",
  bell: "Bell",
  silentOnThisComputer: "Silent on this computer",
  itRingsOnceForEach:
    "It rings once for each wait, in one window only. Waits keep running while no window is open.",
  doneAndStarted: (label: string | undefined) => `Done, and started: ${label}.`,
  notedAsFinished: "Noted as finished.",
  endedEarly: "Ended early.",
  tooLate: "too late",
  finished: "finished",
  since: "since",
  until: "until",
  theWholeCamera: "the whole camera",
  inThe: (station: string | number) => ` · in the ${station}`,
  continueBefore: (latestAt: string | number) => ` · continue before ${latestAt}`,
  doneStart: (label: string | number) => `Done, start ${label}`,
  done: "Done",
  endEarly: "End early",
  free: (value: string | number) => `${value} free`,
  fullTakeOutWhatHas: "full: take out what has finished",
  fullFreeAt: (freeAt: string | number) => `full, free at ${freeAt}`,
};
