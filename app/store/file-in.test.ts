import { describe, expect, it, vi } from "vitest";
import { readFile, toFile } from "#core/exchange/file";
import { recordsVersion } from "#core/records/records";
import { athlete, check, log } from "#core/test/people";
import { lookInto } from "./file-in";

vi.mock("./device", () => ({ deviceName: () => Promise.resolve("here") }));

const good = toFile([athlete(), check(), log("2026-11-03", [])], "2026-11-24T09:00:00.000Z");
const withPart = (over: object): string => JSON.stringify({ ...good, ...over });
const look = (text: string) =>
  lookInto(new Blob([text]), () => undefined, new AbortController().signal);

/** What the reader of pieces, and the reader of a whole text, make of a file. */
async function bothOf(text: string) {
  const [piecewise, whole] = [await look(text), readFile(text)];
  return {
    piecewise: "refused" in piecewise ? piecewise.refused : piecewise.marks.size,
    whole: "refused" in whole ? whole.refused : whole.records.length,
  };
}

describe("a file read piece by piece", () => {
  it.each([
    ["a good one", JSON.stringify(good)],
    ["a list that nobody knows", withPart({ lgos: [{ id: "x" }] })],
    ["an empty list that nobody knows", withPart({ lgos: [] })],
    ["a thing that nobody knows", withPart({ colour: { of: "logs" } })],
    ["a word that nobody knows", withPart({ colour: "red" })],
    ["a misspelt field of a record", JSON.stringify(good).replace('"tester"', '"tetser"')],
    ["no version", withPart({ version: undefined })],
    ["a newer version", withPart({ version: recordsVersion + 1 })],
    ["a list of an earlier version that is gone since", withPart({ version: 8, lgos: [] })],
    ["a hand-over", withPart({ handed: { athleteId: "a1", by: "", device: "x", back: false } })],
    ["a hand-over of nobody", withPart({ handed: { by: 3 } })],
    ["nothing", ""],
    ["another thing", "[1, 2]"],
  ])("comes to the same as one read whole: %s", async (_, text) => {
    const { piecewise, whole } = await bothOf(text);
    expect(piecewise).toEqual(whole);
  });

  it("names the part that nobody knows", async () => {
    expect(await look(withPart({ lgos: [] }))).toEqual({
      refused: { why: "part", path: "lgos", detail: "unknown-field" },
    });
  });

  it("is refused when it ends too early, or goes on after its end", async () => {
    const text = JSON.stringify(good);
    expect(await look(text.slice(0, -40))).toEqual({ refused: { why: "cut-off" } });
    expect(await look(`${text}{"more":1}`)).toEqual({ refused: { why: "cut-off" } });
    expect(await look(`${text}\n\n`)).not.toHaveProperty("refused");
  });

  it("says whose it is, and what its writer knew of this device", async () => {
    const handed = { athleteId: "a1", by: "Ysolde", device: "hall", back: false };
    expect(await look(withPart({ handed }))).toMatchObject({ handed, known: {} });
  });
});
