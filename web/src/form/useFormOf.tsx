import { zodResolver } from "@hookform/resolvers/zod";
import { useState, type ReactNode } from "react";
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormReturn,
} from "react-hook-form";
import type { z } from "zod";
import type { Problem } from "../api/client";
import { useSubmit } from "../ui/useSubmit";

/** The elements of a form or of a set of fields, asked whether one of that name is there. */
interface Fields {
  namedItem(name: string): unknown;
}

/** A form as its fields and its button know it. */
export interface FormOf<Typed extends FieldValues> extends Pick<
  UseFormReturn<Typed>,
  "control" | "setValue" | "getValues" | "watch" | "reset"
> {
  /** Why a field cannot be read as it stands, or why the server would not take it. */
  said: (name: string) => string | undefined;
  /** What would not go and belongs to no field. */
  refused: ReactNode;
  problem: Problem | undefined;
  busy: boolean;
  submit: (fields?: Fields) => Promise<boolean>;
  /** Does something else from the form, such as a reset; a refusal is shown where those of the form are. */
  attempt: (work: () => Promise<unknown>) => Promise<boolean>;
}

/**
 * One form: what is typed, the schema that reads it, and what is done with what was read. Fields bear the names by which
 * the server speaks of them, so that a refusal is said beside the field it is about.
 *
 * @param send gets what the schema read; throws where it would not go
 */
export function useFormOf<Typed extends FieldValues, Read>(
  schema: z.ZodType<Read, Typed>,
  start: NoInfer<Typed>,
  send: (read: Read) => Promise<unknown>,
): FormOf<Typed> {
  const { handleSubmit, formState, ...form } = useForm<Typed, unknown, Read>({
    resolver: zodResolver(schema),
    defaultValues: start as DefaultValues<Typed>,
  });
  const { problem, refused, busy, submit } = useSubmit();
  const [beside, setBeside] = useState(false);
  const { errors } = formState;
  return {
    ...(form as unknown as UseFormReturn<Typed>),
    busy,
    problem,
    said: (name) =>
      errorAt(errors, name) ?? (beside && problem?.field === name ? wordsOf(problem) : undefined),
    refused: beside ? null : refused,
    attempt: (work) => {
      setBeside(false);
      return submit(work);
    },
    submit: async (fields) => {
      setBeside(false);
      let read = false;
      const gone = await submit(async () => {
        try {
          await handleSubmit((values) => {
            read = true;
            return send(values);
          })();
        } catch (refusal) {
          const field = (refusal as Partial<Problem>).field ?? "";
          const there = field === "" ? undefined : fields?.namedItem(field);
          setBeside(there instanceof HTMLElement);
          if (there instanceof HTMLElement) there.focus();
          throw refusal;
        }
      });
      return gone && read;
    },
  };
}

const wordsOf = (problem: Problem) => `${problem.message} ${problem.remedy}`.trim();

/** The name may lead into a list: "parts.2.worth". */
function errorAt(errors: object, name: Path<FieldValues>): string | undefined {
  const found = name
    .split(".")
    .reduce<unknown>((at, step) => (at as Record<string, unknown> | undefined)?.[step], errors);
  return (found as { message?: string } | undefined)?.message;
}
