import { readFileSync } from "node:fs";
import { join } from "node:path";
import Ajv2020 from "ajv/dist/2020";
import addFormats from "ajv-formats";
import { describe, expect, it } from "vitest";
import { troupeOn } from "../core/test/troupe";
import { toFile } from "../core/exchange/file";

const docs = join(import.meta.dirname, "../docs");
const read = (name: string): unknown => JSON.parse(readFileSync(join(docs, name), "utf8"));

/** A validator that takes no word or format that it does not know. */
function strict() {
  const ajv = new Ajv2020({ strict: true, strictTypes: false, allErrors: false });
  addFormats(ajv);
  return ajv;
}

const names = ["notebook.schema.json", "situation.schema.json", "answers.schema.json"];

describe("the JSON Schemas", () => {
  it.each(names)("%s compiles in a strict validator, and has a name and a title", (name) => {
    const schema = read(name) as Record<string, unknown>;
    expect(schema).toMatchObject({
      $id: expect.stringMatching(/^urn:yearling:/) as string,
      title: expect.any(String) as string,
    });
    expect(() => strict().compile(schema)).not.toThrow();
  });

  it.each(names)("%s leaves no text and no list without an end", (name) => {
    const open: string[] = [];
    const walk = (part: unknown, at: string): void => {
      if (Array.isArray(part)) return part.forEach((one, n) => walk(one, `${at}/${n}`));
      if (typeof part !== "object" || part === null) return;
      const { type, ...rest } = part as Record<string, unknown>;
      const fixed = "const" in rest || "enum" in rest;
      if (type === "string" && !fixed && !("maxLength" in rest)) open.push(at);
      if (type === "array" && !("maxItems" in rest) && !("prefixItems" in rest)) open.push(at);
      Object.entries(part).forEach(([key, value]) => walk(value, `${at}/${key}`));
    };
    walk(read(name), "");
    expect(open).toEqual([]);
  });

  it("the demo's file is valid; one with a misspelt field, a foreign list or a leg of −3 cm is not", async () => {
    const valid = strict().compile(read("notebook.schema.json") as object);
    const file = JSON.parse(
      JSON.stringify(toFile(troupeOn("2026-11-24"), "2026-11-24T12:00:00.000Z")),
    ) as { athletes: Record<string, unknown>[] };
    valid(file);
    expect(valid.errors).toBeNull();
    const [first, ...rest] = file.athletes;
    const bad = [
      { ...file, athletes: [{ ...first, nmae: "x" }, ...rest] },
      { ...file, athlets: [] },
      { ...file, athletes: [{ ...first, measures: { legCm: -3 } }, ...rest] },
      { ...file, savedAt: "yesterday" },
    ];
    for (const one of bad) expect(valid(one)).toBe(false);
  });

  it("the example of a situation is valid", () => {
    const valid = strict().compile(read("situation.schema.json") as object);
    valid(read("examples/situation.json"));
    expect(valid.errors).toBeNull();
  });
});
