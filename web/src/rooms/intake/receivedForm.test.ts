import { expect, it, vi } from "vitest";
import { readAmount } from "../../api/queries";
import { BLANK, CAMERA, formOf, received, type Typed } from "./receivedForm";

vi.mock("../../api/queries", () => ({ readAmount: vi.fn() }));

const entryOf = async (typed: Typed) => received(await CAMERA.parseAsync(typed));

it("makes an entry of what was typed, and the same form of the entry", async () => {
  const entry = await entryOf({
    ...BLANK,
    maker: "Tarn",
    model: "Vest",
    owner: "Ada",
    complaint: "dead",
    accessories: "case, strap; hood",
  });
  expect(entry.accessories).toEqual(["case", "strap", "hood"]);
  expect(entry.speeds).toHaveLength(10);
  expect(entry.promised).toBeUndefined();
  expect(await entryOf(formOf(entry))).toEqual(entry);
});

it("has amounts read by the server, and keeps them only for the shop's own", async () => {
  vi.mocked(readAmount).mockImplementation(async (typed) => ({
    minor: typed === "35,50" ? 3550 : 14000,
    currency: "EUR",
  }));
  const own = { ...BLANK, shopsOwn: true, paid: "35,50", worth: "140" };
  const entry = await entryOf(own);
  expect(entry.owner).toMatchObject({ paid: { minor: 3550 }, worth: { minor: 14000 } });
  expect(formOf(entry)).toMatchObject({ paid: "35.50", worth: "140.00" });
  const customers = await entryOf({ ...own, shopsOwn: false });
  expect(customers.owner).toEqual({ name: "", contact: "", shopsOwn: false });
});

it("takes the scope one item a comma or line", async () => {
  const read = await CAMERA.parseAsync({ ...BLANK, scope: "slow speeds, new seals\nhaze" });
  expect(read.scope).toEqual(["slow speeds", "new seals", "haze"]);
});
