import { useEffect, useState } from "react";
import { ChoiceField } from "../../../ui/Field";
import { soundInputs } from "./soundInput";
import { STAND_IN } from "./useListening";
import { texts } from "../words";

export type Input = { id: string; label: string };

/** What the stand can listen to; inputs that are plugged in appear by themselves. */
export function useInputs(): Input[] {
  const [inputs, setInputs] = useState<Input[]>([]);
  useEffect(() => {
    let gone = false;
    const look = () => void soundInputs().then((found) => !gone && setInputs(found));
    look();
    navigator.mediaDevices?.addEventListener?.("devicechange", look);
    return () => {
      gone = true;
      navigator.mediaDevices?.removeEventListener?.("devicechange", look);
    };
  }, []);
  return [
    { id: "", label: texts.soundInputTheBrowserChooses },
    ...inputs,
    { id: STAND_IN, label: texts.theStandInSimulated },
  ];
}

/** Which input the stand listens to. */
export function InputChoice({
  inputs,
  value,
  onChange,
}: {
  inputs: Input[];
  value: string;
  onChange: (id: string) => void;
}) {
  return (
    <ChoiceField
      label={texts.input}
      value={value}
      choices={inputs.map((one) => ({ value: one.id, label: one.label }))}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}
