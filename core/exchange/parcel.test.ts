import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { gather, lettersOf, mostParts, partsOf, partText, readPart, type Gathered } from "./parcel";

const letters = fc.stringMatching(/^[\w-]{1,4000}$/);
const gathered = (texts: readonly string[]): Gathered =>
  texts.reduce<Gathered | null>((so, text) => gather(so, readPart(text)!), null)!;

describe("letters on their way in parts", () => {
  it("come together again, in whatever order and however often the parts are read", () =>
    fc.assert(
      fc.property(
        letters,
        fc.integer({ min: 150, max: 900 }),
        fc.infiniteStream(fc.nat()),
        (sent, most, dice) => {
          const texts = partsOf(sent, most).map(partText);
          const order = [...texts, ...texts]
            .map((text) => ({ text, at: dice.next().value as number }))
            .sort((a, b) => a.at - b.at)
            .map(({ text }) => text);
          expect(lettersOf(gathered(order))).toBe(sent);
        },
      ),
    ));

  it("are each no longer than asked, and about alike", () => {
    const parts = partsOf("x".repeat(1001), 500);
    expect(parts.map(({ letters: one }) => one.length)).toEqual([334, 334, 333]);
  });

  it("are not there while one part lacks", () => {
    const [first, , third] = partsOf("abcdefghi", 3).map(partText);
    expect(lettersOf(gathered([first!, third!]))).toBeNull();
  });

  it("of two wholes are not put together: the newer begins anew", () => {
    const [a] = partsOf("first_whole", 6).map(partText);
    const other = partsOf("another_one", 6).map(partText);
    expect(lettersOf(gathered([a!, ...other]))).toBe("another_one");
    expect(gathered([other[0]!, a!]).parts).toEqual({ 1: "first_" });
  });

  it("that were changed on the way are damaged, not read", () => {
    const text = partText(partsOf("abcdef", 10)[0]!).replace("abc", "abd");
    expect(lettersOf(gathered([text]))).toBe("damaged");
  });
});

describe("a part", () => {
  it("is found in an address, after its #, and in what was copied alone", () => {
    const [part] = partsOf("abc", 10);
    for (const text of [
      `https://hall.example/open#${partText(part!)}`,
      partText(part!),
      `${partText(part!)}\n`,
    ])
      expect(readPart(text)).toEqual(part);
  });

  it.each([
    ["another address", "https://hall.example/open#file"],
    ["a part before the first", "y1.abc.0.2.xyz"],
    ["a part after the last", "y1.abc.3.2.xyz"],
    ["more parts than anybody scans", `y1.abc.1.${mostParts + 1}.xyz`],
    ["letters of no address", "y1.abc.1.1.x yz/"],
    ["nothing", ""],
  ])("is not %s", (_, text) => expect(readPart(text)).toBeNull());
});
