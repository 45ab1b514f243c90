import { readdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { gzipSync } from "node:zlib";
import { run, root } from "../scripts/steps.mjs";
import type { Bench } from "./bench";

const client = join(root, "build/client");

/** JavaScript that the first station needs, gzipped: the framework's entry, the root, the frame and the station. */
const bench: Bench = async () => {
  run("npm", ["run", "build", "--silent"], { quiet: true });
  const { entry, routes } = manifest();
  const size = (files: Iterable<string>) =>
    [...files].reduce(
      (sum, file) => sum + gzipSync(readFileSync(join(client, file)), { level: 9 }).length,
      0,
    ) / 1000;
  const shell = ["root", "routes/bench", "routes/troupe"];
  const stations: Record<string, string[]> = {
    troupe: shell,
    ...Object.fromEntries(
      ["aim", "check", "gap", "prep", "log", "season"].map((name) => [
        name,
        ["root", "routes/athlete", `routes/${name}`],
      ]),
    ),
    run: ["root", "routes/run"],
  };
  const table = Object.entries(stations).map(([station, ids]) => {
    const files = closureOf(
      [entry.module, ...ids.map((id) => routes[id]!.module)].map((path) => path.replace(/^\//, "")),
    );
    return { station, files: files.size, "gzipped kB": Math.round(size(files) * 10) / 10 };
  });
  // The library follows beside these, as a file of its own.
  const beside = readdirSync(join(client, "assets")).filter((name) =>
    /^library-[^.]*\.js$/.test(name),
  );
  table.push({
    station: "library, beside",
    files: beside.length,
    "gzipped kB": Math.round(size(beside.map((name) => `assets/${name}`)) * 10) / 10,
  });
  const first = Math.max(
    ...table
      .filter(({ station }) => station === "troupe" || station === "aim")
      .map((row) => row["gzipped kB"]),
  );
  return { table, figures: [{ key: "first_js_gzip", value: first, unit: "kB" }] };
};

export default bench;
