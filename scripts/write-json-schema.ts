/** Writes docs/notebook.schema.json from the Zod schema; `--check` only compares. */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import * as z from "zod";
import { NotebookFile } from "../core/exchange/file";

const path = join(import.meta.dirname, "../docs/notebook.schema.json");
const text = `${JSON.stringify(z.toJSONSchema(NotebookFile, { io: "input", reused: "ref" }), null, 1)}\n`;
if (process.argv.includes("--check")) {
  if (readFileSync(path, "utf8") !== text) {
    console.error("docs/notebook.schema.json is older than the schema: run npm run schema.");
    process.exit(1);
  }
} else {
  writeFileSync(path, text);
  console.log(`wrote ${path}`);
}
