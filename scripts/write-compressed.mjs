/** After the build: lays beside each file of letters what it is with brotli and with gzip, for the server to send. */
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { promisify } from "node:util";
import { brotliCompress, constants, gzip } from "node:zlib";

/** Files below this gain nothing, bytes. */
const least = 1024;
const letters = /\.(html|js|css|json|svg|wasm|webmanifest|data)$/;

const brotli = (bytes) =>
  promisify(brotliCompress)(bytes, {
    params: {
      // The highest setting takes ten times as long for a twentieth less: it is for what everybody loads.
      [constants.BROTLI_PARAM_QUALITY]: bytes.length > 1_000_000 ? 9 : 11,
      [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
    },
  });
const zipped = (bytes) => promisify(gzip)(bytes, { level: 9 });

/** @param file the path of a file; nothing is written where it would not get smaller */
export async function writeCompressed(file) {
  const bytes = readFileSync(file);
  if (bytes.length < least) return;
  for (const [ending, squeezed] of [
    ["br", await brotli(bytes)],
    ["gz", await zipped(bytes)],
  ])
    if (squeezed.length < bytes.length) writeFileSync(`${file}.${ending}`, squeezed);
}

const root = join(import.meta.dirname, "..", process.argv[2] ?? "build", "client");
const files = readdirSync(root, { recursive: true })
  .map((file) => join(root, file))
  .filter((file) => letters.test(file) && statSync(file).isFile());
await Promise.all(files.map(writeCompressed));
console.log(`compressed ${files.length} files`);
