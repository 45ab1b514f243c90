import { useEffect, useState } from "react";

/** Wall time in milliseconds, ten times a second while something runs, and at once when the page is seen again. */
export function useWallClock(running: boolean): number {
  const [time, setTime] = useState(() => Date.now());
  useEffect(() => {
    const read = () => setTime(Date.now());
    read();
    document.addEventListener("visibilitychange", read);
    const beat = running ? setInterval(read, 100) : null;
    return () => {
      document.removeEventListener("visibilitychange", read);
      if (beat) clearInterval(beat);
    };
  }, [running]);
  return time;
}

/** Keeps the screen awake while the run is on, where the browser can. */
export function useAwake(on: boolean): void {
  useEffect(() => {
    if (!on || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    navigator.wakeLock.request("screen").then(
      (held) => {
        if (over) void held.release();
        else lock = held;
      },
      () => undefined,
    );
    return () => {
      over = true;
      void lock?.release();
    };
  }, [on]);
}
