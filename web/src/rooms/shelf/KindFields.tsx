import { useQuery } from "@tanstack/react-query";
import { useId } from "react";
import { modelsQuery } from "../../api/queries";
import type { CameraKind } from "../../api/shelf";
import { TextField } from "../../ui/Field";
import { texts } from "./words";

/** For which camera: maker, model and pattern, with those that came in at hand. */
export function KindFields({
  value,
  onChange,
  makerLabel = texts.maker,
  which,
}: {
  value: CameraKind;
  onChange: (kind: CameraKind) => void;
  makerLabel?: string;
  /** Which of two cameras it is, where two are asked for. */
  which?: string;
}) {
  const models = useQuery(modelsQuery).data ?? [];
  const id = useId();
  const called = (label: string) => (which === undefined ? undefined : `${label}: ${which}`);
  const set = (change: Partial<CameraKind>) => onChange({ ...value, ...change });
  return (
    <div className="grid grid-cols-3 gap-3">
      <TextField
        label={makerLabel}
        aria-label={called(makerLabel)}
        name="maker"
        list={`${id}-makers`}
        value={value.maker}
        onChange={(event) => set({ maker: event.target.value })}
      />
      <TextField
        label={texts.model}
        aria-label={called(texts.model)}
        name="model"
        list={`${id}-models`}
        value={value.model}
        onChange={(event) => set({ model: event.target.value })}
      />
      <TextField
        label={texts.pattern}
        aria-label={called(texts.pattern)}
        value={value.pattern}
        placeholder={texts.n1stPatternLabel}
        onChange={(event) => set({ pattern: event.target.value })}
      />
      <datalist id={`${id}-makers`}>
        {[...new Set(models.map((one) => one.maker))].map((maker) => (
          <option key={maker} value={maker} />
        ))}
      </datalist>
      <datalist id={`${id}-models`}>
        {models
          .filter((one) => value.maker === "" || one.maker.toLowerCase() === value.maker.toLowerCase())
          .map((one) => (
            <option key={`${one.maker} ${one.model}`} value={one.model} />
          ))}
      </datalist>
    </div>
  );
}
