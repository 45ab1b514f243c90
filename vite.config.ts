import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vite";
import { secondLanguage } from "./scripts/second-language.ts";

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export const alias = {
  "~": here("./app"),
  "#core": here("./core"),
  "#library": here("./library"),
  "#words": here("./words/en"),
};

/** `YEARLING_WORDS=pseudo` speaks another language: for the test that everything said is in one folder. */
const other = process.env.YEARLING_WORDS === "pseudo";
const withoutWords = Object.fromEntries(
  Object.entries(alias).filter(([name]) => name !== "#words"),
);

export default defineConfig({
  plugins: [tailwindcss(), ...(other ? [secondLanguage()] : []), reactRouter()],

  // The second language stands in for the words before any alias does.
  resolve: { alias: other ? withoutWords : alias },
  worker: { format: "es" },
  build: { target: "es2022", assetsInlineLimit: 0 },
});
