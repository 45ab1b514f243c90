import { useCallback, useEffect, useState } from "react";

/** A look at the clock is never later than this, ms; where something is due sooner, it is on time. */
const longestLook = 250;

/** Wall time in milliseconds as it was last looked at, and a way to look again. Looked at when the page is seen again. */
export function useWallClock(): [time: number, look: () => void] {
  const [time, setTime] = useState(() => Date.now());
  const look = useCallback(() => setTime(Date.now()), []);
  useEffect(() => {
    document.addEventListener("visibilitychange", look);
    return () => document.removeEventListener("visibilitychange", look);
  }, [look]);
  return [time, look];
}

/**
 * Looks at the clock again while something runs: four times a second, and exactly when something is due.
 * @param due seconds until the next cue, change of step or change of the number that is shown
 */
export function useNextLook(running: boolean, due: number, look: () => void): void {
  useEffect(() => {
    if (!running) return;
    const next = setTimeout(look, Math.max(4, Math.min(longestLook, Math.ceil(due * 1000))));
    return () => clearTimeout(next);
  });
}

/** Keeps the screen awake while the run is on, where the browser can; asked again when the page is seen again. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const ask = () => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock.request("screen").then(
        (held) => {
          if (over) void held.release();
          else lock = held;
        },
        () => undefined,
      );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [on]);
}
