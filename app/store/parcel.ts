import { fromBase64, through, toBase64 } from "./bytes";

/** A file packed, in letters that may stand in an address (base64url as of RFC 4648). */
export async function packed(file: Blob): Promise<string> {
  const bytes = await through(file, new CompressionStream("deflate-raw"));
  return toBase64(new Uint8Array(bytes))
    .replaceAll("+", "-")
    .replaceAll("/", "_")
    .replace(/=+$/, "");
}

/** What unpacks to more than this is no prep, but made to fill a memory. */
const mostBytes = 4_000_000;

/** The file that letters hold; null where they are none. */
export async function unpacked(letters: string, name: string): Promise<File | null> {
  try {
    const bytes = fromBase64(letters.replaceAll("-", "+").replaceAll("_", "/"));
    const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream("deflate-raw"));
    const pieces: BlobPart[] = [];
    let size = 0;
    for (const reader = stream.getReader(); ;) {
      const { done, value } = await reader.read();
      if (done) break;
      size += value.length;
      if (size > mostBytes) return null;
      pieces.push(value);
    }
    return new File(pieces, name, { type: "application/json" });
  } catch {
    return null;
  }
}
