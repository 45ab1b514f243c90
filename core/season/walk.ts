/** A station of the walk from an aim to the season. */
export type Station = "aim" | "check" | "gap" | "prep" | "run" | "log" | "season";

/** The stations in the order of the work. */
export const stations: readonly Station[] = ["aim", "check", "gap", "prep", "run", "log", "season"];
