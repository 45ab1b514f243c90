import { useSyncExternalStore } from "react";
import * as z from "zod/mini";
import { fromBase64, toBase64 } from "./bytes";
import { bitsOf, freshSalt } from "./locked";

/**
 * A lock before the screen of this device, for a tablet that others use too. It hides the notebook; what lies in the
 * browser is not encrypted by it. Kept by the device, of no notebook; a passphrase is kept as what PBKDF2 makes of it.
 */
const Kept = z.strictObject({
  salt: z.base64().check(z.maxLength(200)),
  mark: z.base64().check(z.maxLength(200)),
  /** Without a touch for so long, it shuts. */
  minutes: z.int().check(z.minimum(1), z.maximum(600)),
});
type Kept = z.infer<typeof Kept>;

const keptAs = "yearling-lock";
const openAs = "yearling-open";

/** None is set, it is set and open in this tab, or it is shut. */
export type LockState = "none" | "open" | "shut";

const listeners = new Set<() => void>();
const told = () => listeners.forEach((listener) => listener());

function kept(): Kept | null {
  try {
    return Kept.parse(JSON.parse(localStorage.getItem(keptAs) ?? ""));
  } catch {
    return null;
  }
}

function state(): LockState {
  const lock = kept();
  if (!lock) return "none";
  // Open as long as this tab lives, for this very lock.
  return sessionStorage.getItem(openAs) === lock.mark ? "open" : "shut";
}

export const screenLock = {
  state,
  /** The minutes after which it shuts by itself; null where none is set. */
  minutes: (): number | null => kept()?.minutes ?? null,

  /** Sets the lock; it stays open here. */
  set: async (passphrase: string, minutes: number): Promise<void> => {
    const salt = freshSalt();
    const mark = toBase64(await bitsOf(passphrase, salt));
    localStorage.setItem(
      keptAs,
      JSON.stringify({ salt: toBase64(salt), mark, minutes } satisfies Kept),
    );
    sessionStorage.setItem(openAs, mark);
    told();
  },

  /** Opens it in this tab. @returns whether the passphrase is the one */
  open: async (passphrase: string): Promise<boolean> => {
    const lock = kept();
    if (!lock) return true;
    const right = toBase64(await bitsOf(passphrase, fromBase64(lock.salt))) === lock.mark;
    if (right) sessionStorage.setItem(openAs, lock.mark);
    told();
    return right;
  },

  shut: (): void => {
    sessionStorage.removeItem(openAs);
    told();
  },

  /** Takes it off; nothing where it is shut. */
  takeOff: (): void => {
    if (state() !== "open") return;
    localStorage.removeItem(keptAs);
    told();
  },
};

/** What the lock is at, as it changes here and in other tabs. */
export const useScreenLock = (): LockState =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      window.addEventListener("storage", listener);
      return () => {
        listeners.delete(listener);
        window.removeEventListener("storage", listener);
      };
    },
    state,
    () => "none",
  );
