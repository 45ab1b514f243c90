import { textMark } from "./file";

/**
 * A file on its way as letters of an address (base64url), in one link or in several codes after one another. Each part
 * says which whole it is of, so that parts of two are never put together.
 */
export type ParcelPart = {
  /** The mark of all letters. */
  sum: string;
  /** Counted from 1. */
  n: number;
  of: number;
  letters: string;
};

/** So many parts at most: more than that nobody holds a phone to, a file is quicker. */
export const mostParts = 40;
/** So many letters at most, all parts together. */
const mostLetters = 200_000;

const sumOf = (letters: string): string => textMark(letters).toString(36);

/** Letters in parts of about the same length, each at most so long. */
export function partsOf(letters: string, most: number): ParcelPart[] {
  const of = Math.max(1, Math.ceil(letters.length / most));
  const size = Math.ceil(letters.length / of);
  const sum = sumOf(letters);
  return Array.from({ length: of }, (_, n) => ({
    sum,
    n: n + 1,
    of,
    letters: letters.slice(n * size, (n + 1) * size),
  }));
}

/** A part as it stands after the # of an address. */
export const partText = ({ sum, n, of, letters }: ParcelPart): string =>
  `y1.${sum}.${n}.${of}.${letters}`;

/** The part in an address, or in what was copied of one; null where there is none. */
export function readPart(text: string): ParcelPart | null {
  const found = /(?:^|[#\s])y1\.([0-9a-z]{1,11})\.(\d{1,3})\.(\d{1,3})\.([\w-]+)\s*$/.exec(text);
  if (!found) return null;
  const [n, of] = [Number(found[2]), Number(found[3])];
  if (n < 1 || n > of || of > mostParts || found[4]!.length > mostLetters) return null;
  return { sum: found[1]!, n, of, letters: found[4]! };
}

/** Parts that were read so far, all of one whole. */
export type Gathered = { sum: string; of: number; parts: Readonly<Record<number, string>> };

/** With one part more; a part of another whole begins anew. */
export function gather(so: Gathered | null, { sum, n, of, letters }: ParcelPart): Gathered {
  const same = so !== null && so.sum === sum && so.of === of;
  return { sum, of, parts: { ...(same ? so.parts : {}), [n]: letters } };
}

/** All letters once every part is there and they fit together; null before, `"damaged"` where they don't. */
export function lettersOf({ sum, of, parts }: Gathered): string | "damaged" | null {
  const all = Array.from({ length: of }, (_, n) => parts[n + 1]);
  if (all.includes(undefined)) return null;
  const letters = all.join("");
  return sumOf(letters) === sum ? letters : "damaged";
}
