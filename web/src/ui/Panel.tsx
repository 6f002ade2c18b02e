import type { ReactNode } from "react";

/** A titled part of a screen, set off by a line and not by a box. */
export function Panel({
  title,
  note,
  children,
  className = "",
}: {
  title: string;
  note?: ReactNode;
  children: ReactNode;
  className?: string;
}) {
  return (
    <section className={`flex flex-col gap-2 ${className}`} aria-label={title}>
      <div className="border-line flex items-baseline justify-between gap-3 border-b pb-1">
        <h2 className="heading">{title}</h2>
        {note !== undefined && <span className="text-soft text-[13.5px]">{note}</span>}
      </div>
      {children}
    </section>
  );
}

/** What a place says when there is nothing in it yet: the first step. */
export function Empty({ children }: { children: ReactNode }) {
  return <p className="text-soft max-w-[62ch] py-1">{children}</p>;
}
