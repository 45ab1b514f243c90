/** Serves the built files, squeezed as they lie there, with their security headers. PORT and HOST choose where; the default is 127.0.0.1:4173. */
import { existsSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import files from "@fastify/static";
import fastify from "fastify";

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

const forever = "public, max-age=31536000, immutable";
const anew = "no-cache";

/** Written under another name meanwhile, a build may lack its pages for a moment. */
const away = "Yearling is being built anew. Try again in a moment.";

/**
 * Starts the server. @returns the server, with `close`, and its address
 * @param root where the built files are; the policy of its page lies beside it
 * @param https the key and certificate to serve with; plain http without
 */
export async function serve(
  port,
  host = "127.0.0.1",
  root = join(import.meta.dirname, "../build/client"),
  https = null,
) {
  const server = fastify({
    ...(https ? { https: { key: https.key, cert: https.cert } } : {}),
    logger: false,
    bodyLimit: 1024,
    connectionTimeout: 30_000,
    requestTimeout: 30_000,
    keepAliveTimeout: 5_000,
    routerOptions: { maxParamLength: 2_000 },
    forceCloseConnections: true,
  });
  server.addHook("onRequest", async (_, reply) => void reply.headers(plainHeaders));
  await server.register(files, {
    root,
    serve: false,
    cacheControl: false,
    dotfiles: "ignore",
    redirect: false,
    index: false,
    // What the build has squeezed lies beside each file.
    preCompressed: true,
  });
  if (https)
    server.get("/hall.crt", (_, reply) =>
      reply.type("application/x-x509-ca-cert").header("Cache-Control", anew).send(https.cert),
    );
  const policy = policyOf(root);
  server.get("/*", (request, reply) => {
    const path = pathOf(request.url);
    if (path === null) return reply.code(400).type("text/plain").send("This is no address.");
    const named = /\.[a-z0-9]+$/i.test(path);
    if (named && !path.endsWith(".html"))
      return reply
        .header("Cache-Control", path.startsWith("/assets/") ? forever : anew)
        .sendFile(path.slice(1));
    const allowed = policy();
    if (!allowed) return reply.code(503).header("Retry-After", "3").type("text/plain").send(away);
    return reply
      .header("Cache-Control", anew)
      .header("Content-Security-Policy", allowed)
      .sendFile("index.html");
  });
  server.setNotFoundHandler((request, reply) => {
    if (request.method !== "GET" && request.method !== "HEAD")
      return reply.code(405).header("Allow", "GET, HEAD").type("text/plain").send("Only reading.");
    return reply
      .code(404)
      .header("Cache-Control", anew)
      .type("text/plain")
      .send("There is no such file.");
  });
  server.setErrorHandler((error, _, reply) => {
    const code = error.statusCode >= 400 && error.statusCode < 500 ? error.statusCode : 500;
    return reply.code(code).header("Cache-Control", anew).type("text/plain").send("No.");
  });
  await server.listen({ port, host });
  return {
    server,
    address: `${https ? "https" : "http"}://${host}:${server.server.address().port}`,
  };
}

/** The plain path of a request, decoded; null for what is none, or would lead elsewhere. */
export function pathOf(url) {
  const [raw = "/"] = url.split(/[?#]/);
  try {
    const path = decodeURIComponent(raw);
    if (!path.startsWith("/") || path.includes("\0") || path.includes("\\")) return null;
    const parts = path.split("/");
    if (parts.includes("..") || parts.includes(".") || parts.slice(1, -1).includes("")) return null;
    return path;
  } catch {
    return null;
  }
}

/** The policy of the one page that answers every address; read again when the build has changed. Null while there is none. */
function policyOf(root) {
  const file = join(root, "../csp.json");
  let [policy, readAt] = [null, 0];
  return () => {
    try {
      const { mtimeMs } = statSync(file);
      if (mtimeMs !== readAt) {
        policy = JSON.parse(readFileSync(file, "utf8"))["/index.html"];
        readAt = mtimeMs;
      }
    } catch {
      return null;
    }
    return existsSync(join(root, "index.html")) ? policy : null;
  };
}

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) {
  const { address } = await serve(Number(process.env.PORT ?? 4173), process.env.HOST);
  console.log(`Yearling is at ${address}`);
}
