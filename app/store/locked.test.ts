import { describe, expect, it } from "vitest";
import { isLocked, locked, LockedFile, unlocked } from "./locked";

const text = JSON.stringify({ format: "yearling-notebook", name: "Zoë", many: "x".repeat(50_000) });
const file = new Blob([text]);
const asFile = async (blob: Blob) => new File([await blob.text()], "a.json");

describe("a locked file", () => {
  it("opens by its passphrase, whole, however its letters are composed; it shows nothing of what is in it", async () => {
    const sealed = await locked(file, "café au lait");
    const shown = await sealed.text();
    expect(shown).not.toContain("Zoë");
    expect(shown.length).toBeLessThan(text.length);
    expect(LockedFile.safeParse(JSON.parse(shown)).success).toBe(true);
    const came = await unlocked(await asFile(sealed), "cafe\u0301 au lait");
    expect("file" in came && (await came.file.text())).toBe(text);
  });
  it("does not open by another one, nor when a letter of it was changed", async () => {
    const sealed = await locked(file, "correct horse");
    expect(await unlocked(await asFile(sealed), "correct horze")).toEqual({ failed: "passphrase" });
    const parts = JSON.parse(await sealed.text()) as LockedFile;
    const flipped = parts.data.replace(/^./, (letter) => (letter === "A" ? "B" : "A"));
    const changed = new File([JSON.stringify({ ...parts, data: flipped })], "a.json");
    expect(await unlocked(changed, "correct horse")).toEqual({ failed: "passphrase" });
    const weak = { ...parts, key: { ...parts.key, iterations: 1 } };
    expect(await unlocked(new File([JSON.stringify(weak)], "a"), "correct horse")).toEqual({
      failed: "damaged",
    });
    expect(await unlocked(new File(["{"], "a"), "correct horse")).toEqual({ failed: "damaged" });
  });
  it("two of the same file have nothing in common but their form", async () => {
    const [a, b] = await Promise.all([
      locked(file, "correct horse"),
      locked(file, "correct horse"),
    ]);
    const [one, two] = [await a.text(), await b.text()].map(
      (each) => JSON.parse(each) as LockedFile,
    );
    expect(one!.data).not.toBe(two!.data);
    expect(one!.key.salt).not.toBe(two!.key.salt);
  });
  it("is known by how it begins", async () => {
    expect(await isLocked(await locked(file, "correct horse"))).toBe(true);
    expect(await isLocked(file)).toBe(false);
  });
});
