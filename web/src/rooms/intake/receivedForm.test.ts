import { expect, it } from "vitest";
import { BLANK, formOf, received, scopeItems } from "./receivedForm";

it("makes an entry of what was typed, and the same form of the entry", () => {
  const form = {
    ...BLANK,
    maker: "Tarn",
    model: "Vest",
    owner: "Ada",
    complaint: "dead",
    accessories: "case, strap; hood",
  };
  const entry = received(form);
  expect(entry.accessories).toEqual(["case", "strap", "hood"]);
  expect(entry.speeds).toHaveLength(10);
  expect(entry.promised).toBeUndefined();
  expect(received(formOf(entry))).toEqual(entry);
});

it("keeps amounts in minor units, and only for the shop's own", () => {
  const own = { ...BLANK, shopsOwn: true, paid: "35,50", worth: "140" };
  expect(received(own).owner.paid).toEqual({ minor: 3550, currency: "EUR" });
  expect(received(formOf(received(own))).owner.worth?.minor).toBe(14000);
  expect(received({ ...own, shopsOwn: false, owner: "Ada" }).owner.paid).toBeUndefined();
});

it("takes the scope one item a comma or line", () => {
  expect(scopeItems({ ...BLANK, scope: "slow speeds, new seals\nhaze" })).toEqual([
    "slow speeds",
    "new seals",
    "haze",
  ]);
});
