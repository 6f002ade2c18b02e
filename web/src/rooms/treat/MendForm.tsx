import type { FieldValues } from "react-hook-form";
import { Button } from "../../ui/Button";
import { Form } from "../../form/Form";
import type { FormOf } from "../../form/useFormOf";
import { Panel } from "../../ui/Panel";

/** A form of Mend: its fields, what would not go, and the one button. */
export function MendForm<Typed extends FieldValues>({
  title,
  note,
  form,
  action,
  children,
}: {
  title: string;
  note?: string;
  form: FormOf<Typed>;
  action: string;
  children: React.ReactNode;
}) {
  return (
    <Panel title={title} note={note}>
      <Form form={form} className="flex max-w-[760px] flex-col gap-3">
        {children}
        {form.refused}
        <Button kind="primary" type="submit" className="self-start">
          {action}
        </Button>
      </Form>
    </Panel>
  );
}
