import { describe, expect, it } from "vitest";
import type { Group } from "#core/records/groups";
import { plainSettings } from "#core/records/settings";
import type { AnyRecord, Hall } from "#core/records/records";
import { athlete } from "#core/test/people";
import { common, everybody, isPageOf, ownerOf, ownerOfPage, pageOf } from "./layout";
import type { Notebook } from "./notebook";
import { peopleOf } from "./people";

const group = (name: string, members: string[]): Group => ({
  kind: "group",
  id: name,
  name,
  members,
  placeId: null,
  times: [],
});
const hall = { kind: "hall", id: "h", on: "2026-11-24" } as Hall;

describe("everybody in the order that holds everywhere", () => {
  const records: AnyRecord[] = [
    athlete({ id: "z", name: "Zoë" }),
    athlete({ id: "a", name: "Ana" }),
    athlete({ id: "m", name: "Mio", archived: true }),
    group("Wall", ["z", "a"]),
  ];
  const notebook = (by: "name" | "group" | "hand" | null): Notebook =>
    ({
      all: (kind: string) => records.filter((record) => record.kind === kind),
      get: () => (by ? { ...plainSettings, order: { by, hand: ["a"] } } : null),
    }) as unknown as Notebook;
  const ids = (by: Parameters<typeof notebook>[0]) => peopleOf(notebook(by)).map(({ id }) => id);
  it("is that of the settings, the archive included; as they came where nobody has said", () => {
    expect(ids("name")).toEqual(["a", "m", "z"]);
    expect(ids("group")).toEqual(["a", "z", "m"]);
    expect(ids("hand")).toEqual(["a", "z", "m"]);
    expect(ids(null)).toEqual(["z", "a", "m"]);
  });
});

describe("where groups and sessions of several lie", () => {
  it("a group with what belongs to nobody, a session on a page a quarter, both always open", () => {
    expect(pageOf(group("Wall", []))).toBe(common);
    expect(pageOf(hall)).toBe("hall/2026-4");
    expect(pageOf({ ...hall, on: "2027-01-01" })).toBe("hall/2027-1");
    for (const record of [group("Wall", []), hall]) {
      expect(ownerOf(record)).toBe(everybody);
      expect(ownerOfPage(pageOf(record))).toBe(everybody);
      expect(isPageOf(everybody, pageOf(record))).toBe(true);
      expect(isPageOf("a", pageOf(record))).toBe(false);
    }
    expect(isPageOf("a", "at/a/now")).toBe(true);
    expect(isPageOf(everybody, "at/a/now")).toBe(false);
  });
});
