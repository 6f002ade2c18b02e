import { useEffect, useState } from "react";

const SECONDS = 3;

/** Seconds still to hold still after listening began: the input needs quiet before the first firing. */
export function useCountdown(running: boolean): number {
  const [passed, setPassed] = useState(0);
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setPassed((before) => Math.min(SECONDS, before + 1)), 1000);
    return () => {
      clearInterval(tick);
      setPassed(0);
    };
  }, [running]);
  return running ? SECONDS - passed : 0;
}
