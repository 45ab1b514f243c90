import * as z from "zod/mini";
import { fromBase64, through, toBase64 } from "./bytes";

const Base64 = z.base64();

/**
 * A file that only a passphrase opens, with everything that is needed beside it: how the key is made of it (PBKDF2 as of
 * RFC 8018), the cipher (AES-GCM as of NIST SP 800-38D), and the file, packed with gzip.
 */
export const LockedFile = z.strictObject({
  format: z.literal("yearling-locked"),
  version: z.literal(1),
  key: z.strictObject({
    of: z.literal("PBKDF2"),
    hash: z.literal("SHA-256"),
    iterations: z.int().check(z.minimum(100_000), z.maximum(10_000_000)),
    salt: Base64.check(z.maxLength(200)),
  }),
  cipher: z.strictObject({ of: z.literal("AES-GCM"), iv: Base64.check(z.maxLength(100)) }),
  data: Base64,
});
export type LockedFile = z.infer<typeof LockedFile>;

/** Rounds of PBKDF2 with SHA-256: what OWASP's cheat sheet on the storage of passwords asks (2023). */
const iterations = 600_000;
/** Bytes of salt, and of the vector that AES-GCM begins with. */
const saltBytes = 16;
const ivBytes = 12;
/** A shorter passphrase is guessed. */
export const shortestPassphrase = 8;

/** Whether this device can lock and open files at all: only where the page came over https, or from this device. */
export const canLock = (): boolean => globalThis.crypto?.subtle !== undefined;

/** What was typed, to make keys or bits of. The same letters typed on another device may be composed in another way. */
const typedKey = (passphrase: string): Promise<CryptoKey> =>
  crypto.subtle.importKey(
    "raw",
    new TextEncoder().encode(passphrase.normalize("NFKC")),
    "PBKDF2",
    false,
    ["deriveKey", "deriveBits"],
  );

/** Random bytes that make the same passphrase another key. */
export const freshSalt = (): Uint8Array<ArrayBuffer> =>
  crypto.getRandomValues(new Uint8Array(saltBytes));

/** 32 bytes made of a passphrase, by which it is known again. */
export const bitsOf = async (
  passphrase: string,
  salt: Uint8Array<ArrayBuffer>,
): Promise<Uint8Array> =>
  new Uint8Array(
    await crypto.subtle.deriveBits(
      { name: "PBKDF2", hash: "SHA-256", salt, iterations },
      await typedKey(passphrase),
      256,
    ),
  );

async function keyOf(
  passphrase: string,
  { salt, iterations: rounds }: { salt: Uint8Array<ArrayBuffer>; iterations: number },
  use: "encrypt" | "decrypt",
): Promise<CryptoKey> {
  return crypto.subtle.deriveKey(
    { name: "PBKDF2", hash: "SHA-256", salt, iterations: rounds },
    await typedKey(passphrase),
    { name: "AES-GCM", length: 256 },
    false,
    [use],
  );
}

/** A file that only the passphrase opens. Who forgets it cannot be helped. */
export async function locked(file: Blob, passphrase: string): Promise<Blob> {
  const salt = freshSalt();
  const iv = crypto.getRandomValues(new Uint8Array(ivBytes));
  const key = await keyOf(passphrase, { salt, iterations }, "encrypt");
  const packed = await through(file, new CompressionStream("gzip"));
  const data = await crypto.subtle.encrypt({ name: "AES-GCM", iv }, key, packed);
  const whole: LockedFile = {
    format: "yearling-locked",
    version: 1,
    key: { of: "PBKDF2", hash: "SHA-256", iterations, salt: toBase64(salt) },
    cipher: { of: "AES-GCM", iv: toBase64(iv) },
    data: toBase64(new Uint8Array(data)),
  };
  return new Blob([JSON.stringify(whole)], { type: "application/json" });
}

/** Whether a file is a locked one, by how it begins. */
export const isLocked = async (file: Blob): Promise<boolean> =>
  /^\s*\{\s*"format"\s*:\s*"yearling-locked"/.test(await file.slice(0, 200).text());

/** What came of opening a locked file. */
export type Unlocking = { file: File } | { failed: "passphrase" | "damaged" };

/** Opens a locked file. A wrong passphrase and a file that was tampered with cannot be told apart by the cipher. */
export async function unlocked(file: File, passphrase: string): Promise<Unlocking> {
  let sealed: LockedFile;
  try {
    sealed = LockedFile.parse(JSON.parse(await file.text()));
  } catch {
    return { failed: "damaged" };
  }
  try {
    const key = await keyOf(
      passphrase,
      { salt: fromBase64(sealed.key.salt), iterations: sealed.key.iterations },
      "decrypt",
    );
    const packed = await crypto.subtle.decrypt(
      { name: "AES-GCM", iv: fromBase64(sealed.cipher.iv) },
      key,
      fromBase64(sealed.data),
    );
    const plain = await through(new Blob([packed]), new DecompressionStream("gzip"));
    return { file: new File([plain], file.name, { type: "application/json" }) };
  } catch {
    return { failed: "passphrase" };
  }
}
