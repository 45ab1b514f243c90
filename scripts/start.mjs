/** npm start: installs what is missing, builds, serves, and prints the address. */
import { ensurePackages, run } from "./steps.mjs";

ensurePackages();
console.log("Building …");
run("npm", ["run", "build", "--silent"], { quiet: true });
const { serve } = await import("./serve.mjs");
const wanted = Number(process.env.PORT ?? 4173);
const { address } = await serve(wanted, process.env.HOST).catch((error) => {
  if (error.code !== "EADDRINUSE") throw error;
  return serve(0, process.env.HOST);
});
console.log(
  `\n  Yearling is at ${address}\n  It opens on Lanternfield, an invented troupe. Ctrl C ends it.\n`,
);
