import type { Schemas } from "../api/client";
import { texts } from "./words";

type Fastener = Schemas["Fastener"];

const HEAD_WIDTH = 1.9;

/** A fastener from the side, to scale, so that a hand can match it by shape: head, drive, thread and length. */
export function FastenerDrawing({ fastener, scale = 4.2 }: { fastener: Fastener; scale?: number }) {
  const thread = fastener.threadMm ?? 1.4;
  const length = Math.min(fastener.lengthMm ?? 2.5, 12);
  if (fastener.kind === "E_RING" || fastener.kind === "CIRCLIP" || fastener.kind === "CLIP")
    return <Ring open label={fastener.kind} />;
  if (fastener.kind === "NUT" || fastener.kind === "RING_NUT")
    return <Ring open={false} label={fastener.kind} />;
  const headless = fastener.kind === "SET_SCREW" || fastener.kind === "PIN";
  const head = headless ? 0 : Math.max(0.9, thread * 0.55) * scale;
  const headWidth = Math.max(thread * HEAD_WIDTH, 2) * scale;
  const shaft = thread * scale;
  const height = Math.max(headWidth, shaft) + 2;
  const middle = height / 2;
  const width = head + length * scale + 2;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
      className="shrink-0"
    >
      {!headless && <path d={headPath(fastener.head, head, headWidth, middle)} className="fill-metal-dark" />}
      {!headless && <Drive drive={fastener.drive} head={head} middle={middle} />}
      <rect
        x={1 + head}
        y={middle - shaft / 2}
        width={length * scale}
        height={shaft}
        className="fill-metal"
        strokeDasharray={fastener.lengthMm === undefined ? "2 2" : undefined}
        stroke={fastener.lengthMm === undefined ? "currentColor" : "none"}
      />
    </svg>
  );
}

function headPath(form: Fastener["head"], head: number, width: number, middle: number): string {
  const top = middle - width / 2;
  const bottom = middle + width / 2;
  switch (form) {
    case "FLAT":
      return `M1 ${top}L${1 + head} ${middle - width / 4}V${middle + width / 4}L1 ${bottom}Z`;
    case "ROUND":
    case "PAN":
      return `M${1 + head} ${top}Q1 ${top} 1 ${middle}Q1 ${bottom} ${1 + head} ${bottom}Z`;
    case "CHEESE":
    case "SHOULDER":
    case "NOT_SAID":
      return `M1 ${top}H${1 + head}V${bottom}H1Z`;
  }
}

function Drive({ drive, head, middle }: { drive: Fastener["drive"]; head: number; middle: number }) {
  const depth = head * 0.6;
  switch (drive) {
    case "SLOTTED":
      return <rect x={1} y={middle - 0.9} width={depth} height={1.8} className="fill-sheet" />;
    case "CROSS":
      return (
        <path d={`M1 ${middle - 2.6}L${1 + depth} ${middle}L1 ${middle + 2.6}Z`} className="fill-sheet" />
      );
    case "PIN_FACE":
      return (
        <g className="fill-sheet">
          <rect x={1} y={middle - 4} width={depth} height={1.6} />
          <rect x={1} y={middle + 2.4} width={depth} height={1.6} />
        </g>
      );
    case "HEX":
      return <rect x={1} y={middle - 2.4} width={depth} height={4.8} className="fill-sheet" />;
    case "NONE":
      return null;
  }
}

function Ring({ open, label }: { open: boolean; label: string }) {
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true" data-kind={label} className="shrink-0">
      <path
        d={open ? "M11.5 3.2a6 6 0 1 0 1.9 2.4" : "M8 2a6 6 0 1 0 .01 0Z"}
        fill="none"
        className="stroke-metal-dark"
        strokeWidth={open ? 2.2 : 3.4}
        strokeLinecap="round"
      />
    </svg>
  );
}

/** A loose small thing. */
export function LooseDrawing({ name }: { name: string }) {
  return name.includes("ball") ? (
    <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true" className="shrink-0">
      <circle cx="6" cy="6" r="4.6" className="fill-metal stroke-metal-dark" strokeWidth="1.4" />
      <circle cx="4.6" cy="4.6" r="1.2" className="fill-sheet" />
    </svg>
  ) : (
    <Ring open={false} label={texts.loose} />
  );
}
