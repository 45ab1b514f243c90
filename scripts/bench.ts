/** npm run bench NAME: runs bench/NAME and prints its table, then one line a figure. Without a name it lists them. */
import { readdirSync } from "node:fs";
import { join } from "node:path";
import type { Bench } from "../bench/bench";

const folder = join(import.meta.dirname, "../bench");
const names = readdirSync(folder)
  .filter((file) => file.endsWith(".bench.ts"))
  .map((file) => file.replace(".bench.ts", ""));
const wanted = process.argv[2];
if (!wanted || !names.includes(wanted)) {
  console.log(
    `Benchmarks: ${names.join(", ")}.${wanted ? ` There is none called “${wanted}”.` : ""}`,
  );
  process.exit(wanted ? 1 : 0);
}
const { default: bench } = (await import(join(folder, `${wanted}.bench.ts`))) as { default: Bench };
const { table, figures } = await bench();
console.table(table);
for (const { key, value, unit } of figures)
  console.log(`figure: ${wanted}.${key} ${value} ${unit}`);
