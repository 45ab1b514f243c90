import { availableParallelism } from "node:os";
import { defineConfig } from "vitest/config";
import { alias } from "./vite.config.ts";

export default defineConfig({
  resolve: { alias },
  test: {
    include: ["{core,library,words,cli,app,scripts}/**/*.test.{ts,tsx}"],
    environment: "node",
    // Nothing else runs beside the tests: they take every core there is, and not all but one.
    maxWorkers: availableParallelism(),
    setupFiles: ["scripts/seed-properties.ts"],
    // Several tests make the whole troupe afresh; on a busy machine that takes its time.
    testTimeout: 150_000,
    hookTimeout: 150_000,
  },
});
