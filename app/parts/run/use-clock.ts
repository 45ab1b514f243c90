import { useEffect, useState } from "react";

/** A look at the clock is never later than this, ms; where a cue is due sooner, it is on the cue. */
const longestLook = 100;

/**
 * Wall time in milliseconds: looked at ten times a second while something runs, exactly when the next cue is due,
 * and at once when the page is seen again.
 * @param due seconds from a time until its next cue
 */
export function useWallClock(running: boolean, due: (time: number) => number): number {
  const [time, setTime] = useState(() => Date.now());
  useEffect(() => {
    const read = () => setTime(Date.now());
    document.addEventListener("visibilitychange", read);
    return () => document.removeEventListener("visibilitychange", read);
  }, []);
  useEffect(() => {
    if (!running) return;
    const wait = Math.max(4, Math.min(longestLook, due(time) * 1000));
    const next = setTimeout(() => setTime(Date.now()), wait);
    return () => clearTimeout(next);
  });
  return time;
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
