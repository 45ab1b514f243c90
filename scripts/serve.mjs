/** Serves the built files with their security headers. PORT and HOST choose where; the default is 127.0.0.1:4173. */
import { existsSync, readFileSync } from "node:fs";
import { createServer } from "node:http";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import sirv from "sirv";

const root = join(import.meta.dirname, "../build/client");

/** Headers of every answer; the policy of a page is its own. */
const plainHeaders = {
  "X-Content-Type-Options": "nosniff",
  "Referrer-Policy": "no-referrer",
  "X-Frame-Options": "DENY",
  "Cross-Origin-Opener-Policy": "same-origin",
  "Cross-Origin-Resource-Policy": "same-origin",
  "Permissions-Policy":
    "camera=(self), microphone=(), geolocation=(), payment=(), usb=(), screen-wake-lock=(self)",
};

export function serve(port, host = "127.0.0.1") {
  const policies = JSON.parse(readFileSync(join(root, "../csp.json"), "utf8"));
  const fallback = existsSync(join(root, "__spa-fallback.html"))
    ? "/__spa-fallback.html"
    : "/index.html";
  const files = sirv(root, { single: fallback.slice(1), etag: true, setHeaders: setCaching });
  const pageOf = (path) => {
    const clean = path.replace(/\/$/, "");
    return [`${clean}.html`, `${clean}/index.html`].find((page) => page in policies) ?? fallback;
  };
  const server = createServer((request, response) => {
    const { pathname } = new URL(request.url ?? "/", "http://localhost");
    for (const [name, value] of Object.entries(plainHeaders)) response.setHeader(name, value);
    response.setHeader(
      "Content-Security-Policy",
      policies[pathname in policies ? pathname : pageOf(pathname)],
    );
    files(request, response, () => {
      response.statusCode = 404;
      response.end("Not found");
    });
  });
  return new Promise((resolve, reject) => {
    server.once("error", reject);
    server.listen(port, host, () =>
      resolve({ server, address: `http://${host}:${server.address().port}` }),
    );
  });
}

/** Hashed files never change; pages are asked for anew each time. */
function setCaching(response, path) {
  response.setHeader(
    "Cache-Control",
    path.startsWith("/assets/") ? "public, max-age=31536000, immutable" : "no-cache",
  );
}

if (import.meta.url === pathToFileURL(process.argv[1]).href) {
  const { address } = await serve(Number(process.env.PORT ?? 4173), process.env.HOST);
  console.log(`Yearling is at ${address}`);
}
