import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { texts } from "./words";

/** A window over the page; Esc closes it. */
export function Window({
  title,
  about,
  open,
  onOpenChange,
  children,
  wide = false,
}: {
  title: string;
  about?: string;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  children: ReactNode;
  wide?: boolean;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`border-line bg-sheet fixed top-[6vh] left-1/2 z-50 flex max-h-[88vh] w-[94vw] -translate-x-1/2 flex-col overflow-hidden rounded-[6px] border ${wide ? "max-w-[860px]" : "max-w-[620px]"}`}
        >
          <div className="border-line flex items-center justify-between gap-3 border-b px-5 py-2">
            <div>
              <Dialog.Title className="text-[18px] font-bold">{title}</Dialog.Title>
              {about !== undefined && <p className="text-soft text-[14px]">{about}</p>}
            </div>
            <Dialog.Close className="text-soft hover:text-ink min-h-11 min-w-11 rounded-[4px] px-2">
              {texts.close}
            </Dialog.Close>
          </div>
          <div className="overflow-y-auto px-5 py-4" tabIndex={0} role="group" aria-label={title}>
            {children}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
