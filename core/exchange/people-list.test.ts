import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { peopleColumns, readPeople } from "./people-list";

const today = "2026-11-24";
const read = (text: string) => readPeople(text, today);

describe("a list of people", () => {
  it("one name a line is enough", () => {
    expect(read("Mirela Osei\n\n  Tomas Reyl \n").map(({ name }) => name)).toEqual([
      "Mirela Osei",
      "Tomas Reyl",
    ]);
    expect(read("Mirela Osei")[0]).toMatchObject({ bornOn: null, statureCm: null });
  });

  it("reads what stands behind a name in any order", () => {
    const mirela = {
      name: "Mirela Osei",
      bornOn: "2009-12-31",
      statureCm: 162,
      dominantSide: "left",
    };
    for (const line of [
      "Mirela Osei, 2009, 162, left, straps",
      "Mirela Osei; left; straps; 162 cm; 2009",
      "Mirela Osei\t1,62 m\tstraps\t2009\tL",
    ])
      expect(read(line)).toMatchObject([{ ...mirela, discipline: "straps" }]);
    expect(read("1. Mirela Osei 2009 162 cm left")).toMatchObject([mirela]);
    expect(read("2. Mirela Osei, 162, 2009, L")).toMatchObject([mirela]);
    expect(read("Mirela Osei 2009 1,62 m left")).toMatchObject([mirela]);
  });

  it("a date, an age and feet are read; of an age nobody is taken for older", () => {
    expect(read("Ana, 3.4.2011, 5'2\"")).toMatchObject([
      { bornOn: "2011-04-03", dayKnown: true, statureCm: 157.5 },
    ]);
    expect(read("Ana, 14")).toMatchObject([{ bornOn: "2012-11-24", dayKnown: false }]);
  });

  it("a table with names that nobody knows is read by what its columns are said to hold", () => {
    const text = "Pupil;Born;Class;Tall\nMirela Osei;2009;Straps;162\nTomas Reyl;2012;Rope;158";
    expect(peopleColumns(text)).toMatchObject({
      headed: false,
      columns: ["name", "bornOn", null, null],
    });
    const columns = ["name", "bornOn", "discipline", "statureCm"] as const;
    expect(readPeople(text, today, { headed: true, columns })).toMatchObject([
      { name: "Mirela Osei", bornOn: "2009-12-31", discipline: "Straps", statureCm: 162 },
      { name: "Tomas Reyl", bornOn: "2012-12-31", discipline: "Rope", statureCm: 158 },
    ]);
    expect(readPeople(text, today, { headed: true, columns: [null, null, null, null] })).toEqual(
      [],
    );
  });
  it("two known names make a line of names, and the first unknown one is the athlete's", () => {
    const { headed, columns } = peopleColumns("Pupil;Born;Height\nMirela Osei;2009;162");
    expect([headed, columns]).toEqual([true, ["name", "bornOn", "statureCm"]]);
    // A person whose line holds one such word is a person.
    expect(read("Ana Hand; dancer\nBo Side; 2010").map(({ name }) => name)).toEqual([
      "Ana Hand",
      "Bo Side",
    ]);
  });

  it("a table with names of columns, in its own order", () => {
    const text = 'Level,Height,Athlete,DOB,Coach\n"Squad B",151,"Osei, Mirela",2012-05-06,Y';
    expect(read(text)).toEqual([
      {
        name: "Osei, Mirela",
        bornOn: "2012-05-06",
        dayKnown: true,
        statureCm: 151,
        dominantSide: null,
        discipline: "Squad B",
      },
    ]);
  });

  it("what can't be is not taken", () => {
    expect(read("Ana, 1850, 900")).toMatchObject([{ bornOn: null, statureCm: null }]);
    expect(read("Ana, 31.02.2011")).toMatchObject([{ bornOn: null }]);
  });

  it("never throws, and never makes more people than lines", () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 300, unit: "binary" }), (text) => {
        const people = read(text);
        expect(people.length).toBeLessThanOrEqual(text.split(/\r\n|\n|\r/).length);
        for (const { bornOn, statureCm } of people) {
          if (bornOn !== null) expect(bornOn).toMatch(/^\d{4}-\d{2}-\d{2}$/);
          if (statureCm !== null) expect(statureCm).toBeGreaterThanOrEqual(80);
        }
      }),
    ));
});
