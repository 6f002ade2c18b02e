import { smallOf } from "../../api/pictures";
import { Button } from "../../ui/Button";
import { useSubmit } from "../../ui/useSubmit";
import { keepPicture } from "../../api/pictures";
import { TakeOrChoose } from "./TakeOrChoose";
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
  return (
    <fieldset className="flex flex-col gap-1">
      <legend className="text-soft text-[13.5px]">{label}</legend>
      {value !== "" && (
        <img src={smallOf(value)} alt={label} className="h-[66px] w-[92px] rounded-[4px] object-cover" />
      )}
      <TakeOrChoose
        label={texts.fileOf(label)}
        busy={busy}
        onPictures={([{ blob, called }]) =>
          void submit(async () => onChange((await keepPicture(blob, called)).name))
        }
      >
        {value !== "" && (
          <Button kind="quiet" onClick={() => onChange("")}>
            {texts.removeThePicture}
          </Button>
        )}
      </TakeOrChoose>
      {refused}
    </fieldset>
  );
}
