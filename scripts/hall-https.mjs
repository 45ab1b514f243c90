/** Https in a hall: the addresses that this computer has there, and a certificate for them, made on the spot. */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { networkInterfaces } from "node:os";
import { join } from "node:path";
import { generate } from "selfsigned";

/** Addresses under which others in the same network find this computer. */
export const hallAddresses = (interfaces = networkInterfaces()) =>
  Object.values(interfaces)
    .flat()
    .filter((one) => one && !one.internal && one.family === "IPv4")
    .map(({ address }) => address);

/** Days for which a certificate holds: phones refuse those of more than 825. */
const days = 365;
/** A kept certificate that ends sooner is made anew, ms. */
const soon = 7 * 86_400_000;

/**
 * The key and certificate for these addresses; made once and kept while they stay the same, so that a phone that
 * trusts it goes on to.
 */
export async function hallCertificate(
  addresses = hallAddresses(),
  folder = join(import.meta.dirname, "../.hall-https"),
  now = Date.now(),
) {
  const file = join(folder, "certificate.json");
  if (existsSync(file)) {
    const kept = JSON.parse(readFileSync(file, "utf8"));
    if (kept.addresses.join() === addresses.join() && kept.until - now > soon) return kept;
  }
  const until = now + days * 86_400_000;
  const made = await generate([{ name: "commonName", value: "Yearling in this hall" }], {
    keySize: 2048,
    algorithm: "sha256",
    notBeforeDate: new Date(now - 86_400_000),
    notAfterDate: new Date(until),
    extensions: [
      { name: "basicConstraints", cA: true, critical: true },
      { name: "keyUsage", digitalSignature: true, keyEncipherment: true, keyCertSign: true },
      { name: "extKeyUsage", serverAuth: true },
      {
        name: "subjectAltName",
        altNames: [
          { type: 2, value: "localhost" },
          ...["127.0.0.1", ...addresses].map((ip) => ({ type: 7, ip })),
        ],
      },
    ],
  });
  const all = { addresses, until, key: made.private, cert: made.cert };
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(file, JSON.stringify(all), { mode: 0o600 });
  return all;
}
