import { useEffect, useRef, useState } from "react";
import { useLocation } from "react-router";
import { intoThePage } from "./kept-focus";
import { pageName } from "#words/frame";

/** Whether a page was shown already. */
let begun = false;

/**
 * Tells those who listen which page came, and puts the cursor into it where it was on nothing any more. Says nothing of
 * the page that was opened: the browser does.
 */
export function usePageSaid(who: string): string {
  const { pathname } = useLocation();
  // A run stands outside the frame: coming back from it is no opening of the application.
  const first = useRef(begun ? "" : pathname);
  const [said, setSaid] = useState("");
  useEffect(() => {
    begun = true;
    if (first.current === pathname) return;
    first.current = "";
    setSaid([pageName(pathname), who].filter(Boolean).join(", "));
    intoThePage();
  }, [pathname, who]);
  return said;
}
