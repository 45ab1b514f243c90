/** Writes the JSON Schemas under docs/ from the one schema of each; with --check it only says whether they are current. */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import * as z from "zod";
import { answerSchemas } from "../cli/schema";
import { NotebookFile } from "../core/exchange/file";
import { SituationFile } from "../core/exchange/situation-file";

const textOf = (schema: z.ZodType, io: "input" | "output"): string =>
  `${JSON.stringify(z.toJSONSchema(schema, { io, reused: "ref" }), null, 1)}\n`;

const files: Record<string, string> = {
  "notebook.schema.json": textOf(NotebookFile, "input"),
  "situation.schema.json": textOf(SituationFile, "input"),
  "answers.schema.json": textOf(z.object(answerSchemas), "output"),
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
