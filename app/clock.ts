import { dayOf } from "#core/dates/days";

/** The one place where the application reads the clock. */
export const now = (): Date => new Date();
export const today = (): string => dayOf(now());
export const moment = (): string => now().toISOString();

/** A new identifier. */
export const newId = (kind: string): string => `${kind}-${newName()}`;

/** A name that nothing else has: 128 bits of chance. Pages that are not served securely have no `randomUUID`. */
export const newName = (): string =>
  crypto.randomUUID
    ? crypto.randomUUID()
    : [...crypto.getRandomValues(new Uint8Array(16))]
        .map((byte) => byte.toString(16).padStart(2, "0"))
        .join("");
