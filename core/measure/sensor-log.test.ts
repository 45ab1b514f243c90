import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { guessColumns, readSensorLog, seriesOf } from "./sensor-log";

const table = (text: string) => {
  const read = readSensorLog(text);
  if ("refused" in read) throw new Error(read.refused);
  return read.table;
};

describe("a sensor's file, whatever wrote it", () => {
  it.each([
    ["comma", "time,angle\n0.0,10.5\n0.1,11.0\n"],
    ["semicolon and decimal comma", "time;angle\n0,0;10,5\n0,1;11,0\n"],
    ["tabs", "time\tangle\n0.0\t10.5\n0.1\t11.0\n"],
    ["no names", "0.0,10.5\n0.1,11.0\n"],
    ["a byte order mark and Windows lines", "\uFEFFtime,angle\r\n0.0,10.5\r\n0.1,11.0\r\n"],
    ["comments above", "# made by a phone\n# 2026\ntime,angle\n0.0,10.5\n0.1,11.0\n"],
    ["units behind the figures", "time,angle\n0.0 s,10.5°\n0.1 s,11.0°\n"],
    ["spaces around", " time , angle \n 0.0 , 10.5 \n 0.1 , 11.0 \n"],
  ])("%s", (_, text) => {
    const read = table(text);
    const choice = guessColumns(read);
    expect(seriesOf(read, choice).samples).toEqual([
      { t: 0, angle: 10.5 },
      { t: 100, angle: 11 },
    ]);
  });

  it("says in a sentence what it cannot read", () => {
    for (const text of ["", "   \n", "hello", "a,b\nc,d\n", "one\ntwo\nthree\n"])
      expect(readSensorLog(text)).toHaveProperty(
        "refused",
        expect.stringMatching(/^(empty|no-columns|no-two-columns)$/),
      );
  });

  it("milliseconds by the name, by the step, else seconds", () => {
    const unit = (text: string) => guessColumns(table(text)).timeUnit;
    expect(unit("ms,angle\n0,1\n1,2\n")).toBe("ms");
    expect(unit("timestamp,angle\n0,1\n20,2\n40,3\n")).toBe("ms");
    expect(unit("timestamp,angle\n0,1\n0.02,2\n0.04,3\n")).toBe("s");
    expect(unit("time s,angle\n0,1\n20,2\n")).toBe("s");
  });

  it("finds the angle by its name among others, else the first column that is no time", () => {
    const choice = (text: string) => guessColumns(table(text));
    expect(choice("time,battery,pitch\n0,99,10\n1,98,12\n")).toMatchObject({ time: 0, angle: 2 });
    expect(choice("x,y\n5,0\n3,1\n4,2\n")).toMatchObject({ time: 1, angle: 0 });
  });

  it("rows that are broken are left out and counted, the rest is put in order of time", () => {
    const read = table("time,angle\n2,30\n0,10\noops,20\n1,20\n");
    const { samples, skipped } = seriesOf(read, { time: 0, angle: 1, timeUnit: "s" });
    expect(samples.map(({ angle }) => angle)).toEqual([10, 20, 30]);
    expect(samples[0]!.t).toBe(0);
    expect(skipped).toBe(1);
  });

  it("law: what is written as a table is read as the same stream, with any separator", () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -1800, max: 1800 }), { minLength: 3, maxLength: 40 }),
        fc.constantFrom(
          { between: ",", point: "." },
          { between: ";", point: "," },
          { between: "\t", point: "." },
        ),
        (tenths, { between, point }) => {
          const written = (value: number) => value.toFixed(1).replace(".", point);
          const lines = tenths.map((angle, n) =>
            [written(n / 10), written(angle / 10)].join(between),
          );
          const read = table(`time${between}angle\n${lines.join("\n")}\n`);
          const { samples, skipped } = seriesOf(read, guessColumns(read));
          expect(skipped).toBe(0);
          expect(samples.map(({ angle }) => angle)).toEqual(tenths.map((angle) => angle / 10));
        },
      ),
      { numRuns: 80 },
    ));

  it("law: any text is read or refused, never thrown at", () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const read = readSensorLog(text);
        if ("table" in read) seriesOf(read.table, guessColumns(read.table));
      }),
      { numRuns: 200 },
    ));
});
