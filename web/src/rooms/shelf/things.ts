import type { Entry, Schemas } from "../../api/client";
import type { Source } from "../../api/shelf";

type Thing = Schemas["Thing"];

export interface ForNeed {
  tag: string;
  part: string;
}

/** Keeps a source for a need; undefined for what is made or ordered. */
export function keeping(source: Source, forNeed: ForNeed): Entry | undefined {
  return source.what.thing === undefined
    ? undefined
    : { kind: "reserved", thing: source.what.thing, forNeed, count: 1 };
}

/** Takes a thing for a need: it lies at the bench then. */
export const taking = (thing: Thing, forNeed: ForNeed): Entry => ({
  kind: "taken",
  thing,
  forNeed,
  count: 1,
});

/** Puts what was taken back in its place. */
export const puttingBack = (taken: Schemas["AtBench"]): Entry => ({
  kind: "backOnShelf",
  thing: taken.thing,
  forNeed: taken.forNeed,
  count: taken.count,
  why: "",
});

/** Orders a thing of the catalogue, for a need or for the shelf. */
export const ordering = (item: Schemas["Item"], supplier: string, forNeed?: ForNeed): Entry => ({
  kind: "ordered",
  supplier,
  number: item.number,
  name: item.name,
  madeFor: item.madeFor,
  count: 1,
  priceMinor: item.priceMinor,
  days: item.days,
  forNeed,
});

/** What a camera kind is called, for those that any camera may be. */
export const kindWords = (kind: { maker: string; model: string; pattern: string }) =>
  `${kind.maker} ${kind.model}`.trim() + (kind.pattern === "" ? "" : `, ${kind.pattern}`);

export const ANY_KIND = { maker: "", model: "", pattern: "" };
