import { afterEach, expect, it, vi } from "vitest";

const noon = new Date(2031, 2, 4, 12, 0, 0).getTime();
const at = new Date(2031, 2, 4, 14, 20).toISOString();

async function momentIn(language: string) {
  vi.spyOn(navigator, "language", "get").mockReturnValue(language);
  vi.resetModules();
  const { moment } = await import("./dates");
  return moment(at, noon).replace(/\s/gu, " ");
}

afterEach(() => vi.restoreAllMocks());

it("tells the time as the browser's language does, by 12 hours or by 24", async () => {
  expect(await momentIn("en-US")).toBe("2:20 PM");
  expect(await momentIn("de-DE")).toBe("14:20");
});
