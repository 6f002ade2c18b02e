import { useEffect, useState } from "react";

/** The server's clock against this machine's, in milliseconds. Waits run on the server's. */
let offset = 0;

export function clockSaid(now: string): void {
  offset = Date.parse(now) - Date.now();
}

export function serverNow(): number {
  return Date.now() + offset;
}

/** The present moment, again every so often. */
export function useNow(everyMs = 1000): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    const timer = setInterval(() => setNow(serverNow()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return now;
}
