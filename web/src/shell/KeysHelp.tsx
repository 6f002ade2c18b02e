import { Key } from "../ui/Button";
import { Window } from "../ui/Window";
import { texts } from "./words";

const KEYS: [string, string][] = [
  ["L", "the log line of this camera"],
  ["F2", "find a camera, from anywhere"],
  ["1 … 9", "the nine stops of this camera"],
  ["0", "its valley"],
  ["R", "its record: every line, to strike or read"],
  ["O", "its outside on the drawing, at Intake"],
  ["J", "its adjusters: what to turn next"],
  ["I", "its pictures, with their pins"],
  ["S", "sit down, get up"],
  ["Ctrl Z", "strike the last line you logged; again to undo that"],
  ["K", "puts the step that is usually next into the log line, at Strip"],
  ["C", "the function check, at Intake: arrows, then W D F X"],
  ["F", "the next speed to time, at Prove"],
  ["G", "the next open check is seen, at Refit"],
  ["A", "all fasteners are back, at Refit"],
  ["Ctrl ↵", "puts the part back, at Refit"],
  ["Space", "counts a good firing, at Prove"],
  ["M", "counts a miss, at Prove"],
  ["B", "the bench"],
  ["W", "all waits of the shop"],
  ["H", "the shelf: what is needed, what is there"],
  ["Y E X", "how another camera's part fitted: as it is, with work, not; at Refit"],
  ["↑ ↓ ↵ D", "down the oil sheet: oiled as the house does, or left dry"],
  ["N", "a new camera"],
  ["P", "the next person signs"],
  ["T", "lamp or day colours"],
  ["Esc", "leaves a field, so that keys work again"],
];

const LINES: [string, string][] = [
  ["off front plate, 3 slot 1.4x3 + 1 slot 1.4x3.5, well B1, mark notch at red line", "a part came off"],
  [
    "off speed ring, set at 1/125, 1 detent ball, beware spring",
    "how it stood, what lies loose, what may jump",
  ],
  [
    "off left cover, 2 screws loosened, 1 set screw left-hand, solder red wire to lug",
    "loosened only, thread, joints",
  ],
  ["off ring, 2B3 · move ring to B4", "a well of tray 2; where it lies now"],
  [
    "leave alone the two screws at the shaft, they hold the train",
    "better not touched: passed on to the next camera of the model",
  ],
  ["picture wires under the front plate", "taken with the telephone, to be added here"],
  ["back front plate", "a part goes back, all its fasteners with it"],
  ["off cam ring, out of shutter block · off blades, stack 1 hook up / 2 hook down", "assemblies, stacks"],
  ["off speed dial, cocked · cocked · released · mirror up", "how the mechanism stands, or must"],
  ["let down mainspring 3 turns · wound mainspring", "springs, with their turns"],
  ["missing 1 cross screw 1.7x4, top cover · surplus washer, tin 3", "what was not there, or too much"],
  ["destroyed 1 washer, cracked · lost 1 slotted screw of top cover", "a piece that is gone"],
  ["trial top cover with 2 screws · trial undone · tried governor, not fixed", "not put back yet"],
  ["leave out baffle, perished", "stays out, and why"],
  [
    "file speed ring catching corner 0.2 mm, limit 0.5 mm, clears at 1/125, agreed by telephone",
    "a modification, go by go up to its line",
  ],
  ["fit speed ring of 1st pattern, with work", "how a part of another pattern went in"],
  [
    "outside top dent slight, by the winder · sign chewed slot · works B · fails 1/60",
    "while looking it over",
  ],
  ["scope new seals · done slow speeds", "what is to be done"],
  ["time 1/60 1/58 1/61 17ms", "firings of one speed"],
  [
    "turn leading curtain 1/8 cw · turn rack 1 tooth back · turn trimmer 30 deg out",
    "an adjuster was turned",
  ],
  [
    "result height -1.5 · result film freed before the shutter: too late",
    "what came of it: a figure, or which came first",
  ],
  [
    "swap light cell from donor 12, no change · root dropped on its door",
    "a part tried in place of a suspect; what brought the cause about",
  ],
  ["slip long screw in short hole, stood proud, swapped · tool lacking lens spanner", "slips and tools"],
  ["lost detent ball · found detent ball", "a small piece"],
  ["found torn light seal", "something seen on the way"],
  ["symptom slow speeds late · suspect gummed train, whirrs", "what is wrong and who is suspected"],
  ["clear oil on blades, dry under the loupe · cause gummed train, drags when dry", "what a look said"],
  ["clean escapement naphtha", "with what; the verdict shows before Enter"],
  ["wait retard train rest 24 h", "a wait on the clock"],
  ["need governor, new pinion · replace governor from donor Sweep 5512, checked", "parts"],
  ["mend pawl, bent back straight", "what was done"],
  [
    "mend hinge, new hole drilled, modification, agreed by telephone",
    "differs from factory; the owner's word",
  ],
  ["oil cam post moly", "a point; without a lubricant, the house practice"],
  ["check front plate, lever left of the post", "a check of your own before it goes on"],
  ["over retard train", "a wait is over"],
  ["advise fire it once a month · battery silver 1.55 V · return", "for the owner, and back to the owner"],
  ["sit Clean · up", "at the bench, away from it"],
  [
    "decide leave the unit in, because the train comes out without it",
    "a decision; without a reason it is open",
  ],
];

/** The keys, and what the log line understands. */
export function KeysHelp({ onOpenChange }: { onOpenChange: (open: boolean) => void }) {
  return (
    <Window open onOpenChange={onOpenChange} title={texts.keysAndTheLogLine} wide>
      <div className="wide:grid-cols-[290px_1fr] grid gap-6">
        <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-1.5 self-start">
          {KEYS.map(([key, does]) => (
            <div key={key} className="contents">
              <dt className="justify-self-end whitespace-nowrap">
                <Key>{key}</Key>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
        <dl className="flex flex-col gap-2.5">
          {LINES.map(([line, means]) => (
            <div key={line}>
              <dt className="num text-[13.5px] font-bold">{line}</dt>
              <dd className="text-soft text-[14px]">{means}</dd>
            </div>
          ))}
        </dl>
      </div>
      <p className="pt-4">{texts.wordOrderAndPluralsDo}</p>
    </Window>
  );
}
