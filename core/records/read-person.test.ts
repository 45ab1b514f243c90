import { describe, expect, it } from "vitest";
import { heightSpread, usualHeight } from "../body/usual-height";
import { bodyOf, angleOf, valueOf } from "../measure/value";
import { athlete, protocol } from "../test/people";
import { asSaid, readBirth } from "./read-person";
import { readHeight, readWeight } from "./read-body";

const today = "2026-11-24";

describe("what people say of a body", () => {
  it.each([
    ["162", 162],
    ["162,5", 162.5],
    ["162 cm", 162],
    ["1.62 m", 162],
    ["1,62", 162],
    ["5'7\"", 170.2],
    ["5’7”", 170.2],
    ["5 ft 7", 170.2],
    ["5'", 152.4],
    ["67 in", 170.2],
    ['67"', 170.2],
    ["20", null],
    ["400", null],
    ["tall", null],
    ["", null],
  ])("a height, %s", (text, cm) => expect(readHeight(text)).toBe(cm));

  it.each([
    ["59", 59],
    ["59,5 kg", 59.5],
    ["130 lb", 59],
    ["130 lbs", 59],
  ])("a weight, %s", (text, kg) => expect(readWeight(text)).toBe(kg));
  it("no weight", () => expect(readWeight("heavy")).toBeNaN());

  it.each([
    ["2009", "2009-12-31", false],
    ["2009-05-03", "2009-05-03", true],
    ["3.5.2009", "2009-05-03", true],
    ["3/5/2009", "2009-05-03", true],
    ["3 May 2009", "2009-05-03", true],
    ["14", "2012-11-24", false],
    ["14 years", "2012-11-24", false],
  ])("a birth, %s", (text, bornOn, dayKnown) =>
    expect(readBirth(text, today)).toEqual({ bornOn, dayKnown }),
  );
  it.each(["2026", "1850", "2031-01-01", "May", "", "31.2.2009"])("no birth, %s", (text) =>
    expect(readBirth(text, today)).toBeNull(),
  );
});

describe("what nobody said", () => {
  it("is known as such: the usual height of the age, the last day of the year", () => {
    expect(asSaid({ bornOn: "2015-12-31", dayKnown: false }, null, today)).toEqual({
      bornOn: "2015-12-31",
      statureCm: usualHeight(10),
      assumed: ["height", "birthday"],
    });
    expect(asSaid({ bornOn: "1999-05-04", dayKnown: true }, 165, today)).toEqual({
      bornOn: "1999-05-04",
      statureCm: 165,
      assumed: [],
    });
  });
  it("usual heights grow with age and stand still from nineteen on", () => {
    const by = Array.from({ length: 30 }, (_, age) => usualHeight(age));
    by.slice(1).forEach((cm, age) => expect(cm).toBeGreaterThanOrEqual(by[age]!));
    expect(usualHeight(8)).toBe(127);
    expect(usualHeight(60)).toBe(170);
  });
  it("makes a length’s angle less sure, by what the height may be off; own lengths don’t", () => {
    const ankle = protocol("knee-to-wall");
    const value = valueOf({ trials: [10, 10], instrument: "tape" }, ankle);
    const person = (over: object) => bodyOf(athlete({ statureCm: 165, ...over }));
    const sure = angleOf(value, ankle, person({}))!;
    const open = angleOf(value, ankle, person({ assumed: ["height"] }))!;
    expect(open.degrees).toBe(sure.degrees);
    expect(open.se).toBeGreaterThan(sure.se);
    // By hand: the angles of somebody 6 % taller and 6 % shorter, half their distance, as squares.
    const at = (share: number) =>
      angleOf(value, ankle, person({ statureCm: 165 * (1 + share) }))!.degrees;
    const half = Math.abs(at(heightSpread) - at(-heightSpread)) / 2;
    expect(open.se).toBeCloseTo(Math.sqrt(sure.se ** 2 + half ** 2), 6);
    const measured = { shinCm: 41, footCm: 25 };
    expect(
      angleOf(value, ankle, person({ assumed: ["height"], measures: measured }))!.se,
    ).toBeCloseTo(angleOf(value, ankle, person({ measures: measured }))!.se, 9);
    expect(JSON.stringify(open.why)).toContain('"from":"age"');
  });
});
