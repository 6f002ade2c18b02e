import { useRef, useState, type ReactNode } from "react";
import { Button } from "../../ui/Button";
import { DeviceCamera } from "./DeviceCamera";
import { texts } from "./words";

/** A picture as it comes in: what it is, and what it is called until it is kept. */
export interface Incoming {
  blob: Blob;
  called: string;
}

export const incoming = (files: Iterable<File>): Incoming[] =>
  [...files].map((file) => ({ blob: file, called: file.name }));

/** The two buttons by which pictures come in: from a camera at this machine, or from files. */
export function TakeOrChoose({
  label,
  busy,
  many = false,
  children,
  onPictures,
}: {
  /** What the files are for, for those who cannot see where the button stands. */
  label: string;
  busy: boolean;
  many?: boolean;
  /** More buttons in the same line. */
  children?: ReactNode;
  onPictures: (pictures: Incoming[]) => void;
}) {
  const [camera, setCamera] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button kind={many ? "primary" : "plain"} disabled={busy} onClick={() => setCamera(true)}>
        {texts.takeAPicture}
      </Button>
      <Button disabled={busy} onClick={() => input.current?.click()}>
        {texts.fromAFile}
      </Button>
      {children}
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        multiple={many}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const pictures = incoming(event.target.files ?? []);
          event.target.value = "";
          if (pictures.length > 0) onPictures(pictures);
        }}
      />
      {camera && (
        <DeviceCamera
          onClose={() => setCamera(false)}
          onTaken={(blob) => {
            setCamera(false);
            onPictures([{ blob, called: texts.fromTheCamera }]);
          }}
        />
      )}
    </div>
  );
}
