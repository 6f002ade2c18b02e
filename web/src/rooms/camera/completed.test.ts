import { expect, it } from "vitest";
import { completed } from "./completed";

it.each([
  ["", "found", "found "],
  ["cle", "clean", "clean "],
  ["back", "upper ring", "back upper ring "],
  ["back ring", "upper ring", "back upper ring "],
  ["off top c", "top cover", "off top cover "],
  ["took off T", "top cover", "took off top cover "],
  ["lost 1 washer", "washer of top cover", "lost 1 washer of top cover "],
  ["trial top cover and slow", "slow train", "trial top cover and slow train "],
  ["leave plate, perished", "front plate", "leave front plate, perished "],
  ["back back", "back cover", "back back cover "],
  ["off top cover ", ", 4 slot 1.7x3", "off top cover, 4 slot 1.7x3 "],
  ["wound", "mainspring", "wound mainspring "],
])("%j with %j is %j", (text, word, line) => {
  expect(completed(text, word)).toBe(line);
});
