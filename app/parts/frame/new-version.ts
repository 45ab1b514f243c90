import { useSyncExternalStore } from "react";
import { takeNewVersion, waitingVersion, whenOfflineChanges } from "../../offline";

/** A way to turn to a new version of the application; null while there is none. */
export const useNewVersion = (): (() => void) | null =>
  useSyncExternalStore(whenOfflineChanges, waitingVersion, () => false) ? takeNewVersion : null;
