import { readMeta, writeMeta } from "./meta";

let last: string | null = null;

/** Whoever was looked at last on this device. */
export const lastAthlete = async (): Promise<string | null> =>
  last ?? (await readMeta("last").catch(() => null));

/** Remembers who is looked at; written only when it is somebody else. */
export function rememberLast(athleteId: string): void {
  if (last === athleteId) return;
  last = athleteId;
  void writeMeta("last", athleteId).catch(() => undefined);
}
