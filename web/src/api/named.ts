import type { Schemas } from "./client";

/** A thing referred to by its id; the words are for reading only. */
export type Named = Schemas["Named"];

/** A thing somebody just typed; without an id of its own the record tells it by its words. */
export const named = (words: string, id = ""): Named => ({ id, words });

/** Whether two are the same thing, whatever they are called. */
export const same = (one: Named | undefined, other: Named | undefined) => one?.id === other?.id;

/** The words of several in a row. */
export const wordsOf = (all: Named[]) => all.map((one) => one.words);
