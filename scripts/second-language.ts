import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { Plugin } from "vite";

const room = join(import.meta.dirname, "../words/en");

/** The names that a file of words exports as values: functions, sentences and tables. */
export const exportedWords = (text: string): string[] =>
  [...text.matchAll(/^export (?:const|function) (\w+)/gm)].map(([, name]) => name!);

/** The pseudo-language: every letter accented, every text two fifths longer, so that what is not words shows. */
export const accentSource = `
const letters = { a: "á", e: "é", i: "í", o: "ó", u: "ú", y: "ý", A: "Á", E: "É", I: "Í", O: "Ó", U: "Ú", n: "ñ", c: "ç", s: "š", z: "ž", t: "ť", r: "ř", l: "ľ", d: "ď", g: "ğ" };
export const accented = (text) => {
  const said = text.replace(/[a-zA-Z]/g, (letter) => letters[letter] ?? letter);
  const more = Math.round(text.replace(/[^a-zA-Z]/g, "").length * 0.4);
  return more > 0 ? said + " " + "~".repeat(more).replace(/~{5}(?=~)/g, "~~~~ ") : said;
};
const deep = (value) =>
  typeof value === "string"
    ? accented(value)
    : typeof value === "function"
      ? (...args) => deep(value(...args))
      : Array.isArray(value)
        ? value.map(deep)
        : value !== null && typeof value === "object" && Object.getPrototypeOf(value) === Object.prototype
          ? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, keep.has(key) ? one : deep(one)]))
          : value;
/** What of a table of words is no word: keys that are compared, not read. */
const keep = new Set(["key", "value", "id"]);
export const other = deep;
`;

const accentId = "\0second-language";
const prefix = "\0words:";

/**
 * Puts another folder in the place of `words/en`: here one that is made of it, letter by letter. A real language would
 * be a folder of its own with the same names, and the alias would point at it.
 */
export function secondLanguage(): Plugin {
  return {
    name: "second-language",
    enforce: "pre",
    resolveId(source) {
      if (source === "second-language") return accentId;
      const [, file] = /^#words\/(\w[\w-]*)$/.exec(source) ?? [];
      return file ? prefix + file : null;
    },
    load(id) {
      if (id === accentId) return accentSource;
      if (!id.startsWith(prefix)) return null;
      const file = join(room, `${id.slice(prefix.length)}.ts`);
      const names = exportedWords(readFileSync(file, "utf8"));
      return [
        `import * as en from ${JSON.stringify(file)};`,
        `import { other } from "second-language";`,
        ...names.map((name) => `export const ${name} = other(en.${name});`),
      ].join("\n");
    },
  };
}

/** Every file of words. */
export const wordFiles = (): string[] =>
  readdirSync(room)
    .filter((name) => name.endsWith(".ts") && !name.endsWith(".test.ts"))
    .map((name) => name.replace(/\.ts$/, ""));
