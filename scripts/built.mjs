/** What a build holds: its files, and which of them a page needs before it can show anything. */
import { existsSync, readdirSync, readFileSync, statSync } from "node:fs";
import { dirname, join } from "node:path";

const imported = /(?:^|[;}\s])import\s*(?:[\w*{}\s,$]+from\s*)?["'](\.[^"']+\.js)["']/g;

/** The files of a build, as addresses, in order; what is only squeezed is left out. */
export const filesOf = (client) =>
  readdirSync(client, { recursive: true })
    .filter((file) => !/\.(br|gz)$/.test(file) && statSync(join(client, file)).isFile())
    .map((file) => `/${file}`)
    .sort();

/** What a file weighs on the line: squeezed, where the build has squeezed it; kB. */
export const sentOf = (client, file) => {
  const squeezed = join(client, `${file}.br`);
  return statSync(existsSync(squeezed) ? squeezed : join(client, file)).size / 1000;
};

/** The addresses of the modules that these pull in before they can run: their static imports, and theirs. */
export function neededBy(client, modules) {
  const needed = new Set();
  const visit = (address) => {
    if (needed.has(address)) return;
    needed.add(address);
    const text = readFileSync(join(client, address), "utf8");
    for (const [, path] of text.matchAll(imported)) visit(join(dirname(address), path));
  };
  modules.forEach(visit);
  return needed;
}

/** The route manifest that the build wrote for the browser: the entry's module and each route's. */
export function manifestOf(client) {
  const file = readdirSync(join(client, "assets")).find((name) => /^manifest-.*\.js$/.test(name));
  const text = readFileSync(join(client, "assets", file), "utf8");
  return JSON.parse(text.slice(text.indexOf("{"), text.lastIndexOf("}") + 1));
}
