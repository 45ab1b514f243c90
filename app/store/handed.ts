import { bothKnown } from "#core/exchange/hand-over";
import { today } from "../clock";
import { deviceName } from "./device";
import type { Incoming } from "./file-in";
import { readMeta, writeMeta, type HandedHere } from "./meta";

/** Athletes that a coach has handed to this device. */
export const handedHere = async (): Promise<HandedHere[]> =>
  (await readMeta("handed").catch(() => null)) ?? [];

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
  await writeMeta("handed", [...all.filter((one) => one !== before), now]).catch(() => undefined);
  return true;
}

/** An athlete of this device is the user's own again, not a coach's. */
export const forgetHanded = async (athleteId: string): Promise<void> =>
  writeMeta(
    "handed",
    (await handedHere()).filter((one) => one.athleteId !== athleteId),
  );
