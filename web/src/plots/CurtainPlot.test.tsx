import "../testing/server";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { CurtainPlot, FilmStrip, ms } from "./CurtainPlot";

afterEach(cleanup);

const place = (placeMm: number, errorEv: number) => ({
  placeMm,
  openSeconds: placeMm / 3000,
  closeSeconds: placeMm / 2900 + 0.002,
  errorEv,
});
const run: Schemas["CurtainRun"] = {
  firings: 3,
  gateMm: 36,
  travel: { leadingSeconds: 0.012, trailingSeconds: 0.0125 },
  taper: { ev: 0.4, allowedEv: 0.3, evenLeading: 1, evenTrailing: 1 },
  syncMarginSeconds: 0.001,
  capped: 0,
  places: [place(0, -0.2), place(18, 0), place(36, 0.2)],
};

it("says the exposure from start to end for those who cannot see the strip", () => {
  render(<FilmStrip run={run} />);
  expect(screen.getByRole("img").getAttribute("aria-label")).toBe(
    "Exposure from start to end of the gate: −0.20, +0.00, +0.20 EV",
  );
  expect(screen.getByText("start −0.20")).toBeTruthy();
  expect(screen.getByText("end +0.20")).toBeTruthy();
});

it("draws less light deeper, and never beyond what film shows", () => {
  const far = { ...run, places: [place(0, -6), place(18, 0), place(36, 6)] };
  const { container } = render(<FilmStrip run={far} />);
  const tones = [...container.querySelectorAll("rect")].map((one) =>
    Number(/(\d+(?:\.\d+)?)%\)$/.exec(one.getAttribute("fill")!)![1]),
  );
  expect(tones).toEqual([12, 50, 88]);
});

it("draws both curtains, the trailing one behind the leading one", () => {
  const { container } = render(<CurtainPlot run={run} />);
  expect(container.querySelectorAll("path").length).toBeGreaterThanOrEqual(2);
  expect(container.innerHTML).not.toContain("NaN");
});

it("writes milliseconds with as many figures as make sense", () => {
  expect(ms(0.00213)).toBe("2.13 ms");
  expect(ms(0.0125)).toBe("12.5 ms");
});
