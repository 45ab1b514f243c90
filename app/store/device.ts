import { readMeta, writeMeta } from "./meta";

let known: Promise<string> | null = null;

const newDevice = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => (byte % 36).toString(36)).join(
    "",
  );

/** The name of this browser in what it writes: made once, of chance, and told to nobody but by its files. */
export const deviceName = (): Promise<string> => (known ??= readOrMake());

async function readOrMake(): Promise<string> {
  const made = newDevice();
  try {
    const found = await readMeta("device");
    if (found) return found;
    await writeMeta("device", made);
  } catch {
    // Without storage it is a device for as long as the page.
  }
  return made;
}
