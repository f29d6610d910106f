import { useEffect } from "react";
import { useSettings } from "../api/queries";

/** The day table or the night table, as the maker wishes or as the machine is set. */
export function Theme() {
  const wish = useSettings().data?.theme ?? "system";
  useEffect(() => {
    const dark = window.matchMedia("(prefers-color-scheme: dark)");
    const lay = () => {
      const night = wish === "night" || (wish === "system" && dark.matches);
      document.documentElement.dataset.table = night ? "night" : "day";
      document.documentElement.dataset.bsTheme = night ? "dark" : "light";
    };
    lay();
    dark.addEventListener("change", lay);
    return () => dark.removeEventListener("change", lay);
  }, [wish]);
  return null;
}
