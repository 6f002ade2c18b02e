import type { Chip, ChosenPiece } from "../../../api/client";

/** What a person made of pieces of the line, by the words of each piece. */
export type Chosen = Record<string, ChosenPiece>;

/** The pieces that are still in the line: a choice lasts as long as the words that it is about. */
export const stillThere = (chosen: Chosen, text: string): ChosenPiece[] =>
  Object.values(chosen).filter((one) => plain(text).includes(plain(one.typed)));

const plain = (words: string) =>
  words
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();

/** The chip taken for the next way, or the one before. */
export function stepped(chip: Chip, step: 1 | -1): ChosenPiece {
  const way = chip.ways[(chip.chosen + step + chip.ways.length) % chip.ways.length];
  return { typed: chip.typed, kind: way.kind, fields: way.fields };
}

/** The chip as a remark; where it is one by choice, as it was read. */
export function remarkOrBack(chip: Chip, chosen: Chosen): Chosen {
  const rest = Object.fromEntries(Object.entries(chosen).filter(([typed]) => typed !== chip.typed));
  const already = chip.kind === "REMARK";
  return already
    ? rest
    : { ...rest, [chip.typed]: { typed: chip.typed, kind: "REMARK", fields: { says: chip.typed } } };
}

/** A chip with one field otherwise; an empty one is not said. */
export function withField(chip: Chip, name: string, value: unknown): ChosenPiece {
  const fields = { ...chip.fields };
  if (value === "" || value === undefined || (Array.isArray(value) && value.length === 0))
    delete fields[name];
  else fields[name] = value;
  return { typed: chip.typed, kind: chip.kind, fields };
}

/** What the record will say, as a sentence begins. */
export const sentence = (says: string) => says.charAt(0).toUpperCase() + says.slice(1);
