import {
  createContext,
  useContext,
  useId,
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  type TextareaHTMLAttributes,
} from "react";

/** Why what stands in a field of this name is not taken, as the form around it knows. */
export const SaidOf = createContext<(name: string) => string | undefined>(() => undefined);

function Labelled({
  label,
  hint,
  name,
  ownId,
  children,
  className = "",
}: {
  ownId?: string;
  label: string;
  hint?: string;
  name?: string;
  className?: string;
  children: (wiring: { id: string; "aria-invalid"?: true; "aria-describedby"?: string }) => ReactNode;
}) {
  const made = useId();
  const id = ownId ?? made;
  const said = useContext(SaidOf);
  const problem = name === undefined ? undefined : said(name);
  return (
    <div className={`flex flex-col gap-1 ${className}`}>
      <label htmlFor={id} className="text-soft text-[13.5px]">
        {label}
      </label>
      {children({
        id,
        "aria-invalid": problem ? true : undefined,
        "aria-describedby": problem ? `${id}-problem` : hint ? `${id}-hint` : undefined,
      })}
      {problem !== undefined && (
        <p id={`${id}-problem`} className="text-stop text-[13.5px]">
          {problem}
        </p>
      )}
      {hint !== undefined && problem === undefined && (
        <p id={`${id}-hint`} className="text-soft text-[13px]">
          {hint}
        </p>
      )}
    </div>
  );
}

interface Common {
  label: string;
  hint?: string;
  wrap?: string;
}

export function TextField({ label, hint, wrap, ...rest }: Common & InputHTMLAttributes<HTMLInputElement>) {
  return (
    <Labelled label={label} hint={hint} name={rest.name} ownId={rest.id} className={wrap}>
      {(wiring) => (
        <input
          type="text"
          autoComplete="off"
          {...wiring}
          {...rest}
          className={`input ${rest.className ?? ""}`}
        />
      )}
    </Labelled>
  );
}

export function AreaField({
  label,
  hint,
  wrap,
  ...rest
}: Common & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  return (
    <Labelled label={label} hint={hint} name={rest.name} className={wrap}>
      {(wiring) => <textarea {...wiring} {...rest} className="input" />}
    </Labelled>
  );
}

export function ChoiceField({
  label,
  hint,
  wrap,
  choices,
  empty,
  ...rest
}: Common &
  SelectHTMLAttributes<HTMLSelectElement> & { choices: { value: string; label: string }[]; empty?: string }) {
  return (
    <Labelled label={label} hint={hint} name={rest.name} className={wrap}>
      {(wiring) => (
        <select {...wiring} {...rest} className="input">
          {empty !== undefined && <option value="">{empty}</option>}
          {choices.map((choice) => (
            <option key={choice.value} value={choice.value}>
              {choice.label}
            </option>
          ))}
        </select>
      )}
    </Labelled>
  );
}

/** A choice among the blanks of a line, where there is no room for its name. */
export function BareChoice({
  label,
  choices,
  ...rest
}: { label: string; choices: { value: string; label: string }[] } & SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <select aria-label={label} {...rest} className={`input ${rest.className ?? ""}`}>
      {choices.map((choice) => (
        <option key={choice.value} value={choice.value}>
          {choice.label}
        </option>
      ))}
    </select>
  );
}

export function Tick({
  label,
  ...rest
}: { label: string } & Omit<InputHTMLAttributes<HTMLInputElement>, "type">) {
  return (
    <label className="flex min-h-11 cursor-pointer items-center gap-2.5">
      <input type="checkbox" {...rest} className="accent-ready size-5" />
      <span>{label}</span>
    </label>
  );
}
