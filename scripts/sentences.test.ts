import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";

const root = join(import.meta.dirname, "..");
/** A sentence on a screen has no more words. */
const most = 20;

const filesOf = (folder: string, ending: RegExp): string[] =>
  readdirSync(join(root, folder), { recursive: true })
    .map((file) => `${folder}/${String(file)}`)
    .filter((file) => ending.test(file) && !file.includes(".test."));

const tooLong = (text: string): string[] =>
  text
    // A line of its own is a sentence too; one that goes on is indented.
    .split(/(?<=[.!?])\s+|\n(?! )/)
    .filter((sentence) => /[a-z]{3}/.test(sentence) && sentence.split(/\s+/).length > most);

/** Every text of a content file; where a figure is from is read by whoever asks for it. */
function textsOfContent(file: string): string[] {
  const texts: string[] = [];
  JSON.parse(readFileSync(join(root, file), "utf8"), (key, value: unknown) => {
    if (typeof value === "string" && !/source|note|derived/i.test(key)) texts.push(value);
    return value;
  });
  return texts;
}

/** Every text in a module; what is put into one counts as a word. */
function textsOfModule(file: string): string[] {
  const texts: string[] = [];
  const source = ts.createSourceFile(
    file,
    readFileSync(join(root, file), "utf8"),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const visit = (node: ts.Node) => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) texts.push(node.text);
    else if (ts.isTemplateExpression(node))
      texts.push(
        node.head.text + node.templateSpans.map(({ literal }) => `X${literal.text}`).join(""),
      );
    else if (ts.isJsxText(node)) texts.push(node.text.trim());
    // Styles are lists of names, and not read.
    if (!(ts.isJsxAttribute(node) && node.name.getText() === "className"))
      ts.forEachChild(node, visit);
  };
  visit(source);
  return texts.filter((text) => !/(^|\s)(flex|grid|border|px-\d|text-\w+)(\s|$)/.test(text));
}

describe(`no sentence has more than ${most} words`, () => {
  it("in what the library says", () => {
    const texts = filesOf("library", /\.json$/).flatMap(textsOfContent);
    expect(texts.length).toBeGreaterThan(5_000);
    expect([...new Set(texts.flatMap(tooLong))]).toEqual([]);
  });

  it.each(["words/en", "app"])("in %s", (folder) => {
    const texts = filesOf(folder, /\.tsx?$/).flatMap(textsOfModule);
    expect(texts.length).toBeGreaterThan(500);
    expect([...new Set(texts.flatMap(tooLong))]).toEqual([]);
  });
});
