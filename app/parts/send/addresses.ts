import { partsOf, partText } from "#core/exchange/parcel";

/** Letters in one code: so many a phone's camera reads off a screen at arm's length. */
const lettersInCode = 620;
/** Links longer than this are cut by programs that pass messages on. */
const lettersInLink = 6000;

/** The page that reads what was sent; what stands after its # never leaves a device. */
const address = (fragment: string): string => `${location.origin}/open#${fragment}`;

/** What codes are to say, one after the other. */
export const codesOf = (letters: string): string[] =>
  partsOf(letters, lettersInCode).map((part) => address(partText(part)));

/** All of it as one link; null where it would be too long for one. */
export function linkOf(letters: string): string | null {
  const [whole] = partsOf(letters, letters.length);
  return whole && letters.length <= lettersInLink ? address(partText(whole)) : null;
}

/** Whether only this computer can open its own address. */
export const isOnlyHere = (): boolean =>
  ["localhost", "127.0.0.1", "[::1]"].includes(location.hostname);
