import { draftsWritten } from "./store/drafts";

const listeners = new Set<() => void>();
let waiting: ServiceWorker | null = null;
let taking = false;

/** Whether a newer build of the application is there and waits to be used. */
export const waitingVersion = (): boolean => waiting !== null;

/** Hears when a newer build waits, and how much is still to be kept. */
export function whenOfflineChanges(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Turns to the newer build: what is typed is written first, and the page loads again. */
export function takeNewVersion(): void {
  taking = true;
  void draftsWritten().then(() => waiting?.postMessage("take-over"));
}

const found = (worker: ServiceWorker | null): void => {
  waiting = worker;
  listeners.forEach((listener) => listener());
};

/** How many files are still to be kept for days without a signal; null while that is not known. */
export const stillToKeep = (): number | null => left;
let left: number | null = null;

/** How long after its start a page counts as idle, ms: the first screen and what it draws come before. */
const settled = 4_000;

/** Asks the worker to keep the rest, once this page has nothing else to do. */
function keepRestWhenIdle(): void {
  const { serviceWorker } = navigator;
  serviceWorker.addEventListener("message", ({ data }: MessageEvent<{ left?: number }>) => {
    if (typeof data.left !== "number") return;
    left = data.left;
    listeners.forEach((listener) => listener());
  });
  const ask = () => void serviceWorker.ready.then(({ active }) => active?.postMessage("keep-rest"));
  const idle = globalThis.requestIdleCallback ?? ((task: () => void) => setTimeout(task, 0));
  setTimeout(() => idle(ask), settled);
}

/** How often a page that stays open asks whether there is a new build, ms. */
const often = 30 * 60_000;

/**
 * Registers the worker that keeps the built files for days without a signal. A new build waits until the user
 * turns to it; the files of the build that is open stay kept. Does nothing in development.
 */
export function keepForOffline(): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  const { serviceWorker } = navigator;
  serviceWorker.addEventListener("controllerchange", () => {
    if (taking) location.reload();
  });
  keepRestWhenIdle();
  void serviceWorker
    .register("/offline.js")
    .then((registration) => {
      const look = () => {
        // The first worker a browser gets is no new version.
        if (registration.waiting && serviceWorker.controller) found(registration.waiting);
      };
      look();
      registration.addEventListener("updatefound", () =>
        registration.installing?.addEventListener("statechange", look),
      );
      setInterval(() => void registration.update().catch(() => undefined), often);
    })
    .catch(() => undefined);
}
