/** A page or a thing to do, as it is found: what it is called, what else people call it, and where it is. */
export type PageFound = {
  key: string;
  name: string;
  also: readonly string[];
  /** The station of the athlete looked at, after its address; or an address of its own. */
  at?: string;
  to?: string;
};

/** What can be done and set, for whoever looks for it by its words. */
export const pagesToFind: readonly PageFound[] = [
  { key: "troupe", name: "All athletes", also: ["troupe", "home", "start"], to: "/" },
  {
    key: "hall",
    name: "Many at once",
    also: ["hall", "group", "squad", "class", "team"],
    to: "/hall/all",
  },
  {
    key: "lock",
    name: "Lock this screen",
    also: ["lock", "passphrase", "password", "privacy"],
    to: "/file#screen-lock",
  },
  { key: "file", name: "Save a file", also: ["backup", "export", "download", "copy"], to: "/file" },
  {
    key: "import",
    name: "Open a file",
    also: ["import", "upload", "restore", "merge"],
    to: "/file",
  },
  {
    key: "look",
    name: "Light or dark",
    also: ["theme", "night", "appearance", "dark mode", "settings"],
    to: "/file#settings",
  },
  {
    key: "settings",
    name: "Settings",
    also: ["preferences", "units", "inches", "pounds", "language", "options"],
    to: "/file#settings",
  },
  {
    key: "library",
    name: "Library",
    also: ["drills", "skills", "checks", "exercises"],
    to: "/library",
  },
  {
    key: "pictures",
    name: "Every picture",
    also: ["pictures", "images", "exercises"],
    to: "/library/pictures",
  },
  {
    key: "own-drill",
    name: "A drill of your own",
    also: ["new drill", "add exercise", "custom exercise"],
    to: "/library/own-drill",
  },
  {
    key: "cautions",
    name: "Cautions",
    also: ["safety", "injury", "contraindications", "warnings"],
    to: "/library/cautions",
  },
  {
    key: "glossary",
    name: "Words",
    also: ["glossary", "meaning", "terms", "dictionary"],
    to: "/words",
  },
  { key: "phone", name: "To the phone", also: ["send", "share", "QR", "code"], at: "prep/send" },
  {
    key: "sheet",
    name: "Print today’s prep",
    also: ["paper", "wall sheet", "pocket sheet", "PDF"],
    at: "prep/sheet",
  },
  {
    key: "week-sheet",
    name: "Print the weeks",
    also: ["paper", "calendar", "PDF"],
    at: "season/sheet",
  },
  {
    key: "calendar",
    name: "Calendar file",
    also: ["ics", "export calendar", "schedule"],
    at: "season/out",
  },
  {
    key: "date",
    name: "Ready by the date?",
    also: ["forecast", "chance", "prediction", "progress"],
    at: "season/date",
  },
  {
    key: "dose",
    name: "Enough, too much",
    also: ["load", "volume", "overload", "dose"],
    at: "season/dose",
  },
  {
    key: "record",
    name: "Every check so far",
    also: ["history", "measurements", "results", "progress"],
    at: "check/record",
  },
  { key: "book", name: "Record book", also: ["history", "diary", "sessions"], at: "log/book" },
  {
    key: "clinician",
    name: "Clinician’s page",
    also: ["doctor", "physio", "referral", "health questions", "injury"],
    at: "aim/clinician",
  },
  {
    key: "place",
    name: "Where to begin",
    also: ["placement", "level test", "starting level"],
    at: "prep/place",
  },
];

/** What sort of thing was found, beside its name. */
export const foundKind = {
  athlete: "athlete",
  check: "check",
  drill: "drill",
  ownDrill: "drill of your own",
  skill: "skill",
  ownSkill: "skill of your own",
  group: "group",
  place: "place",
  page: "page",
} as const;

/** Why something was found whose name does not say so. */
export const becauseFound = (because: readonly string[]): string => because.join(" · ");
