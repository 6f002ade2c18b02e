import { useEffect, useState } from "react";

/** What somebody types, once they paused: for questions that take the server some work. */
export function useSettled<Value>(value: Value, pause = 500): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), pause);
    return () => clearTimeout(timer);
  }, [value, pause]);
  return settled;
}
