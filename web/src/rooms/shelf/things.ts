import type { ShelfEntry, Source } from "../../api/shelf";

export interface ForNeed {
  tag: string;
  part: string;
}

/** Keeps a source for a need; undefined for what is made or ordered. */
export function keeping(source: Source, forNeed: ForNeed): ShelfEntry | undefined {
  return source.thing === undefined
    ? undefined
    : { kind: "reserved", thing: source.thing, forNeed, count: 1 };
}

/** Orders a source of the catalogue for a need. */
export function ordering(source: Source, supplier: string, forNeed: ForNeed): ShelfEntry {
  return {
    kind: "ordered",
    supplier,
    number: source.number,
    name: forNeed.part,
    madeFor: source.madeFor,
    count: 1,
    priceMinor: source.priceMinor,
    days: source.days,
    forNeed,
  };
}

/** What a camera kind is called, for those that any camera may be. */
export const kindWords = (kind: { maker: string; model: string; pattern: string }) =>
  `${kind.maker} ${kind.model}`.trim() + (kind.pattern === "" ? "" : `, ${kind.pattern}`);

export const ANY_KIND = { maker: "", model: "", pattern: "" };
