/** Writes the JSON Schemas under docs/ from the one schema of each; with --check it only says whether they are current. */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import * as z from "zod/mini";
import { answerSchemas } from "../cli/schema";
import { NotebookFile } from "../core/exchange/file";
import { recordsVersion } from "../core/records/records";
import { jsonSchemaOf } from "./json-schema";
import { SituationFile } from "../core/exchange/situation-file";

const textOf = (...asked: Parameters<typeof jsonSchemaOf>): string =>
  `${JSON.stringify(jsonSchemaOf(...asked), null, 1)}\n`;

const files: Record<string, string> = {
  "notebook.schema.json": textOf(NotebookFile, {
    io: "input",
    name: `notebook:${recordsVersion}`,
    title: "A Yearling notebook",
    closed: true,
  }),
  "situation.schema.json": textOf(SituationFile, {
    io: "input",
    name: "situation:1",
    title: "One athlete's situation",
    closed: true,
  }),
  "answers.schema.json": textOf(z.object(answerSchemas), {
    io: "output",
    name: "answers:1",
    title: "What each verb answers",
    closed: false,
  }),
};
for (const [name, text] of Object.entries(files)) {
  const path = join(import.meta.dirname, "../docs", name);
  if (!process.argv.includes("--check")) {
    writeFileSync(path, text);
    console.log(`wrote docs/${name}`);
  } else if (readFileSync(path, "utf8") !== text) {
    console.error(`docs/${name} is not current: npm run schema writes it anew.`);
    process.exit(1);
  }
}
