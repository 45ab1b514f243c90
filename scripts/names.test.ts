import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const root = join(import.meta.dirname, "..");

/** Modules of the application, without routes (which all export the same) and without what is for tests. */
const modules = ["core", "app", "words", "cli"]
  .flatMap((folder) =>
    readdirSync(join(root, folder), { recursive: true }).map((file) => `${folder}/${file}`),
  )
  .filter((file) => /\.tsx?$/.test(file))
  .filter((file) => !/\.test\.|^app\/(routes|root|test)|\/test-|\/lazy-/.test(file));

describe("names", () => {
  it("no two modules export one name for two things", () => {
    const found = new Map<string, Set<string>>();
    for (const file of modules)
      for (const [, name] of readFileSync(join(root, file), "utf8").matchAll(
        /^export (?:async )?(?:function\*?|const|type|class) (\w+)/gm,
      ))
        found.set(name!, (found.get(name!) ?? new Set()).add(file));
    expect(modules.length).toBeGreaterThan(300);
    expect([...found].filter(([, files]) => files.size > 1)).toEqual([]);
  });
});
