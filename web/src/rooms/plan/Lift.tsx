import { useEffect, useRef, useState, type PointerEvent } from "react";
import { createPortal } from "react-dom";

/** How far a finger may tremble before a press becomes a lift. */
const TREMBLE = 6;

export interface Place {
  at: number;
  person: string;
}

/**
 * Lifts a tag by mouse, pen or finger and lays it elsewhere. Until it is laid the place under it is said beside the
 * pointer; Esc puts it back.
 *
 * @param where what lies under the left edge of the tag
 */
export function useLift(
  where: (left: number, y: number) => Place | undefined,
  lay: (place: Place) => void,
  still: boolean,
) {
  const from = useRef<{ x: number; y: number; grip: number }>(undefined);
  const [lifted, setLifted] = useState<{ x: number; y: number }>();
  const moved = useRef(false);
  const end = () => {
    from.current = undefined;
    setLifted(undefined);
  };
  useEffect(() => {
    if (lifted === undefined) return;
    const cancel = (event: KeyboardEvent) => {
      if (event.key !== "Escape") return;
      event.stopPropagation();
      end();
    };
    window.addEventListener("keydown", cancel, true);
    return () => window.removeEventListener("keydown", cancel, true);
  }, [lifted]);
  const left = (x: number) => x - (from.current?.grip ?? 0);
  return {
    lifted,
    place: lifted === undefined ? undefined : where(left(lifted.x), lifted.y),
    props: {
      onPointerDown: (event: PointerEvent<HTMLElement>) => {
        moved.current = false;
        if (still || event.button !== 0) return;
        // from the first moment, so that a quick hand that has left a narrow tag still holds it
        event.currentTarget.setPointerCapture(event.pointerId);
        const grip = event.clientX - event.currentTarget.getBoundingClientRect().left;
        from.current = { x: event.clientX, y: event.clientY, grip };
      },
      onPointerMove: (event: PointerEvent<HTMLElement>) => {
        const begun = from.current;
        if (begun === undefined) return;
        if (lifted === undefined && Math.hypot(event.clientX - begun.x, event.clientY - begun.y) < TREMBLE)
          return;
        moved.current = true;
        setLifted({ x: event.clientX, y: event.clientY });
      },
      onPointerUp: (event: PointerEvent<HTMLElement>) => {
        const place = lifted === undefined ? undefined : where(left(event.clientX), event.clientY);
        end();
        if (place !== undefined) lay(place);
      },
      onPointerCancel: end,
      // the click that ends a lift chooses nothing
      onClickCapture: (event: { stopPropagation: () => void }) => {
        if (moved.current) event.stopPropagation();
        moved.current = false;
      },
    },
  };
}

/** The nearest part of the drawing under a point that belongs to a person. */
export const laneAt = (x: number, y: number): HTMLElement | undefined =>
  document
    .elementsFromPoint(x, y)
    .find((one): one is HTMLElement => one instanceof HTMLElement && one.dataset.person !== undefined);

/** What is being carried, beside the pointer, with where it would lie. */
export function Carried({
  at,
  words,
  where,
}: {
  at: { x: number; y: number };
  words: string;
  where: string;
}) {
  return createPortal(
    <div
      className="bg-ink text-sheet pointer-events-none fixed z-50 max-w-[260px] rounded-[4px] px-3 py-1.5 text-[14px] leading-5"
      style={{ left: Math.min(at.x + 14, window.innerWidth - 270), top: at.y + 18 }}
    >
      <b className="block">{where}</b>
      {words}
    </div>,
    document.body,
  );
}
