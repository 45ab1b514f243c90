import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { walkSteps } from "./first-walk";
import { glossary, glossaryInOrder, termOf } from "./glossary";

const app = join(import.meta.dirname, "../../app");

describe("the words and what they mean", () => {
  it("has each once, with a meaning that is read at once", () => {
    expect(new Set(glossary.map(({ id }) => id)).size).toBe(glossary.length);
    for (const { name, means } of glossary)
      for (const sentence of means.split(/(?<=[.!?])\s/))
        expect(sentence.split(/\s+/).length, name).toBeLessThanOrEqual(20);
  });

  it("stands in the order it is looked up in, signs aside", () => {
    const names = glossaryInOrder.map(({ name }) => name);
    expect(names).toHaveLength(glossary.length);
    expect(names.indexOf("± Error")).toBeLessThan(names.indexOf("Gap"));
    expect(names.indexOf("± Error")).toBeGreaterThan(names.indexOf("Drill"));
    expect(names.indexOf("Weekly cap")).toBeGreaterThan(names.indexOf("Trial"));
  });

  it("knows every word that a page asks the meaning of", () => {
    const asked = (readdirSync(app, { recursive: true }) as string[])
      .filter((file) => file.endsWith(".tsx"))
      .flatMap((file) => [
        ...readFileSync(join(app, file), "utf8").matchAll(/<Meaning of="([^"]+)"/g),
      ])
      .map(([, id]) => id!);
    expect(asked.length).toBeGreaterThan(3);
    for (const id of asked) expect(() => termOf(id)).not.toThrow();
    expect(() => termOf("nothing")).toThrow();
  });

  it("walks six steps, none of them long", () => {
    expect(walkSteps).toHaveLength(6);
    for (const { says } of walkSteps)
      for (const sentence of says.split(/(?<=[.!?])\s/))
        expect(sentence.split(/\s+/).length, says).toBeLessThanOrEqual(20);
  });
});
