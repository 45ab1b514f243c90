import { readMeta, writeMeta } from "./meta";
import { within } from "./trouble";

let known: Promise<string> | null = null;

const newDevice = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => (byte % 36).toString(36)).join(
    "",
  );

/** The name of this browser in what it writes: made once, of chance, and told to nobody but by its files. */
export const deviceName = (): Promise<string> => (known ??= readOrMake());

/** Storage that has not answered by then is not waited for, ms: it is a device for as long as the page. */
const patience = 400;

async function readOrMake(): Promise<string> {
  const made = newDevice();
  const found = await within(patience, readMeta("device")).catch(() => made);
  if (found === null) void writeMeta("device", made).catch(() => undefined);
  return found ?? made;
}
