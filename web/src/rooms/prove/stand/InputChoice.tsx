import { useEffect, useState } from "react";
import { ChoiceField } from "../../../ui/Field";
import { soundInputs } from "./soundInput";
import { STAND_IN } from "./useListening";
import { texts } from "../words";

/** Which input the stand listens to; inputs that are plugged in appear by themselves. */
export function InputChoice({ value, onChange }: { value: string; onChange: (id: string) => void }) {
  const [inputs, setInputs] = useState<{ id: string; label: string }[]>([]);
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
  const listed = [
    { value: STAND_IN, label: texts.theStandInSimulated },
    { value: "", label: texts.soundInputTheBrowserChooses },
    ...inputs.map((one) => ({ value: one.id, label: one.label })),
  ];
  return (
    <ChoiceField
      label={texts.input}
      value={listed.some((one) => one.value === value) ? value : STAND_IN}
      choices={listed}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}
