/** A job's number as the paper tag that hangs on the camera. */
export function PaperTag({ tag, large = false }: { tag: string; large?: boolean }) {
  const width = large ? 112 : 88;
  const height = large ? 36 : 28;
  return (
    <span className="num relative inline-flex shrink-0 items-center font-bold" style={{ width, height }}>
      <svg width={width} height={height} viewBox="0 0 112 36" className="absolute inset-0" aria-hidden="true">
        <path
          d="M13 1H108a3 3 0 0 1 3 3v28a3 3 0 0 1-3 3H13L1 24V12Z"
          className="fill-mark-wash stroke-mark-line"
          strokeWidth="1.3"
        />
        <circle cx="14" cy="18" r="4" className="fill-mat stroke-mark-line" strokeWidth="1.3" />
      </svg>
      <span className={`text-mark relative ${large ? "pl-7 text-[18px]" : "pl-[23px] text-[14px]"}`}>
        {tag}
      </span>
    </span>
  );
}
