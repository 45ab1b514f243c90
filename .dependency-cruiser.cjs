/** Dependencies point one way: app → core and library, library → core's types and schemas; core knows neither. */
/**
 * The rooms of the core, the ground floor first: a room looks only at those before it, so that there is no circle
 * between rooms.
 */
const rooms = [
  "dates",
  "stats",
  "body",
  "figure",
  "drill",
  "exposure",
  "content",
  "records",
  "merge",
  "doses",
  "safety",
  "measure",
  "aim",
  "shape",
  "exchange",
  "progress",
  "schedule",
  "forecast",
  "limit",
  "season",
  "prep",
  "run",
  "situation",
  "hall",
  "acts",
  "sample",
];

module.exports = {
  forbidden: [
    ...rooms.map((room, floor) => ({
      name: `${room}-looks-down`,
      severity: "error",
      from: { path: `^core/${room}/`, pathNot: "\\.test\\.ts$" },
      to: { path: `^core/(${rooms.slice(floor + 1).join("|") || "none"})/` },
    })),
    {
      name: "every-file-of-the-core-has-a-room",
      severity: "error",
      from: { path: "^core/", pathNot: `^core/(${rooms.join("|")}|test)/` },
      to: {},
    },
    {
      name: "core-stands-alone",
      severity: "error",
      from: { path: "^core", pathNot: "(\\.test\\.ts$|^core/test/)" },
      to: { path: "^(app|cli|words|library|scripts|bench)/" },
    },
    {
      name: "core-has-no-interface",
      severity: "error",
      from: { path: "^core", pathNot: "\\.test\\.ts$" },
      to: {
        path: "node_modules/(react|react-dom|react-router|localforage|recharts|@headlessui|@dnd-kit|sonner|lucide-react)/",
      },
    },
    {
      name: "library-knows-only-core",
      severity: "error",
      from: { path: "^library" },
      to: { path: "^(app|words|scripts|bench)/" },
    },
    {
      name: "words-know-only-facts",
      severity: "error",
      from: { path: "^words", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app/(parts|routes|acts)|library|scripts|bench)/" },
    },
    {
      name: "the-command-line-stands-on-the-core",
      severity: "error",
      from: { path: "^cli", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app|scripts|bench)/" },
    },
    {
      name: "the-store-knows-no-page",
      severity: "error",
      from: { path: "^app/store/" },
      to: { path: "^(words|app/(parts|routes|acts))/" },
    },
    {
      name: "parts-do-not-know-routes",
      severity: "error",
      from: { path: "^app/(parts|acts|store)" },
      to: { path: "^app/routes/" },
    },
    {
      name: "no-circles",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    {
      name: "nothing-unlisted",
      severity: "error",
      from: {},
      to: { dependencyTypes: ["npm-no-pkg", "npm-unknown"], pathNot: "\\+types" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "\\+types|\\.react-router" },
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
