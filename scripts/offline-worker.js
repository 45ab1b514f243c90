/* Keeps the built files for days without a signal. Filled in by scripts/write-offline-worker.mjs at build. */
const version = "__VERSION__";
const name = `yearling-${version}`;
const files = __FILES__;
const fallback = "__FALLBACK__";

/** Builds whose files stay kept: this one, and the one that an open page may still be of. */
const keptBuilds = 2;

// A new build does not push the old one aside: it waits until a page asks for it.
self.addEventListener("install", (event) => {
  event.waitUntil(caches.open(name).then((cache) => cache.addAll(files)));
});

self.addEventListener("message", (event) => {
  if (event.data === "take-over") void self.skipWaiting();
});

self.addEventListener("activate", (event) => {
  event.waitUntil(dropOld().then(() => self.clients.claim()));
});

/** Drops what is older than the last builds; `caches.keys` gives them in the order in which they were made. */
async function dropOld() {
  const builds = (await caches.keys()).filter(
    (other) => other.startsWith("yearling-") && other !== name,
  );
  const old = builds.slice(0, Math.max(0, builds.length - keptBuilds + 1));
  await Promise.all(old.map((other) => caches.delete(other)));
}

/** A page is asked for from the server first, so that it is never older than it need be; other files are kept as built. */
self.addEventListener("fetch", (event) => {
  const { request } = event;
  if (request.method === "POST" && new URL(request.url).pathname === "/open") {
    event.respondWith(takeShared(request));
    return;
  }
  if (request.method !== "GET" || new URL(request.url).origin !== self.location.origin) return;
  if (request.mode === "navigate") {
    event.respondWith(fetch(request).catch(() => keptPage(new URL(request.url).pathname)));
    return;
  }
  event.respondWith(kept(request));
});

/** What another program has shared with this one: a file is laid where the page finds it, a link goes after the #. */
async function takeShared(request) {
  const form = await request.formData();
  const file = form.get("file");
  if (file instanceof File) {
    const headers = { "X-Name": encodeURIComponent(file.name) };
    await (
      await caches.open("shared-with-yearling")
    ).put("/shared", new Response(file, { headers }));
    return Response.redirect("/open", 303);
  }
  const told = ["url", "text", "title"].map((name) => String(form.get(name) ?? "")).join(" ");
  const [part = ""] = /y1\.[\w.-]+/.exec(told) ?? [];
  return Response.redirect(`/open#${part}`, 303);
}

/** From this build's files; from an older build's where a page of it is open; else from the server. */
async function kept(request) {
  const own = await (await caches.open(name)).match(request);
  return own ?? (await caches.match(request)) ?? fetch(request);
}

async function keptPage(path) {
  const cache = await caches.open(name);
  const page = await cache.match(`${path.replace(/\/$/, "")}/index.html`);
  return page ?? (await cache.match(fallback));
}
