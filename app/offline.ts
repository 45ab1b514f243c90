/** Registers the worker that keeps the built files for days without a signal. Does nothing in development. */
export function keepForOffline(): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  void navigator.serviceWorker.register("/offline.js").catch(() => undefined);
}
