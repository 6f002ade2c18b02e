import { useRef, useState } from "react";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { DeviceCamera } from "./DeviceCamera";
import { smallOf } from "../../api/pictures";
import { keepPicture } from "./keepPicture";
import { texts } from "./words";

/** One picture as a field of a form: taken here or chosen, shown small, and removed again. */
export function PictureField({
  label,
  value,
  onChange,
}: {
  label: string;
  /** The name it is kept under; empty where there is none. */
  value: string;
  onChange: (name: string) => void;
}) {
  const { refused, busy, submit } = useSubmit();
  const [camera, setCamera] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const keep = (file: Blob, called: string) =>
    submit(async () => {
      const kept = await keepPicture(file, called);
      onChange(kept.name);
    });
  return (
    <fieldset className="flex flex-col gap-1">
      <legend className="text-soft text-[13.5px]">{label}</legend>
      <div className="flex flex-wrap items-center gap-2">
        {value !== "" && (
          <img src={smallOf(value)} alt={label} className="h-[66px] w-[92px] rounded-[4px] object-cover" />
        )}
        <Button disabled={busy} onClick={() => setCamera(true)}>
          {texts.takeAPicture}
        </Button>
        <Button disabled={busy} onClick={() => input.current?.click()}>
          {texts.fromAFile}
        </Button>
        {value !== "" && (
          <Button kind="quiet" onClick={() => onChange("")}>
            {texts.removeThePicture}
          </Button>
        )}
      </div>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-label={texts.fileOf(label)}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file !== undefined) void keep(file, file.name);
        }}
      />
      {refused}
      {camera && (
        <DeviceCamera
          onClose={() => setCamera(false)}
          onTaken={(blob) => {
            setCamera(false);
            void keep(blob, texts.fromTheCamera);
          }}
        />
      )}
    </fieldset>
  );
}
