import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { filesOf, manifestOf, neededBy } from "./built.mjs";

const client = mkdtempSync(join(tmpdir(), "yearling-built-"));
const write = (name: string, text: string) => writeFileSync(join(client, name), text);

beforeAll(() => {
  mkdirSync(join(client, "assets"));
  write("index.html", "<p>page</p>");
  write("index.html.br", "squeezed");
  write("assets/entry-1.js", 'import{a}from"./shared-1.js";import"./side-1.js";a()');
  write("assets/shared-1.js", 'import*as r from"./deep-1.js";export const a=()=>r');
  write("assets/side-1.js", 'const lazy=()=>import("./later-1.js");export{lazy}');
  write("assets/deep-1.js", "export const deep=1");
  write("assets/later-1.js", "export const later=1");
  write("assets/later-1.js.gz", "squeezed");
  write(
    "assets/manifest-abc.js",
    'window.__manifest={"entry":{"module":"/assets/entry-1.js"},"routes":{"root":{"module":"/assets/side-1.js"}}};',
  );
});
afterAll(() => rmSync(client, { recursive: true, force: true }));

describe("what a build holds", () => {
  it("is every file by its address, in order, without what is only squeezed", () => {
    expect(filesOf(client)).toEqual([
      "/assets/deep-1.js",
      "/assets/entry-1.js",
      "/assets/later-1.js",
      "/assets/manifest-abc.js",
      "/assets/shared-1.js",
      "/assets/side-1.js",
      "/index.html",
    ]);
  });

  it("says what a module waits for: its imports and theirs, and not what it fetches later", () => {
    expect([...neededBy(client, ["/assets/entry-1.js"])].sort()).toEqual([
      "/assets/deep-1.js",
      "/assets/entry-1.js",
      "/assets/shared-1.js",
      "/assets/side-1.js",
    ]);
    expect([...neededBy(client, [])]).toEqual([]);
  });

  it("reads which module is the entry, and which each route's", () => {
    const { entry, routes } = manifestOf(client);
    expect(entry.module).toBe("/assets/entry-1.js");
    expect(routes.root.module).toBe("/assets/side-1.js");
  });
});

describe("the page's own list of what comes early", () => {
  const source = readFileSync(join(import.meta.dirname, "write-page.mjs"), "utf8");

  it("is written before the policy, which hashes the page as it is then", () => {
    expect(source.indexOf("writeFileSync(page, html)")).toBeGreaterThan(0);
    expect(source.indexOf("policyFor(html)")).toBeGreaterThan(source.indexOf("const html"));
  });
});
