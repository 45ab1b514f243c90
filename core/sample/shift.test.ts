import { beforeAll, describe, expect, it } from "vitest";
import { cast } from "../../library/cast";
import { daysBetween, plusDays } from "../dates/days";
import { AnyRecord } from "../records/records";
import { troupeOn } from "../test/troupe";
import { readyWeek, shifted, weekdayOf } from "./shift";

describe("a text moved in time", () => {
  it("moves dates wherever they stand, over ends of months and of leap years", () => {
    expect(shifted('{"on":"2026-11-28","id":"prep-wren-2026-11-28"}', 7)).toBe(
      '{"on":"2026-12-05","id":"prep-wren-2026-12-05"}',
    );
    expect(shifted("2028-02-22T10:00:00.000Z", 7)).toBe("2028-02-29T10:00:00.000Z");
    expect(shifted("2026-01-01", -1)).toBe("2025-12-31");
  });

  it("leaves what is no date", () => {
    expect(shifted("2026-13-40 and 12345 and 1.5", 7)).toBe("2026-13-40 and 12345 and 1.5");
  });

  it("knows each day's weekday, before and after the ready week", () => {
    expect(weekdayOf(readyWeek)).toBe(0);
    expect(weekdayOf("2026-11-28")).toBe(5);
    expect(weekdayOf("2026-05-31")).toBe(6);
  });
});

describe("the troupe of one Saturday on another", () => {
  const [made, today] = [plusDays(readyWeek, 5), "2027-02-06"];
  let records: AnyRecord[];
  beforeAll(() => {
    const text = JSON.stringify(troupeOn(made));
    records = JSON.parse(shifted(text, daysBetween(made, today))) as AnyRecord[];
  });

  it("is whole: each record is one, and none has the name of another", () => {
    expect(records.filter((record) => !AnyRecord.safeParse(record).success)).toEqual([]);
    expect(new Set(records.map(({ kind, id }) => `${kind} ${id}`)).size).toBe(records.length);
  });

  it("ends today: the last preps are of that day, and no log is later", () => {
    const preps = records.flatMap((record) => (record.kind === "prep" ? [record.on] : []));
    const logs = records.flatMap((record) => (record.kind === "log" ? [record.on] : []));
    expect(preps.sort().at(-1)).toBe(today);
    expect(logs.every((on) => on < today)).toBe(true);
  });

  it("has everybody at the age they have in the cast", () => {
    const ages = records.flatMap((record) =>
      record.kind === "athlete"
        ? [[record.id, Math.floor(daysBetween(record.bornOn, today) / 365.25)]]
        : [],
    );
    expect(Object.fromEntries(ages)).toEqual(
      Object.fromEntries(cast.performers.map(({ id, age }) => [id, age])),
    );
  });
});
