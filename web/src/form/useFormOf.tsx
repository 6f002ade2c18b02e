import { zodResolver } from "@hookform/resolvers/zod";
import { useEffect, useRef, useState, type ReactNode } from "react";
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormReturn,
} from "react-hook-form";
import type { z } from "zod";
import type { Problem } from "../api/client";
import { readDraft, writeDraft } from "../hands/draft";
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
  /** Drops what was typed and is kept: for Cancel. */
  forget: () => void;
  /** Does something else from the form, such as a reset; a refusal is shown where those of the form are. */
  attempt: (work: () => Promise<unknown>) => Promise<boolean>;
}

/**
 * One form: what is typed, the schema that reads it, and what is done with what was read. Fields bear the names by which
 * the server speaks of them, so that a refusal is said beside the field it is about.
 *
 * @param send gets what the schema read; throws where it would not go
 * @param keepAs name under which what is half typed is kept until it is sent or dropped; nothing is kept without one
 */
export function useFormOf<Typed extends FieldValues, Read>(
  schema: z.ZodType<Read, Typed>,
  start: NoInfer<Typed>,
  send: (read: Read) => Promise<unknown>,
  keepAs?: string,
): FormOf<Typed> {
  const [begun] = useState(() => begunWith(start as Typed, keepAs));
  const { handleSubmit, formState, ...form } = useForm<Typed, unknown, Read>({
    resolver: zodResolver(schema),
    defaultValues: begun as DefaultValues<Typed>,
  });
  const untouched = useRef<object>(start as object);
  const { watch, getValues } = form;
  useEffect(() => {
    if (keepAs === undefined) return;
    const kept = watch((values) => {
      const changed = changedFrom(untouched.current, values);
      writeDraft(keepAs, Object.keys(changed).length === 0 ? "" : JSON.stringify(changed));
    });
    return () => kept.unsubscribe();
  }, [keepAs, watch]);
  const forget = () => {
    if (keepAs === undefined) return;
    untouched.current = structuredClone(getValues());
    writeDraft(keepAs, "");
  };
  const { problem, refused, busy, submit } = useSubmit();
  const [beside, setBeside] = useState(false);
  const { errors } = formState;
  return {
    ...(form as unknown as UseFormReturn<Typed>),
    busy,
    problem,
    forget,
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
      if (gone && read) forget();
      return gone && read;
    },
  };
}

/** The fields that differ; the others stay out of what is kept, so that a change made elsewhere meanwhile is not undone. */
const changedFrom = (before: object, now: object) =>
  Object.fromEntries(
    Object.entries(now).filter(
      ([name, value]) => JSON.stringify(value) !== JSON.stringify((before as Record<string, unknown>)[name]),
    ),
  );

/** What was half typed the last time, over what the form starts with; what cannot be read any more is dropped. */
function begunWith<Typed>(start: Typed, keepAs: string | undefined): Typed {
  const kept = keepAs === undefined ? "" : readDraft(keepAs);
  if (kept === "") return start;
  try {
    return { ...start, ...(JSON.parse(kept) as Partial<Typed>) };
  } catch {
    return start;
  }
}

const wordsOf = (problem: Problem) => `${problem.message} ${problem.remedy}`.trim();

/** The name may lead into a list: "parts.2.worth". */
function errorAt(errors: object, name: Path<FieldValues>): string | undefined {
  const found = name
    .split(".")
    .reduce<unknown>((at, step) => (at as Record<string, unknown> | undefined)?.[step], errors);
  return (found as { message?: string } | undefined)?.message;
}
