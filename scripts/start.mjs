/**
 * npm start: installs what is missing, builds, serves, and prints the address.
 * npm start -- --hall: for phones in the same hall too, over https with a certificate made on the spot.
 */
import { ensurePackages, run } from "./steps.mjs";

ensurePackages();
console.log("Building …");
run("npm", ["run", "build", "--silent"], { quiet: true });
const { serve } = await import("./serve.mjs");
const hall = process.argv.includes("--hall");
const wanted = Number(process.env.PORT ?? 4173);
const { hallAddresses, hallCertificate } = await import("./hall-https.mjs");
const host = process.env.HOST ?? (hall ? "0.0.0.0" : undefined);
const https = hall ? await hallCertificate() : null;
const { address } = await serve(wanted, host, undefined, https).catch((error) => {
  if (error.code !== "EADDRINUSE") throw error;
  return serve(0, host, undefined, https);
});
if (hall) {
  const port = new URL(address).port;
  const { default: qr } = await import("qrcode");
  for (const there of hallAddresses())
    console.log(
      `\n${await qr.toString(`https://${there}:${port}`, { type: "terminal", small: true })}  https://${there}:${port}`,
    );
  console.log(
    "\n  A phone warns once: the certificate is this computer's own. Go on there. To have Yearling without" +
      `\n  a signal on a phone, install the certificate from /hall.crt on it, and trust it.`,
  );
}
console.log(
  `\n  Yearling is at ${address.replace("0.0.0.0", "localhost")}\n  It opens on Lanternfield, an invented troupe. Ctrl C ends it.\n`,
);
