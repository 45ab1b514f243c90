import { describe, expect, it } from "vitest";
import { readFile } from "../exchange/file";
import { mergeRecord } from "../merge/merge";
import { troupeOn } from "../test/troupe";
import { cameBack, withSent } from "./came-back";

const today = "2026-11-24";
const troupe = troupeOn(today);

describe("a file of the troupe that has come back", () => {
  const read = readFile(cameBack(troupe, today)!);
  if ("refused" in read) throw new Error(JSON.stringify(read.refused));

  it("is a good file of one athlete, handed back", () => {
    expect(read.handed).toMatchObject({ athleteId: "noor", back: true });
    expect(read.records.map(({ kind }) => kind)).toEqual(["athlete", "day"]);
  });

  it("differs from the notebook in one thing that both wrote, and asks for nothing else", () => {
    const here = withSent(troupe, today).find(({ id }) => id === "noor")!;
    const { differences } = mergeRecord(here as never, read.records[0] as never, {
      ms: Date.parse(`${today}T10:00:00Z`),
      device: "hall",
    });
    expect(differences).toMatchObject([
      { fields: ["statureCm"], ours: { statureCm: 161 }, theirs: { statureCm: 162 } },
    ]);
  });

  it("leaves the troupe as it was: the height in the notebook is the one it always had", () => {
    const height = (records: typeof troupe) =>
      records.flatMap((one) =>
        one.kind === "athlete" && one.id === "noor" ? [one.statureCm] : [],
      );
    expect(height(withSent(troupe, today))).toEqual(height(troupe));
    expect(withSent(troupe, today)).toHaveLength(troupe.length);
  });
});
