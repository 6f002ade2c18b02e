export type Mark = "ready" | "not" | "wait" | "done" | "left" | "open";

const SHAPES: Record<Mark, { look: string; shape: React.ReactNode }> = {
  ready: { look: "text-ready", shape: <path d="M3 8h8M8 4.5 11.5 8 8 11.5" /> },
  not: { look: "text-stop", shape: <path d="M4 4l8 8M12 4l-8 8" /> },
  wait: { look: "text-mark", shape: <path d="M8 4v4l3 2M8 1.8a6.2 6.2 0 1 0 .01 0Z" /> },
  done: { look: "text-done", shape: <circle cx="8" cy="8" r="4" fill="currentColor" /> },
  left: { look: "text-soft", shape: <path d="M3 8h10" /> },
  open: { look: "text-soft", shape: <circle cx="8" cy="8" r="4.2" /> },
};

/** A state's own shape; a word always stands beside it. */
export function StateMark({ mark }: { mark: Mark }) {
  const { look, shape } = SHAPES[mark];
  return (
    <svg
      width="16"
      height="16"
      viewBox="0 0 16 16"
      className={`shrink-0 ${look}`}
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {shape}
    </svg>
  );
}
