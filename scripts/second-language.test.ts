import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { accentSource, exportedWords, wordFiles } from "./second-language";

const room = join(import.meta.dirname, "../words/en");
const { accented, other } = (await import(
  /* @vite-ignore */ `data:text/javascript,${encodeURIComponent(accentSource)}`
)) as { accented: (text: string) => string; other: <T>(value: T) => T };

describe("the words are one folder", () => {
  it.each(wordFiles())("%s: everything that it exports is known by name", async (file) => {
    const module = (await import(join(room, `${file}.ts`))) as Record<string, unknown>;
    expect(exportedWords(readFileSync(join(room, `${file}.ts`), "utf8")).sort()).toEqual(
      Object.keys(module).sort(),
    );
  });

  it("a second one is made of it: sentences, what functions say, tables and lists", () => {
    expect(accented("Measure hips: warm.")).toBe("Méášúřé hípš: wářm. ~~~~ ~");
    expect(accented("150°")).toBe("150°");
    expect(other((n: number) => `${n} days`)(3)).toBe("3 ďáýš ~~");
    expect(other({ a: "on", key: "hold", list: ["off"] })).toEqual({
      a: "óñ ~",
      key: "hold",
      list: ["óff ~"],
    });
  });
});
