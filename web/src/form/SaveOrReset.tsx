import type { FieldValues } from "react-hook-form";
import { Button } from "../ui/Button";
import type { FormOf } from "./useFormOf";
import { texts } from "./words";

/** The end of a form that changes an entry which ships with Ruvant: what was refused, Save, and Reset where it was changed. */
export function SaveOrReset<Typed extends FieldValues>({
  form,
  disabled,
  onReset,
}: {
  form: FormOf<Typed>;
  disabled?: boolean;
  /** Undefined where the entry is as it ships. */
  onReset?: () => Promise<unknown>;
}) {
  return (
    <>
      {form.refused}
      <div className="flex gap-2">
        <Button kind="primary" type="submit" disabled={disabled}>
          {texts.save}
        </Button>
        {onReset !== undefined && <Button onClick={() => void form.attempt(onReset)}>{texts.reset}</Button>}
      </div>
    </>
  );
}
