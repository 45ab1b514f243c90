import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { connect } from "node:net";
import { brotliCompressSync } from "node:zlib";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { serve } from "./serve.mjs";

let folder: string;
let root: string;
let port: number;
let close: () => Promise<void>;
const chunk = "export const x = 1;\n".repeat(500);

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "yearling-serve-"));
  root = join(folder, "client");
  mkdirSync(join(root, "assets"), { recursive: true });
  writeFileSync(join(root, "index.html"), "<p>start</p>");
  writeFileSync(join(root, "assets/a-1234.js"), chunk);
  writeFileSync(join(root, "assets/a-1234.js.br"), brotliCompressSync(chunk));
  writeFileSync(join(folder, "secret.txt"), "secret");
  writeFileSync(join(folder, "csp.json"), JSON.stringify({ "/index.html": "policy of the page" }));
  const { server } = await serve(0, "127.0.0.1", root);
  port = (server.server.address() as { port: number }).port;
  close = () => server.close();
});
afterAll(async () => {
  await close();
  rmSync(folder, { recursive: true, force: true });
});

/** Sends bytes as they are, and reads the answer. */
const raw = (text: string): Promise<string> =>
  new Promise((done) => {
    const socket = connect(port, "127.0.0.1", () => socket.write(text));
    let answer = "";
    socket.on("data", (data) => (answer += data.toString("latin1")));
    socket.on("close", () => done(answer));
    socket.on("error", () => done(answer));
    setTimeout(() => socket.destroy(), 1_500).unref();
  });
const get = (target: string, headers = "", method = "GET") =>
  raw(`${method} ${target} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n${headers}\r\n`);
const statusOf = (answer: string) => Number(answer.split(" ")[1] ?? 0);
const alive = async () => expect(statusOf(await get("/"))).toBe(200);

describe("the server of the files", () => {
  it("answers every address of the application by its one page, under its policy", async () => {
    for (const address of ["/", "/library", "/library/", "/at/odalys/gap?day=2026-11-24"]) {
      const answer = await get(address);
      expect(answer).toContain("policy of the page");
      expect(answer).toContain("<p>start</p>");
    }
    for (const header of ["nosniff", "no-referrer", "DENY"])
      expect(await get("/")).toContain(header);
  });

  it("keeps hashed files for ever and pages not at all; what is not there is never kept", async () => {
    expect(await get("/assets/a-1234.js")).toContain("immutable");
    expect(await get("/")).toMatch(/cache-control: no-cache/i);
    const gone = await get("/assets/gone-99.js");
    expect(statusOf(gone)).toBe(404);
    expect(gone).not.toContain("immutable");
  });

  it("packs what is large, for whoever can unpack it", async () => {
    expect(await get("/assets/a-1234.js", "Accept-Encoding: br\r\n")).toMatch(
      /content-encoding: br/i,
    );
    expect(await get("/assets/a-1234.js")).not.toMatch(/content-encoding/i);
  });

  it("gives a part that is asked for: the first bytes, the last bytes, or none where that is nonsense", async () => {
    const part = (range: string) => get("/assets/a-1234.js", `Range: ${range}\r\n`);
    expect(await part("bytes=0-5")).toMatch(/206 [\s\S]*\r\n\r\nexport$/);
    const last = await part("bytes=-5");
    expect(last.split("\r\n\r\n")[1]).toBe(chunk.slice(-5));
    expect([200, 416]).toContain(statusOf(await part("bytes=9-2")));
    await alive();
  });

  it("only reads", async () => {
    for (const method of ["POST", "PUT", "DELETE", "PATCH"])
      expect(statusOf(await get("/", "Content-Length: 0\r\n", method))).toBe(405);
    expect(statusOf(await get("/", "", "HEAD"))).toBe(200);
  });

  it("stays through a hundred odd requests, and gives nothing away", async () => {
    const targets = [
      ..."// /// //: //[ /\\ /\\\\ http://[ http://x/ * /%  /%zz /%00 /a%00b /%ff%fe".split(" "),
      "/assets/..%2f..",
      "/assets/..%2f..%2fsecret.txt",
      "/..%2fsecret.txt",
      "/../secret.txt",
      "/assets/%2e%2e/%2e%2e/secret.txt",
      "/%2e%2e/secret.txt",
      "/.%2e/secret.txt",
      "/....//secret.txt",
      "/assets/../../secret.txt",
      "/assets/..\\..\\secret.txt",
      "/.env",
      "/.git/config",
      "/csp.json",
      "/assets",
      "/assets/",
      "/assets//a-1234.js",
      "/library//",
      "/a b",
      "/?",
      "/#",
      "/?%",
      "/;",
      "/:",
      "/@",
      `/${"a".repeat(3_000)}`,
      `/${"a/".repeat(800)}`,
      `/?${"q".repeat(6_000)}`,
      "/index.html",
      "/INDEX.HTML",
      "/index.html/",
      "/…",
      "/-",
      "/library/index.html",
      "/a.b.c",
      "/a..b",
      "/a/..",
      "/a/.",
      "/./",
      "/~",
      "/null",
      "/undefined",
    ];
    const ranges = [
      "bytes=9-2",
      "bytes=-",
      "bytes=",
      "bytes=a-b",
      "bytes=0-999999999",
      "bytes=-0",
      "bytes=5-",
      "bytes=0-0,5-6",
      "bytes=99999999-",
      "items=0-1",
      "bytes=0-1,,",
      "bytes=--1",
      "bytes=1e3-",
      "bytes= 0-1",
    ];
    const wholes = [
      "\r\n\r\n",
      "GET\r\n\r\n",
      "GET /\r\n\r\n",
      "GET / HTTP/9.9\r\n\r\n",
      "nonsense\r\n\r\n",
      "\0\0\0\0",
      "GET / HTTP/1.1\r\n\r\n",
      "GET / HTTP/1.1\r\nHost: a\r\nHost: b\r\n\r\n",
      "GET / HTTP/1.0\r\n\r\n",
      "OPTIONS * HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n",
      "TRACE / HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n",
      "CONNECT a:1 HTTP/1.1\r\nHost: x\r\n\r\n",
      "POST / HTTP/1.1\r\nHost: x\r\nContent-Length: 999999\r\nConnection: close\r\n\r\nx",
      "POST / HTTP/1.1\r\nHost: x\r\nTransfer-Encoding: chunked\r\nConnection: close\r\n\r\nZZ\r\n",
      `GET / HTTP/1.1\r\nHost: x\r\nConnection: close\r\nX: ${"y".repeat(40_000)}\r\n\r\n`,
      "GET / HTTP/1.1\r\nHost: x\r\nConnection: close\r\nAccept-Encoding: ,,;q=9,zzz\r\n\r\n",
      'GET / HTTP/1.1\r\nHost: x\r\nConnection: close\r\nIf-None-Match: """\r\n\r\n',
      "GET / HTTP/1.1\r\nHost: x\r\nConnection: close\r\nIf-Modified-Since: never\r\n\r\n",
    ];
    const answers = [
      ...(await Promise.all(targets.map((target) => get(target)))),
      ...(await Promise.all(
        ranges.map((range) => get("/assets/a-1234.js", `Range: ${range}\r\n`)),
      )),
      ...(await Promise.all(ranges.map((range) => get("/", `Range: ${range}\r\n`)))),
      ...(await Promise.all(wholes.map((text) => raw(text)))),
    ];
    expect(answers.length).toBeGreaterThan(100);
    for (const answer of answers) {
      expect(answer).not.toContain("secret");
      expect(statusOf(answer)).not.toBe(500);
    }
    for (const target of [
      "/assets/..%2f..",
      "/..%2fsecret.txt",
      "/assets/%2e%2e/%2e%2e/secret.txt",
    ]) {
      const answer = await get(target);
      expect([400, 404]).toContain(statusOf(answer));
      expect(answer).not.toContain("immutable");
    }
    await alive();
  });

  it("stays while the build changes beneath it, and serves the new one", async () => {
    const hidden = `${root}-hidden`;
    const { renameSync } = await import("node:fs");
    renameSync(root, hidden);
    expect(statusOf(await get("/"))).toBe(503);
    expect(statusOf(await get("/assets/a-1234.js"))).toBe(404);
    renameSync(hidden, root);
    await alive();
    writeFileSync(join(root, "assets/b-5678.js"), "new");
    expect(await get("/assets/b-5678.js")).toContain("new");
  });
});
