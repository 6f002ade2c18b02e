import { afterEach, expect, it } from "vitest";
import { currencyCode, money, moneyIs, moneyOf, moneyTyped, signedMoney } from "./money";

const euro = () => moneyIs({ currency: "EUR", locale: "en-IE" }, 2);
afterEach(euro);

// the space between figures and sign is one that does not break
const plain = (amount: string) => amount.replace(/[\u00a0\u202f]/g, " ");

it("writes amounts with their sign, and what is taken away with a minus that is one", () => {
  expect(money(1450)).toBe("€14.50");
  expect(money(-300)).toBe("−€3.00");
  expect(signedMoney(1450)).toBe("+€14.50");
  expect(signedMoney(-300)).toBe("−€3.00");
});

it("follows the shop's currency and place", () => {
  moneyIs({ currency: "EUR", locale: "de-DE" }, 2);
  expect(plain(money(125000))).toBe("1.250,00 €");
  moneyIs({ currency: "JPY", locale: "ja-JP" }, 0);
  expect(plain(money(1250)).endsWith("1,250")).toBe(true);
  expect(moneyTyped(1250)).toBe("1250");
  moneyIs({ currency: "KWD", locale: "en-IE" }, 3);
  expect(moneyTyped(1234)).toBe("1.234");
  expect(currencyCode()).toBe("KWD");
});

it("writes a dash for an amount that is not shown", () => {
  expect(money(undefined)).toBe("–");
  expect(signedMoney(undefined)).toBe("–");
  expect(moneyTyped(undefined)).toBe("");
});

it("begins a field with figures, and with nothing for none", () => {
  expect(moneyTyped(1450)).toBe("14.50");
  expect(moneyTyped(0)).toBe("");
});

it("leaves an amount in the currency in which it was entered", () => {
  expect(moneyOf({ minor: 3500, currency: "EUR" })).toBe("€35.00");
  expect(moneyOf({ minor: 3500, currency: "JPY" })).toContain("3,500");
});
