import { join } from "node:path";
import { describe, expect, it } from "vitest";
import * as content from "../library/index";
import { readyLibrary } from "./ready-library";

const file = join(import.meta.dirname, "../library/index.ts");
const load = readyLibrary().load as (id: string) => Promise<string | null>;

describe("the library as the build holds it", () => {
  it("is, part by part, what the schemas made of it", async () => {
    const code = (await load(file))!;
    const parts = Object.fromEntries(
      [...code.matchAll(/^export const (\w+) = JSON\.parse\((".*")\);$/gm)].map(
        ([, name, text]) => [name!, JSON.parse(JSON.parse(text!) as string) as unknown],
      ),
    );
    expect(Object.keys(parts).sort()).toEqual(Object.keys(content).sort());
    expect(parts).toEqual({ ...content });
  });

  it("touches no other module", async () => {
    expect(await load(join(import.meta.dirname, "../library/cast.ts"))).toBeNull();
    expect(await load("/elsewhere/library/index.ts")).toBeNull();
  });
});
