/** npm run sessions: prints twelve sessions in full into docs/sessions.md, for a person to read. `--check` compares. */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { format as pretty } from "prettier";
import { printed } from "../bench/sessions/printed";

const file = join(import.meta.dirname, "../docs/sessions.md");
const text = await pretty(printed(), { parser: "markdown", printWidth: 100 });
if (process.argv.includes("--check")) {
  if (readFileSync(file, "utf8") !== text) {
    console.error("docs/sessions.md is not what the planner prints: npm run sessions");
    process.exit(1);
  }
} else writeFileSync(file, text);
