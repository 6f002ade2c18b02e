/** A compartment of the tray. */
export function WellMark({ name, alert = false }: { name: string; alert?: boolean }) {
  return (
    <span
      className={`num inline-flex h-7 min-w-8 items-center justify-center rounded-[3px] border-2 px-1 text-[13.5px] font-bold ${alert ? "border-mark-line bg-mark-wash text-mark" : "border-ink/70 bg-sheet text-ink"}`}
    >
      {name}
    </span>
  );
}
