import { useEffect } from "react";
import { useLocation } from "react-router";
import { screenLock } from "../store/screen-lock";

/** Pages that many look at and few touch: they stay open. */
const staysOpen = /\/(run|wall)$/;
const everyMilliseconds = 10_000;

/** Shuts the lock once nobody has touched the device for as long as it was set; a run and a wall screen go on. */
export function useShutWhenIdle(on: boolean): void {
  const { pathname } = useLocation();
  const watched = on && !staysOpen.test(pathname);
  useEffect(() => {
    if (!watched) return;
    let last = Date.now();
    const touched = () => (last = Date.now());
    const look = () => {
      const minutes = screenLock.minutes();
      if (minutes !== null && Date.now() - last >= minutes * 60_000) screenLock.shut();
    };
    const events = ["pointerdown", "keydown", "wheel"] as const;
    events.forEach((event) => window.addEventListener(event, touched, { passive: true }));
    document.addEventListener("visibilitychange", look);
    const timer = setInterval(look, everyMilliseconds);
    return () => {
      events.forEach((event) => window.removeEventListener(event, touched));
      document.removeEventListener("visibilitychange", look);
      clearInterval(timer);
    };
  }, [watched]);
}
