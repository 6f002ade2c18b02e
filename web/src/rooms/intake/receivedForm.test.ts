import { expect, it, vi } from "vitest";
import { readAmount } from "../../api/queries";
import { amountsOf, BLANK, formOf, received, scopeItems } from "./receivedForm";

vi.mock("../../api/queries", () => ({ readAmount: vi.fn() }));

it("makes an entry of what was typed, and the same form of the entry", () => {
  const form = {
    ...BLANK,
    maker: "Tarn",
    model: "Vest",
    owner: "Ada",
    complaint: "dead",
    accessories: "case, strap; hood",
  };
  const entry = received(form, {});
  expect(entry.accessories).toEqual(["case", "strap", "hood"]);
  expect(entry.speeds).toHaveLength(10);
  expect(entry.promised).toBeUndefined();
  expect(received(formOf(entry), {})).toEqual(entry);
});

it("has amounts read by the server, and only for the shop's own", async () => {
  vi.mocked(readAmount).mockImplementation(async (field) => ({
    minor: field === "paid" ? 3550 : 14000,
    currency: "EUR",
  }));
  const own = { ...BLANK, shopsOwn: true, paid: "35,50", worth: "140" };
  const entry = received(own, await amountsOf(own));
  expect(readAmount).toHaveBeenCalledWith("paid", "35,50");
  expect(entry.owner).toMatchObject({ paid: { minor: 3550 }, worth: { minor: 14000 } });
  expect(formOf(entry)).toMatchObject({ paid: "35.50", worth: "140.00" });
  expect(await amountsOf({ ...own, shopsOwn: false })).toEqual({});
});

it("takes the scope one item a comma or line", () => {
  expect(scopeItems({ ...BLANK, scope: "slow speeds, new seals\nhaze" })).toEqual([
    "slow speeds",
    "new seals",
    "haze",
  ]);
});
