import { expect, it } from "vitest";
import { waysToWrite } from "./waysToWrite";

it("shows each way by an example in the currency", () => {
  const ways = waysToWrite("EUR", "en-IE");
  expect(ways[0]).toEqual({ value: "en-IE", label: "€1,234.50, Ireland" });
  expect(new Set(ways.map((one) => one.value)).size).toBe(ways.length);
});

it("keeps a way that was chosen and is not among the usual", () => {
  expect(waysToWrite("ISK", "is-IS")[0]!.value).toBe("is-IS");
});
