/** Keys, and lines for the log line, by the place where they work. What people read on the keys page stands here. */
export interface KeyGroup {
  place: string;
  keys: [key: string, does: string][];
  lines: [line: string, means: string][];
}

export const KEY_GROUPS: KeyGroup[] = [
  {
    place: "Everywhere",
    keys: [
      ["F2", "Search for a camera"],
      ["B", "Go to the bench"],
      ["F4", "Go to the plan"],
      ["W", "Show all waits"],
      ["H", "Go to the shelf"],
      ["N", "Check in a camera"],
      ["P", "Switch who signs, or who is signed in"],
      ["T", "Switch between daylight and lamp colours"],
      ["Esc", "Leave a field, so that keys work again"],
      ["?", "Show this page"],
    ],
    lines: [],
  },
  {
    place: "On every camera",
    keys: [
      ["L", "Go to the log line"],
      ["1 … 9", "Go to one of the nine stops"],
      ["0", "Show the overview"],
      ["R", "Show the record"],
      ["J", "Show the adjusters: what to turn next"],
      ["I", "Show the pictures"],
      ["Q ↵", "Show the options and what they cost; log them"],
      ["F8", "Use a phone as the camera of this bench"],
      ["S", "Start or stop work"],
      ["Ctrl Z", "Strike out the last line you logged; press it again to restore the line"],
    ],
    lines: [
      ["sit Clean · up", "Work started, work stopped"],
      ["note tilt the camera to the left", "A note"],
      [
        "decide leave the unit in, because the train comes out without it",
        "A decision; without a reason it stays open",
      ],
      ["picture wires under the front plate", "A picture taken with the phone, to add here later"],
      [
        "slip long screw in short hole, stood proud, swapped · tool lacking lens spanner",
        "What went wrong, and a missing tool",
      ],
    ],
  },
  {
    place: "Plan",
    keys: [
      ["← →", "Go from task to task"],
      ["F A M", "Put the task first, set it aside, only in the mornings"],
      ["O", "Switch who does it"],
      ["V X", "Not before a time; fixed at a time"],
      ["R", "Leave it to the plan again"],
      ["↵ Esc", "Take the change after you saw its cost, or leave it"],
      ["D K", "Show a day, show a week"],
    ],
    lines: [],
  },
  {
    place: "Intake",
    keys: [
      ["O", "Switch to the outside drawing and back"],
      ["C", "Go to the function check: arrows choose, W D F X answer"],
    ],
    lines: [
      [
        "outside top dent slight, by the winder · sign chewed slot · works B · fails 1/60",
        "What you see and try when it comes in",
      ],
      ["scope new seals · done slow speeds", "Work to do, and work that is done"],
      [
        "missing 1 cross screw 1.7x4, top cover · surplus washer, tin 3",
        "What was missing, and what was left over",
      ],
    ],
  },
  {
    place: "Strip",
    keys: [
      ["A", "Go to the form for the next part"],
      ["K", "Put the usual next step into the log line"],
      ["V", "Show the pictures of the part you look at large; press it again for the next"],
    ],
    lines: [
      ["off front plate, 3 slot 1.4x3 + 1 slot 1.4x3.5, well B1, mark notch at red line", "A part came off"],
      [
        "off speed ring, set at 1/125, 1 detent ball, beware spring",
        "How it was set, what is loose, what can spring",
      ],
      [
        "off left cover, 2 screws loosened, 1 set screw left-hand, solder red wire to lug",
        "Loosened only, a left-hand thread, a joint",
      ],
      ["off ring, 2B3 · move ring to B4", "A well of tray 2; where it is now"],
      [
        "off cam ring, out of shutter block · off blades, stack 1 hook up / 2 hook down",
        "Assemblies and stacks",
      ],
      [
        "off speed dial, cocked · cocked · released · mirror up",
        "The state a part needs, and the state it is in",
      ],
      ["let down mainspring 3 turns · wound mainspring", "Springs, with their turns"],
      [
        "leave alone the two screws at the shaft, they hold the train",
        "Better left alone; the next camera of the model is told",
      ],
      ["destroyed 1 washer, cracked · lost 1 slotted screw of top cover", "A piece that is gone"],
      ["lost detent ball · found detent ball", "A small piece"],
    ],
  },
  {
    place: "Find",
    keys: [],
    lines: [
      ["symptom slow speeds late · suspect gummed train, whirrs", "A symptom, and a suspect with the reason"],
      ["clear oil on blades, dry under the loupe · cause gummed train, drags when dry", "What a look showed"],
      ["swap light cell from donor 12, no change · root dropped on its door", "A swap test; the root cause"],
      ["found torn light seal", "Something you saw on the way"],
    ],
  },
  {
    place: "Clean, Mend, Oil",
    keys: [["↑ ↓ ↵ D", "Work down the oil sheet: oil by house practice, or leave dry"]],
    lines: [
      ["clean escapement naphtha", "The verdict shows before you press Enter"],
      ["wait retard train rest 24 h · over retard train", "A wait starts; a wait has finished"],
      ["need governor, new pinion · replace governor from donor Sweep 5512, checked", "Parts"],
      ["mend pawl, bent back straight", "What was mended"],
      ["mend hinge, new hole drilled, modification, agreed by telephone", "It now differs from the factory"],
      [
        "file speed ring catching corner 0.2 mm, limit 0.5 mm, clears at 1/125, agreed by telephone",
        "A modification, pass by pass up to its limit",
      ],
      ["oil cam post moly", "A point; without a lubricant, the house practice"],
    ],
  },
  {
    place: "Refit",
    keys: [
      ["G", "Confirm the next open check"],
      ["A", "Confirm all fasteners"],
      ["V", "Show the part's pictures large beside the checks; press it again for the next"],
      ["Ctrl ↵", "Put the part back"],
      ["Y E X", "How another camera's part fits: as it is, with work, not at all"],
    ],
    lines: [
      ["back front plate", "A part goes back with all its fasteners"],
      ["check front plate, lever left of the post", "Your own check before a part goes back"],
      ["leave out baffle, perished", "A part stays out, and why"],
      ["fit speed ring of 1st pattern, with work", "How a part of another pattern fits"],
      ["trial top cover with 2 screws · trial undone · tried governor, not fixed", "Trial assemblies"],
    ],
  },
  {
    place: "Prove and adjust",
    keys: [
      ["F", "Go to the next speed to time; on the stand: fire the stand-in"],
      ["Space", "Count a good firing; on the stand: next speed"],
      ["M", "Count a miss"],
      ["U", "Remove the last firing on the stand"],
    ],
    lines: [
      ["time 1/60 1/58 1/61 17ms", "Firings at one speed"],
      ["ear 1/15 a third slow", "How a speed sounds, before you time it"],
      [
        "turn leading curtain 1/8 cw · turn rack 1 tooth back · turn trimmer 30 deg out",
        "An adjuster was turned",
      ],
      [
        "result height -1.5 · result film released before the shutter: too late",
        "A result: a number, or which came first",
      ],
    ],
  },
  {
    place: "Return",
    keys: [],
    lines: [
      [
        "advise fire it once a month · battery silver 1.55 V · decide keep the leather, because it is sound",
        "For the owner, and what was decided; the camera is returned with the button",
      ],
    ],
  },
];
