import type { Trouble } from "../../app/store/trouble";

/** What is wrong with the browser's storage, what that means, and whether a press can help. */
export function troubleWords(trouble: Trouble): string {
  switch (trouble.why) {
    case "full":
      return "This device is full. What you did last is only on the screen; saving is tried again by itself. Make room, or save a file now.";
    case "refused":
      return "This browser keeps nothing for this page: it is a private window, or storage is off. Everything works until the page is closed. Save a file before that.";
    case "gone":
      return "What this browser kept was cleared while the page was open. What the page still holds is only on the screen. Save a file now, or write it back.";
    case "newer":
      return "A newer Yearling has written to this notebook in another tab. This page has stopped writing. Load it again; first save what you did last to a file.";
    case "silent":
      return "The browser’s storage does not answer; another tab may be holding it. Nothing is kept meanwhile. Close Yearling’s other tabs and load this page again.";
    case "other":
      return `What you did last could not be written to this browser (${trouble.detail}). It is only on the screen; saving is tried again by itself. Save a file to be safe.`;
  }
}
