import { useState, type DragEvent } from "react";

/**
 * Things of one kind that can be dragged onto each other.
 *
 * @param kind tells them from other things that are dragged, such as files
 * @param onDrop what was dragged, and onto what
 */
export function useDragOnto(kind: string, onDrop: (dragged: string, onto: string) => void) {
  const type = `application/x-ruvant-${kind}`;
  const [over, setOver] = useState<string>();
  const handle = (name: string, draggable = true) => ({
    draggable,
    onDragStart: (event: DragEvent) => event.dataTransfer.setData(type, name),
    onDragOver: (event: DragEvent) => {
      if (!event.dataTransfer.types.includes(type)) return;
      event.preventDefault();
      setOver(name);
    },
    onDragLeave: () => setOver(undefined),
    onDrop: (event: DragEvent) => {
      const dragged = event.dataTransfer.getData(type);
      event.preventDefault();
      setOver(undefined);
      if (dragged !== "" && dragged !== name) onDrop(dragged, name);
    },
  });
  return { over, handle };
}
