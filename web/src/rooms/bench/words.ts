/** What people read in this room. */
export const texts = {
  onTheBench: "On the bench",
  checkInACamera: "Check in a camera",
  n: "N",
  noCamerasAreOnThe:
    "No cameras are on the bench. When one comes in, press “Check in a camera”. It gets a tag, and everything you do to it is logged from then on.",
  firstSteps: "Three steps to the first part that comes off",
  checkItIn: "Check in a camera",
  checkItInAbout:
    "Maker, model, owner and what is wrong with it. It gets a tag, and everything you do to it is logged under it.",
  lookItOver: "Look it over and try it",
  lookItOverAbout:
    "What you see outside, what works, and how long the speeds run, before you open it: later you compare with that.",
  takeTheFirstPartOff: "Take the first part off",
  takeTheFirstPartOffAbout:
    "Say what it is and what held it, or tap each screw on a picture. Ruvant keeps how it lay and tells you when it may go back.",
  lookAroundFirst: "Or look around first",
  theDemoShopHas:
    "The demo shop has a dozen cameras in work and sixty that went back. It runs beside yours; nothing you do there is kept, and nothing of it gets among your cameras.",
  setUpTheDemoShop: "Set up the demo shop",
  settingItUp: "Setting it up; this takes some seconds…",
  goToTheDemoShop: "Go to the demo shop",
  nothingNeedsYourHandsRight: "Nothing needs your hands right now.",
  noDatePromised: "no date promised",
  dueDate: (so: boolean, promised: string | number) => `${so ? `late, was due ` : `due `}${promised}`,
  notOpened: "not opened",
  ofPartsStillOff: (out: string | number, count: string | number) => `${out} of ${count} parts still off`,
  noWorkTimeYet: "no work time yet",
  needs: (value: string | number) => `Needs ${value}`,
  onlyWaiting: "Only waiting",
  nothingKnownToDo: "Nothing known to be open",
  atTheBench: "at the bench",
};
