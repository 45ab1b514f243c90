/* Keeps the built files for days without a signal. Filled in by scripts/write-offline-worker.mjs at build. */
const name = "yearling-__VERSION__";
const files = __FILES__;
const fallback = "__FALLBACK__";

self.addEventListener("install", (event) => {
  event.waitUntil(
    caches
      .open(name)
      .then((cache) => cache.addAll(files))
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener("activate", (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) =>
        Promise.all(names.filter((other) => other !== name).map((other) => caches.delete(other))),
      )
      .then(() => self.clients.claim()),
  );
});

/** A page is asked for from the server first, so that it is never older than it need be; other files are kept as built. */
self.addEventListener("fetch", (event) => {
  const { request } = event;
  if (request.method !== "GET" || new URL(request.url).origin !== self.location.origin) return;
  if (request.mode === "navigate") {
    event.respondWith(fetch(request).catch(() => keptPage(new URL(request.url).pathname)));
    return;
  }
  event.respondWith(caches.match(request).then((kept) => kept ?? fetch(request)));
});

async function keptPage(path) {
  const page = await caches.match(`${path.replace(/\/$/, "")}/index.html`);
  return page ?? (await caches.match(fallback));
}
