import type { Config } from "@react-router/dev/config";
import { cautions, library } from "./library/index";

/** Static files only: reference pages are rendered at build time, everything about a person in the browser. */
export default {
  // Another language is another build, beside the first.
  buildDirectory: process.env.YEARLING_WORDS ? `build-${process.env.YEARLING_WORDS}` : "build",
  ssr: false,
  routeDiscovery: { mode: "initial" },
  prerender: () => [
    "/library",
    ...library.skills.map((skill) => `/library/skill/${skill.id}`),
    ...library.protocols.map((protocol) => `/library/check/${protocol.id}`),
    ...library.drills.map((drill) => `/library/drill/${drill.id}`),
    ...(cautions.length > 0 ? ["/library/cautions"] : []),
  ],
} satisfies Config;
