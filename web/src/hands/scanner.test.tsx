import { cleanup, createEvent, fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, expect, it, vi } from "vitest";
import { useKeys } from "./keys";
import { readCode, useForeignCode, useScanner } from "./scanner";

afterEach(cleanup);

function Page({ onScan, onKey }: { onScan: (what: unknown) => void; onKey: () => void }) {
  const [text, setText] = useState("half a line");
  useScanner(onScan);
  useKeys({ "0": onKey, "6": onKey, "3": onKey, r: onKey });
  return <input aria-label="field" value={text} onChange={(event) => setText(event.target.value)} />;
}

/** Keys one after the other, so many milliseconds apart; into the field they write as well. */
function keys(target: HTMLElement, text: string, gapMs: number) {
  let at = 1000;
  for (const key of [...text, "Enter"]) {
    const down = createEvent.keyDown(target, { key });
    Object.defineProperty(down, "timeStamp", { value: (at += gapMs) });
    const went = fireEvent(target, down);
    if (went && target instanceof HTMLInputElement && key !== "Enter")
      fireEvent.change(target, { target: { value: target.value + key } });
  }
}

it("reads tags and wells, and no codes of others", () => {
  expect(readCode("RV-R-0412")).toEqual({ kind: "tag", tag: "R-0412" });
  expect(readCode("RV-W-B12")).toEqual({ kind: "well", well: "B12" });
  for (const other of ["R-0412", "RV-W-B0", "RV-W-12", "4006381333931", "RV-R-04120000000", ""])
    expect(readCode(other)).toBeUndefined();
});

it("takes a burst wherever the focus is, and presses none of the screen's keys", () => {
  const onScan = vi.fn();
  const onKey = vi.fn();
  render(<Page onScan={onScan} onKey={onKey} />);
  keys(document.body, "RV-R-0063", 8);
  expect(onScan).toHaveBeenCalledExactlyOnceWith({ kind: "tag", tag: "R-0063" });
  expect(onKey).not.toHaveBeenCalled();
});

it("leaves nothing behind in the field that it was typed into", () => {
  const onScan = vi.fn();
  render(<Page onScan={onScan} onKey={vi.fn()} />);
  const field = screen.getByLabelText<HTMLInputElement>("field");
  keys(field, "RV-W-B3", 8);
  expect(onScan).toHaveBeenCalledWith({ kind: "well", well: "B3" });
  expect(field.value).toBe("half a line");
});

it("does not mistake a hand for a scanner", () => {
  const onScan = vi.fn();
  render(<Page onScan={onScan} onKey={vi.fn()} />);
  const field = screen.getByLabelText<HTMLInputElement>("field");
  keys(field, "RV-W-B3", 140);
  expect(onScan).not.toHaveBeenCalled();
  expect(field.value).toBe("half a lineRV-W-B3");
});

function StandPage({ onCode, onKey, onScan }: Record<"onCode" | "onKey" | "onScan", () => void>) {
  useScanner(onScan);
  useForeignCode(onCode);
  useKeys({ "4": onKey, f: onKey });
  return <input aria-label="field" />;
}

it("takes anybody's code to go on where that is wanted, and lets a hand's key through", () => {
  vi.useFakeTimers();
  const page = { onCode: vi.fn(), onKey: vi.fn(), onScan: vi.fn() };
  render(<StandPage {...page} />);
  keys(document.body, "RV-R-0063", 8);
  vi.runAllTimers();
  expect(page.onScan).toHaveBeenCalledTimes(1);
  expect(page.onCode).not.toHaveBeenCalled();
  keys(document.body, "4006381333931", 8);
  vi.runAllTimers();
  expect(page.onCode).toHaveBeenCalledTimes(1);
  expect(page.onKey).not.toHaveBeenCalled();
  fireEvent.keyDown(document.body, { key: "f" });
  vi.runAllTimers();
  expect(page.onKey).toHaveBeenCalledTimes(1);
  vi.useRealTimers();
});
