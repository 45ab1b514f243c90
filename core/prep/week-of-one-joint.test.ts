import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { drillOf } from "../content/library";
import { plusDays } from "../dates/days";
import { loadedDays } from "../doses/stretch-days";
import { logItemOf } from "../doses/log-item";
import type { Log } from "../records/records";
import { bodyToday } from "../safety/body-today";
import { athlete } from "../test/people";
import { needsFor } from "../test/planning";
import { blankPrep } from "./blank";
import { planPrep } from "./plan";
import { requestFor } from "./request";

describe("seven daily sessions of forty-five minutes on one joint", () => {
  const person = athlete();
  const needs = needsFor("front-split").filter(({ motion }) => motion.startsWith("hip."));
  const logs: Log[] = [];
  const seconds: number[] = [];
  for (let day = 0; day < 7; day += 1) {
    const on = plusDays("2026-11-16", day);
    const prep = blankPrep({
      id: `p${day}`,
      athleteId: person.id,
      session: "mobility",
      on,
      budget: 45 * 60,
    });
    const request = requestFor({
      prep,
      athlete: person,
      library,
      needs,
      skills: ["front-split"],
      place: null,
      body: bodyToday(person, { logs, checks: [], library }, on),
      logs,
      days: [],
      preps: [],
      coach: {},
    });
    const { items } = planPrep({ ...request, rounds: 0 });
    const done: Log = {
      kind: "log",
      id: `l${day}`,
      athleteId: person.id,
      prepId: prep.id,
      on,
      minutes: 45,
      note: "",
      items: items.map((item) => ({ ...logItemOf(item), form: "clean" as const })),
    };
    seconds.push(loadedDays([done], library).get("hip")?.get(on) ?? 0);
    logs.push(done);
  }
  it("the day after a hard one is light, and no two hard ones stand side by side", () => {
    expect(seconds[0]).toBeGreaterThan(600);
    for (let day = 1; day < 7; day += 1)
      expect(Math.min(seconds[day - 1]!, seconds[day]!), `days ${day} and ${day + 1}`).toBeLessThan(
        600,
      );
    expect(seconds.filter((one) => one >= 600).length).toBeLessThanOrEqual(4);
  });
  it("and what is left of the light days is named by drills of the library", () => {
    for (const { items } of logs)
      for (const { drillId } of items) expect(drillOf(library, drillId)).toBeDefined();
  });
});
