/** Bytes as text (base64), and back. @throws where the text is none */
export function toBase64(bytes: Uint8Array): string {
  let text = "";
  for (let at = 0; at < bytes.length; at += 0x8000)
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text);
}
export const fromBase64 = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));

/** A blob through a stream that packs or unpacks it. */
export const through = (
  blob: Blob,
  stream: ReadableWritablePair<Uint8Array, BufferSource>,
): Promise<ArrayBuffer> => new Response(blob.stream().pipeThrough(stream)).arrayBuffer();
