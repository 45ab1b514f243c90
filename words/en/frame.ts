/** Pages of an athlete, by what follows the athlete in their address. */
const pageNames: Readonly<Record<string, string>> = {
  aim: "Aim",
  "aim/clinician": "Clinician’s page",
  check: "Check",
  "check/record": "Every check so far",
  gap: "Gap",
  prep: "Prep",
  "prep/place": "Where to begin",
  "prep/sheet": "Prep to print",
  "prep/send": "To the phone",
  run: "Run",
  log: "Log",
  "log/book": "Record book",
  season: "Season",
  "season/date": "Ready by the date?",
  "season/dose": "Enough, too much",
  "season/out": "Print and export",
  "season/sheet": "Weeks to print",
};

/** What a page of an athlete is called. @param path an address as in "/at/odalys/season/date" */
export const pageName = (path: string): string =>
  pageNames[path.replace(/^\/at\/[^/]+\//, "").replace(/\/$/, "")] ?? "";

/** The title of a page: the page, then whose it is. */
export const titleWords = (path: string, who: string): string =>
  [pageName(path), who, "Yearling"].filter(Boolean).join(" · ");

export const keyChoiceNames = {
  plain: "as they are",
  alt: "only with Alt",
  off: "off",
} as const;
