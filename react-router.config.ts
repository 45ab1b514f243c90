import type { Config } from "@react-router/dev/config";

/** Static files only: one page for every address, and everything drawn in the browser. */
export default {
  // Another language is another build, beside the first.
  buildDirectory: process.env.YEARLING_WORDS ? `build-${process.env.YEARLING_WORDS}` : "build",
  ssr: false,
  routeDiscovery: { mode: "initial" },
  future: { v8_middleware: true },
} satisfies Config;
