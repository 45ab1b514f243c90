import { useEffect, useRef, useState } from "react";
import { useLocation } from "react-router";
import { pageName } from "#words/frame";

/**
 * Tells those who listen which page came, and puts the cursor into it where it was on nothing any more. Says nothing of
 * the page that was opened: the browser does.
 */
export function usePageSaid(who: string): string {
  const { pathname } = useLocation();
  const first = useRef(pathname);
  const [said, setSaid] = useState("");
  useEffect(() => {
    if (first.current === pathname) return;
    first.current = "";
    setSaid([pageName(pathname), who].filter(Boolean).join(", "));
    if (document.activeElement === document.body)
      document.getElementById("desk")?.focus({ preventScroll: true });
  }, [pathname, who]);
  return said;
}
