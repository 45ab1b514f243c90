import { useEffect, useSyncExternalStore } from "react";
import { presentNotebook, subscribeNotebook } from "../store/open";

/** Follows the theme setting of the open notebook; the system's own where it is left open. */
export function useTheme(): void {
  const theme = useSyncExternalStore(
    subscribeNotebook,
    () => presentNotebook()?.notebook.get("settings", "settings")?.theme ?? "system",
    () => "system" as const,
  );
  useEffect(() => {
    if (theme === "system") delete document.documentElement.dataset.theme;
    else document.documentElement.dataset.theme = theme;
  }, [theme]);
}
