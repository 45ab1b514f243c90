import { X509Certificate } from "node:crypto";
import { mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from "node:fs";
import { get } from "node:https";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { hallAddresses, hallCertificate } from "./hall-https.mjs";
import { serve } from "./serve.mjs";

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "yearling-hall-"));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const there = ["192.0.2.7"];
const day = 86_400_000;
const kept = () => join(folder, "kept");

describe("https in a hall", () => {
  it("has the addresses that others see, not this computer's own", () => {
    const of = (address: string, internal: boolean, family = "IPv4") => ({
      address,
      internal,
      family,
    });
    expect(
      hallAddresses({
        lo: [of("127.0.0.1", true)],
        wifi: [of("192.0.2.7", false), of("fe80::1", false, "IPv6")],
        gone: undefined,
      } as never),
    ).toEqual(there);
  });

  it("makes a certificate for them on the spot, for a year, and keeps its key from others", async () => {
    const made = await hallCertificate(there, kept());
    const certificate = new X509Certificate(made.cert);
    expect(certificate.checkIP("192.0.2.7")).toBe("192.0.2.7");
    expect(certificate.checkIP("192.0.2.8")).toBeUndefined();
    expect(certificate.checkHost("localhost")).toBe("localhost");
    const ends = Date.parse(certificate.validTo) - Date.now();
    expect(ends).toBeGreaterThan(360 * day);
    expect(ends).toBeLessThan(825 * day);
    expect(statSync(join(kept(), "certificate.json")).mode & 0o077).toBe(0);
  });

  it("keeps it while the addresses stay, and makes another where they change or it ends soon", async () => {
    const first = await hallCertificate(there, kept());
    expect((await hallCertificate(there, kept())).cert).toBe(first.cert);
    expect((await hallCertificate(["192.0.2.9"], kept())).cert).not.toBe(first.cert);
    const second = await hallCertificate(["192.0.2.9"], kept());
    const late = Date.now() + 362 * day;
    expect((await hallCertificate(["192.0.2.9"], kept(), late)).cert).not.toBe(second.cert);
  });

  it("serves with it: who trusts the certificate reads the page, and it can be fetched", async () => {
    const root = join(folder, "client");
    mkdirSync(root);
    writeFileSync(join(root, "index.html"), "<p>start</p>");
    writeFileSync(
      join(folder, "csp.json"),
      JSON.stringify({ "/index.html": "default-src 'self'" }),
    );
    const certificate = await hallCertificate(there, kept());
    const { server, address } = await serve(0, "127.0.0.1", root, certificate);
    const read = (path: string, ca?: string) =>
      new Promise<string>((done, fail) => {
        get(`${address}${path}`, { ca }, (answer) => {
          let text = "";
          answer.on("data", (data: Buffer) => (text += data.toString()));
          answer.on("end", () => done(text));
        }).on("error", fail);
      });
    try {
      expect(address).toMatch(/^https:/);
      expect(await read("/", certificate.cert)).toBe("<p>start</p>");
      expect(await read("/hall.crt", certificate.cert)).toBe(certificate.cert);
      await expect(read("/")).rejects.toThrow(/self-signed|certificate/i);
    } finally {
      await server.close();
    }
  });
});
