import type { ComponentProps, ReactNode } from "react";
import {
  useController,
  type FieldPathByValue,
  type FieldValues,
  type Path,
  type PathValue,
} from "react-hook-form";
import type { JobView } from "../api/client";
import { AreaField, ChoiceField, TextField, Tick } from "../ui/Field";
import { PartInput } from "../ui/PartInput";
import { Pick, PickMany } from "../ui/Pick";
import type { FormOf } from "./useFormOf";

// A field of a form: which form, which of what is typed there, and what the plain field of its kind takes besides.
type Field<Typed extends FieldValues, Value, Plain> = {
  form: FormOf<Typed>;
  name: FieldPathByValue<Typed, Value>;
} & Omit<Plain, "form" | "name" | "value" | "onChange" | "checked">;

function useField<Typed extends FieldValues>(form: FormOf<Typed>, name: Path<Typed>) {
  return useController<Typed>({ control: form.control as never, name }).field;
}

export function FormText<Typed extends FieldValues>({
  form,
  name,
  ...rest
}: Field<Typed, string, ComponentProps<typeof TextField>>) {
  const field = useField(form, name);
  return <TextField {...field} {...rest} />;
}

export function FormArea<Typed extends FieldValues>({
  form,
  name,
  ...rest
}: Field<Typed, string, ComponentProps<typeof AreaField>>) {
  const field = useField(form, name);
  return <AreaField {...field} {...rest} />;
}

export function FormChoice<Typed extends FieldValues>({
  form,
  name,
  ...rest
}: Field<Typed, string | undefined, ComponentProps<typeof ChoiceField>>) {
  const field = useField(form, name);
  return <ChoiceField {...field} {...rest} />;
}

export function FormTick<Typed extends FieldValues>({
  form,
  name,
  ...rest
}: Field<Typed, boolean, ComponentProps<typeof Tick>>) {
  const field = useField(form, name);
  const { value, ...wiring } = field;
  return <Tick {...wiring} {...rest} checked={value as boolean} />;
}

export function FormPick<Typed extends FieldValues>({
  form,
  name,
  ...rest
}: Field<Typed, string, ComponentProps<typeof Pick>>) {
  const field = useField(form, name);
  return <Pick {...rest} value={field.value as string} onChange={field.onChange} />;
}

export function FormPickMany<Typed extends FieldValues>({
  form,
  name,
  ...rest
}: Field<Typed, string[], ComponentProps<typeof PickMany>>) {
  const field = useField(form, name);
  return <PickMany {...rest} value={field.value as string[]} onChange={field.onChange} />;
}

/** A part's name, with those of the job at hand. */
export function FormPart<Typed extends FieldValues & { part: string }>({
  form,
  ...rest
}: {
  form: FormOf<Typed>;
  job: JobView;
  label?: string;
  placeholder?: string;
}) {
  const field = useField(form, "part" as Path<Typed>);
  return <PartInput {...rest} value={field.value as string} onChange={field.onChange} />;
}

/** A part of the form that draws itself: it is given what is typed, and how to change it. */
export function FormOwn<Typed extends FieldValues, Name extends Path<Typed>>({
  form,
  name,
  children,
}: {
  form: FormOf<Typed>;
  name: Name;
  children: (value: PathValue<Typed, Name>, change: (next: PathValue<Typed, Name>) => void) => ReactNode;
}) {
  const { field } = useController<Typed, Name>({ control: form.control as never, name });
  return <>{children(field.value, field.onChange)}</>;
}
