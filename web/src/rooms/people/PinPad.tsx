import { useState } from "react";
import { Button } from "../../ui/Button";
import { texts } from "./words";

const FIGURES = ["1", "2", "3", "4", "5", "6", "7", "8", "9"];
const LONGEST = 8;

/** Figures to be pressed with a finger that holds no pen, or typed. */
export function PinPad({
  name,
  busy,
  onPin,
}: {
  name: string;
  busy: boolean;
  onPin: (pin: string) => Promise<boolean>;
}) {
  const [pin, setPin] = useState("");
  const press = (figure: string) => setPin((typed) => (typed + figure).slice(0, LONGEST));
  const key = "border-line bg-sheet hover:border-ink min-h-14 rounded-[4px] border text-[22px] font-bold num";
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void onPin(pin).then((taken) => !taken && setPin(""));
      }}
    >
      <label className="flex flex-col gap-1">
        <span className="text-soft text-[13.5px]">{texts.pinOf(name)}</span>
        <input
          type="password"
          inputMode="numeric"
          autoComplete="off"
          autoFocus
          className="input num text-center text-[24px]! tracking-[0.3em]"
          value={pin}
          onChange={(event) => setPin(event.target.value.replace(/\D/g, "").slice(0, LONGEST))}
        />
      </label>
      <p className="sr-only" aria-live="polite">
        {texts.figuresTyped(pin.length)}
      </p>
      <div className="grid grid-cols-3 gap-2">
        {FIGURES.map((figure) => (
          <button
            key={figure}
            type="button"
            className={key}
            aria-label={texts.figure(figure)}
            onClick={() => press(figure)}
          >
            {figure}
          </button>
        ))}
        <button
          type="button"
          className={key}
          aria-label={texts.deleteFigure}
          onClick={() => setPin(pin.slice(0, -1))}
        >
          ⌫
        </button>
        <button type="button" className={key} aria-label={texts.figure("0")} onClick={() => press("0")}>
          0
        </button>
        <Button kind="primary" type="submit" disabled={busy || pin.length < 4} className="min-h-14!">
          {texts.signIn}
        </Button>
      </div>
    </form>
  );
}
