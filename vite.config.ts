import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vite";
import { pieceNames, pieceOf } from "./scripts/pieces.ts";
import { readyLibrary } from "./scripts/ready-library.ts";
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
  plugins: [tailwindcss(), readyLibrary(), ...(other ? [secondLanguage()] : []), reactRouter()],

  // The second language stands in for the words before any alias does.
  resolve: { alias: other ? withoutWords : alias },
  worker: { format: "es" },
  build: {
    target: "es2022",
    assetsInlineLimit: 0,
    // Hundreds of small files are as many questions over a slow line: those used together lie together.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            {
              name: "frame",
              test: /node_modules[\\/](react|react-dom|react-router|scheduler)[\\/]/,
              priority: 10,
            },
            // Icons are named by a list of them all and go with whoever draws them; styles are no script.
            ...pieceNames.map((piece, n) => ({
              name: (id: string, graph: Parameters<typeof pieceOf>[1]) =>
                pieceOf(id, graph) === piece ? piece : null,
              test: /^(?!.*(lucide-react|\.css))/,
              priority: 9 - n / pieceNames.length,
              debugName: piece,
            })),
            { name: "ground", test: /^(?!.*d3-)/, minShareCount: 18, priority: 1 },
          ],
        },
      },
    },
  },
});
