import { readFileSync } from "node:fs";
import { join } from "node:path";
import { filesOf, manifestOf, neededBy, sentOf } from "../scripts/built.mjs";
import { run, root } from "../scripts/steps.mjs";
import type { Bench } from "./bench";

const client = join(root, "build/client");

const sent = (file: string): number => sentOf(client, file);
const sum = (files: Iterable<string>): number =>
  [...files].reduce((all, one) => all + sent(one), 0);
const tenths = (value: number): number => Math.round(value * 10) / 10;

const walk = ["aim", "check", "gap", "prep", "log", "season"];

/** The addresses that the page itself names: its modules, styles and faces. */
const named = (): string[] =>
  [...readFileSync(join(client, "index.html"), "utf8").matchAll(/href="(\/assets\/[^"]+)"/g)].map(
    ([, address]) => address!,
  );

/**
 * What a browser that was never here waits for before the first screen is of use, by station: its scripts, and all
 * else, which is the page, its styles and faces, the library and, on the first screen, one day's demo. As sent.
 */
const bench: Bench = async () => {
  run("npm", ["run", "build", "--silent"], { quiet: true });
  const { entry, routes } = manifestOf(client);
  const stations: Record<string, string[]> = {
    troupe: ["bench", "troupe"],
    ...Object.fromEntries(walk.map((name) => [name, ["athlete", name]])),
    run: ["run"],
    library: ["bench", "library"],
  };
  const early = named();
  const scripts = early.filter((file) => file.endsWith(".js"));
  const library = scripts.filter((file) => /\/library-/.test(file));
  const others = ["/index.html", ...early.filter((file) => !file.endsWith(".js"))];
  const demo = Math.max(
    ...filesOf(client)
      .filter((file) => file.startsWith("/demo/"))
      .map(sent),
  );
  const table = Object.entries(stations).map(([station, ids]) => {
    const modules = neededBy(client, [
      entry.module,
      routes.root.module,
      ...ids.map((id) => routes[`routes/${id}`].module),
      ...scripts.filter((file) => !library.includes(file)),
    ]);
    const content = sum(library) + (station === "troupe" ? demo : 0);
    return {
      station,
      files: modules.size,
      "scripts, kB": tenths(sum(modules)),
      "library and demo, kB": tenths(content),
      "all, kB": tenths(sum(modules) + content + sum(others)),
    };
  });
  const of = (name: string) => table.find(({ station }) => station === name)!;
  return {
    table,
    figures: [
      { key: "first_js", value: of("troupe")["scripts, kB"], unit: "kB" },
      { key: "first_all", value: of("troupe")["all, kB"], unit: "kB" },
      {
        key: "most_js",
        value: Math.max(...table.map((row) => row["scripts, kB"])),
        unit: "kB",
      },
    ],
  };
};

export default bench;
