import { bothKnown } from "#core/exchange/known-there";
import { today } from "../clock";
import { deviceName } from "./device";
import type { Incoming } from "./file-in";
import { readMeta, writeMeta, type HandedHere } from "./meta";

let last: HandedHere[] | null = null;

/** Athletes that a coach has handed to this device. */
export const handedHere = async (): Promise<HandedHere[]> =>
  (last = (await readMeta("handed").catch(() => null)) ?? []);

/** Whether an athlete is one of them; read once a tab, for pages that must not wait. */
export const isHanded = async (id: string): Promise<boolean> =>
  (last ?? (await handedHere())).some(({ athleteId }) => athleteId === id);

/**
 * Remembers that an athlete came from a coach. False where that is not so: the file comes back, was written on this
 * device itself, or the athlete was here already as the user's own.
 */
export async function rememberHanded(
  { handed, known }: Incoming,
  wasHere: boolean,
): Promise<boolean> {
  if (!handed || handed.back || handed.device === (await deviceName())) return false;
  const { athleteId, by } = handed;
  const all = await handedHere();
  const before = all.find((one) => one.athleteId === athleteId);
  if (wasHere && !before) return false;
  const now = { athleteId, by, on: today(), known: bothKnown(before?.known ?? {}, known) };
  last = [...all.filter((one) => one !== before), now];
  await writeMeta("handed", last).catch(() => undefined);
  return true;
}
