import { availableParallelism } from "node:os";
import { defineConfig } from "vitest/config";
import { alias } from "./vite.config.ts";

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      // What only reckons remembers nothing but answers: its files of tests read the library once together.
      {
        extends: true,
        test: {
          name: "reckoning",
          include: ["{core,library,words,cli,scripts}/**/*.test.ts"],
          isolate: false,
        },
      },
      { extends: true, test: { name: "app", include: ["app/**/*.test.{ts,tsx}"] } },
    ],
    globalSetup: ["scripts/test-shelf.ts"],
    environment: "node",
    // Nothing else runs beside the tests: they take every core there is, and not all but one.
    maxWorkers: availableParallelism(),
    setupFiles: ["scripts/seed-properties.ts"],
    // Several tests make the whole troupe afresh; on a busy machine that takes its time.
    testTimeout: 150_000,
    hookTimeout: 150_000,
  },
});
