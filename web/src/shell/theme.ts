import { useEffect } from "react";
import { storedValue } from "../hands/stored";

const chosen = storedValue("ruvant.theme", "day");

/** Day by the window, or lamp on a dark bench. */
export function useTheme() {
  const theme = chosen.use();
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  return { theme, toggle: () => chosen.write(theme === "lamp" ? "day" : "lamp") };
}
