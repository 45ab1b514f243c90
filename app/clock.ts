import { dayOf } from "#core/season/days";

/** The one place where the application reads the clock. */
export const now = (): Date => new Date();
export const today = (): string => dayOf(now());
export const moment = (): string => now().toISOString();

/** A new identifier. */
export const newId = (kind: string): string => `${kind}-${crypto.randomUUID()}`;
