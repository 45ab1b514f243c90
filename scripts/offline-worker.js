/* Keeps the built files for days without a signal. Filled in by scripts/write-offline-worker.mjs at build. */
const version = "__VERSION__";
const name = `yearling-${version}`;
/** What the walk needs, kept at once; and the rest, kept when a page that is idle asks for it. */
const core = __CORE__;
const rest = __REST__;
const page = "/index.html";

/** Builds whose files stay kept: this one, and the one that an open page may still be of. */
const keptBuilds = 2;

// A new build does not push the old one aside: it waits until a page asks for it.
self.addEventListener("install", (event) => {
  event.waitUntil(caches.open(name).then((cache) => cache.addAll(core)));
});

self.addEventListener("message", (event) => {
  if (event.data === "take-over") void self.skipWaiting();
  if (event.data === "keep-rest") event.waitUntil(keepRest().catch(() => undefined));
});

let keeping = null;

/** Keeps what is missing of the rest, a file at a time; cut off, the next page that is idle goes on with it. */
function keepRest() {
  keeping ??= keepMissing().finally(() => (keeping = null));
  return keeping;
}

async function keepMissing() {
  const cache = await caches.open(name);
  const there = new Set((await cache.keys()).map(({ url }) => new URL(url).pathname));
  let left = rest.filter((file) => !there.has(file)).length;
  await tell(left);
  for (const file of rest) {
    if (there.has(file)) continue;
    await cache.add(file);
    left -= 1;
    if (left % 10 === 0) await tell(left);
  }
}

/** Says to every page how many files are still to be kept. */
async function tell(left) {
  for (const client of await self.clients.matchAll()) client.postMessage({ left });
}

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
    event.respondWith(fetch(request).catch(keptPage));
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

/** The one page that answers every address. */
const keptPage = async () => (await caches.open(name)).match(page);
