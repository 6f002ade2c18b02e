import type { ButtonHTMLAttributes } from "react";

type Kind = "primary" | "plain" | "quiet" | "stop";

const LOOKS: Record<Kind, string> = {
  primary: "bg-ready text-on-ready border-ready font-bold",
  plain: "bg-sheet text-ink border-line hover:border-ink",
  quiet: "border-transparent text-ink hover:bg-earth/50",
  stop: "bg-sheet text-stop border-stop font-bold",
};

/**
 * A button of bench size: at least 44 px, since it is pressed with a knuckle.
 *
 * @param about what it is about, where several on a screen say the same: part of its name for those who hear it
 */
export function Button({
  kind = "plain",
  keyHint,
  about,
  className = "",
  children,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { kind?: Kind; keyHint?: string; about?: string }) {
  return (
    <button
      type="button"
      aria-label={about !== undefined && typeof children === "string" ? `${children}: ${about}` : undefined}
      aria-keyshortcuts={keyHint === undefined ? undefined : spoken(keyHint)}
      {...rest}
      className={`inline-flex min-h-11 min-w-11 items-center justify-center gap-2 rounded-[4px] border px-3.5 disabled:opacity-50 ${LOOKS[kind]} ${className}`}
    >
      {children}
      {keyHint !== undefined && (
        <span aria-hidden="true">
          <Key>{keyHint}</Key>
        </span>
      )}
    </button>
  );
}

/** A shortcut as assistive technology reads it; the button's name stays what it does. */
const spoken = (keyHint: string) =>
  keyHint.replace("Ctrl ", "Control+").replace("↵", "Enter").replace("⌫", "Backspace");

/** A key of the keyboard. */
export function Key({ children }: { children: React.ReactNode }) {
  return (
    <kbd className="num rounded-[3px] border border-current px-1.5 text-[12px] leading-5 opacity-90">
      {children}
    </kbd>
  );
}
