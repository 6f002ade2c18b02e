/** What people read in this room. */
export const texts = {
  cancel: "Cancel",
  loose: "loose",
  fastener: "Fastener",
  howMany: "How many",
  kind: "Kind",
  drive: "Drive",
  head: "Head",
  threadMm: "Thread mm",
  lengthMm: "Length mm",
  takeThisFastenerOff: "Take this fastener off the list",
  moreAboutIt: "More about it",
  partsOfThisJob: "Parts of this job",
  tapToPutA: (label: string | number) =>
    `${label}: tap to put a pin; arrows move the cross, Enter puts a pin there`,
  pin: (number: string | number, label: string | number) => `Pin ${number}: ${label}`,
  meanwhile: (value: string | number) => `Meanwhile: ${value}`,
  close: "Close",
};
