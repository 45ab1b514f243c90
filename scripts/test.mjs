/** npm test: installs what is missing, then every check in order, from the quickest to the browser. */
import { ensureChromium, ensurePackages, run } from "./steps.mjs";

ensurePackages();
ensureChromium();
for (const step of ["types", "lint", "deps", "unused", "unit", "build", "e2e"]) {
  console.log(`\n— ${step}`);
  run("npm", ["run", step, "--silent"]);
}
console.log("\nAll checks passed.");
