import type { PainKind } from "../records/records";

const harmless: readonly PainKind[] = ["stretch", "ache"];

/** Whether a kind of feeling ends the drill whatever its level. */
export const isSharp = (kind: PainKind | null): boolean =>
  kind !== null && !harmless.includes(kind);
