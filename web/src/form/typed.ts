import { z } from "zod";
import { readAmount } from "../api/queries";
import { Problem } from "../api/client";
import { figureOf } from "../ui/figures";
import { texts } from "./words";

// Ways to read what is typed. They look at its form only; whether it makes sense is the server's to say.

/** Words as they stand. */
export const text = z.string();

/** One of a few that are known beforehand; as a type, since the choices come from the server. */
export const oneOf = <Choice extends string>() => z.custom<Choice>((value) => typeof value === "string");

/** Anything that draws itself in the form and holds what it should. */
export const as = <Whole>() => z.custom<Whole>();

const NO_FIGURE = (typed: string) => texts.isNotANumberEnter(typed);

/** A figure; what is left empty counts as the other. */
export const figureOr = <Otherwise>(otherwise: Otherwise) =>
  z.string().transform((typed, context): number | Otherwise => {
    if (typed.trim() === "") return otherwise;
    const value = figureOf(typed);
    if (!Number.isNaN(value)) return value;
    context.addIssue({ code: "custom", message: NO_FIGURE(typed) });
    return z.NEVER;
  });

/** A figure that must be there. */
export const figure = z.string().transform((typed, context): number => {
  const value = figureOf(typed);
  if (!Number.isNaN(value)) return value;
  context.addIssue({
    code: "custom",
    message: typed.trim() === "" ? texts.enterANumber : NO_FIGURE(typed),
  });
  return z.NEVER;
});

/** The same, rounded. */
export const wholeOr = <Otherwise>(otherwise: Otherwise) =>
  figureOr(otherwise).transform((value) => (typeof value === "number" ? Math.round(value) : value));

/** Several in one line or area, each trimmed, empty ones left out. */
export const listOf = (separator: string | RegExp) =>
  z.string().transform((typed) =>
    typed
      .split(separator)
      .map((one) => one.trim())
      .filter((one) => one !== ""),
  );

/** An amount of money; nothing typed is none. How amounts are written is the server's to know. */
export const money = z.string().transform(async (typed, context) => {
  try {
    return await readAmount(typed);
  } catch (refusal) {
    if (!(refusal instanceof Problem)) throw refusal;
    context.addIssue({ code: "custom", message: `${refusal.message} ${refusal.remedy}`.trim() });
    return z.NEVER;
  }
});

/** The same in minor units, nothing being 0. */
export const minor = money.transform((read) => read?.minor ?? 0);
