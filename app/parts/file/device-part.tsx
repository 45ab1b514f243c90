import { useSyncExternalStore } from "react";
import { offlineWords } from "#words/file";
import { stillToKeep, whenOfflineChanges } from "../../offline";
import { canLock } from "../../store/locked";

/** What a browser lends only to pages that came over https, or from the device itself. */
const lent: readonly { what: string; there: () => boolean }[] = [
  { what: "open without a signal", there: () => "serviceWorker" in navigator },
  { what: "read codes and photograph with the camera", there: () => "mediaDevices" in navigator },
  { what: "keep the screen awake in a run", there: () => "wakeLock" in navigator },
  { what: "lock files", there: canLock },
  { what: "measure with the phone laid on", there: () => "DeviceOrientationEvent" in globalThis },
];

/** How much of the application this device holds already; nothing where it can hold none, or does not know yet. */
export function OfflinePart() {
  const left = useSyncExternalStore(whenOfflineChanges, stillToKeep, () => null);
  return left === null ? null : <p className="mt-3 text-sm text-muted">{offlineWords(left)}</p>;
}

/** What this browser can't do here, and what helps; nothing where all is there. */
export function DevicePart() {
  if (!("navigator" in globalThis)) return null;
  const missing = lent.filter(({ there }) => !there()).map(({ what }) => what);
  if (missing.length === 0) return null;
  return (
    <section className="mt-3 border-l-4 border-tape bg-raised px-4 py-2 text-sm">
      <p>Here, this browser can’t: {missing.join("; ")}.</p>
      {globalThis.isSecureContext ? null : (
        <p>
          The page came without https. Start Yearling with <code>npm start -- --hall</code> and open
          the address that it prints; all else works as it is.
        </p>
      )}
    </section>
  );
}
