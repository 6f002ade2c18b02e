import type { FormHTMLAttributes } from "react";
import type { FieldValues } from "react-hook-form";
import { SaidOf } from "../ui/Field";
import type { FormOf } from "./useFormOf";

/** The element around the fields of a form: Enter sends it. */
export function Form<Typed extends FieldValues>({
  form,
  ...rest
}: { form: FormOf<Typed> } & Omit<FormHTMLAttributes<HTMLFormElement>, "onSubmit">) {
  return (
    <SaidOf value={form.said}>
      <form
        {...rest}
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          // a form in a form of React's tree is not one in it
          event.stopPropagation();
          void form.submit(event.currentTarget.elements);
        }}
      />
    </SaidOf>
  );
}
