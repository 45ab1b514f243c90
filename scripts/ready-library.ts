import equal from "fast-deep-equal";
import { join } from "node:path";
import { runnerImport, type Plugin } from "vite";

const file = join(import.meta.dirname, "../library/index.ts");

/**
 * Puts what ships with the application into the build as it is after its schemas have read it, so that no browser
 * reads a megabyte by schema each time it starts. While developing and in tests the library is read as always.
 * @throws where something in it would not survive being written as text
 */
export const readyLibrary = (): Plugin => ({
  name: "yearling-ready-library",
  apply: "build",
  enforce: "pre",
  async load(id) {
    if (id.split("?")[0] !== file) return null;
    const { module } = await runnerImport<Record<string, unknown>>(file);
    return Object.entries(module)
      .map(([name, value]) => {
        const text = JSON.stringify(value);
        if (!equal(JSON.parse(text), value))
          throw new Error(`the library’s ${name} is more than text`);
        return `export const ${name} = JSON.parse(${JSON.stringify(text)});`;
      })
      .join("\n");
  },
});
