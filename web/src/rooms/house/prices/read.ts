import { Problem } from "../../../api/client";
import { readAmount } from "../../../api/queries";
import { figureOf } from "../../../ui/figures";
import { texts } from "../words";

/** A typed figure; nothing typed is 0. */
function figure(typed: string): number {
  if (typed.trim() === "") return 0;
  const value = figureOf(typed);
  if (Number.isNaN(value))
    throw new Problem({ detail: texts.notAFigure(typed), remedy: texts.enterAFigure }, "");
  return value;
}

/** A typed amount in minor units; nothing typed is 0. */
export const minorOf = async (typed: string) => (await readAmount(typed))?.minor ?? 0;
export const whole = (typed: string) => Math.round(figure(typed));
/** A typed percentage in its hundredths. */
export const hundredths = (typed: string) => Math.round(figure(typed) * 100);
