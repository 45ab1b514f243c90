import { reactRouter } from "@react-router/dev/vite";
import tailwindcss from "@tailwindcss/vite";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vite";

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export const alias = {
  "~": here("./app"),
  "#core": here("./core"),
  "#library": here("./library"),
  "#words": here("./words/en"),
};

export default defineConfig({
  plugins: [tailwindcss(), reactRouter()],
  resolve: { alias },
  worker: { format: "es" },
  build: { target: "es2022", assetsInlineLimit: 0 },
});
