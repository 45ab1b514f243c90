import { bodyToday } from "../core/safety/body-today";
import { gapOf } from "../core/aim/gap";
import { needsOf } from "../core/aim/priority";
import { diceOf, type Dice } from "../core/stats/dice";
import { rungOf, type Drill } from "../core/drill/drill";
import type { DayNote, Log, LogItem, Prep } from "../core/records/records";
import { drillOf, skillOf } from "../core/content/library";
import { blankPrep } from "../core/prep/blank";
import { planPrep } from "../core/prep/plan";
import { requestFor } from "../core/prep/request";
import { amountOf, logItemOf, setsAs } from "../core/doses/log-item";
import { nextSteps, type NextStep } from "../core/progress/next-step";
import { plusDays } from "../core/dates/days";
import { aim, athlete } from "../core/test/people";
import { library } from "../library/index";
import type { Bench } from "./bench";

const weeks = 12;
const start = "2026-09-07";
/** Monday, Wednesday and Friday. */
const sessions = [0, 2, 4];
const illWeek = 5;
/** The Monday on which the shoulders are still sore from Friday. */
const soreWeek = 8;

/**
 * How well a rung goes: an athlete grows into a drill with every session of it, more slowly on a higher rung, and
 * loses a little when ill. Below the rung the position is lost or wobbles; now and then it just goes badly.
 */
function formOf(ability: number, rung: number, dice: Dice): LogItem["form"] {
  const margin = ability - rung + dice.normal() * 0.25;
  return margin < -0.5 ? "lost" : margin < 0 ? "wobble" : "clean";
}

type Course = { drill: Drill; rungs: (number | null)[]; changes: NextStep["change"][] };

/** Twelve weeks of one simulated athlete: the real planner, the real rules, an ability that grows by doing. */
const ladders: Bench = () => {
  const dice = diceOf(11);
  const person = athlete();
  const goal = aim({ by: plusDays(start, 7 * weeks), since: start });
  const skill = skillOf(library, goal.skillId)!;
  const gaps = gapOf({ athlete: person, aim: goal, skill, checks: [], library, on: start });
  const needs = needsOf(gaps, 7 * weeks);
  const [logs, preps, days]: [Log[], Prep[], DayNote[]] = [[], [], []];
  const ability = new Map<string, number>();
  const courses = new Map<string, Course>();
  const seen: { changes: number } = { changes: 0 };
  for (let week = 0; week < weeks; week += 1) {
    if (week === illWeek) {
      for (const [id, value] of ability) ability.set(id, value - 0.3);
      continue;
    }
    for (const weekday of sessions) {
      const on = plusDays(start, 7 * week + weekday);
      if (week === soreWeek && weekday === 0)
        days.push({
          kind: "day",
          id: `d-${on}`,
          athleteId: person.id,
          on,
          sleep: null,
          energy: null,
          soreness: 6,
          sore: ["shoulder"],
        });
      const around = { on, days };
      const next = nextSteps(library, logs, around);
      const prep = blankPrep({
        id: `p-${on}`,
        athleteId: person.id,
        session: "mobility",
        on,
        budget: 30 * 60,
      });
      const request = requestFor({
        prep,
        athlete: person,
        library,
        needs,
        skills: [goal.skillId],
        place: null,
        body: bodyToday(person, { logs, checks: [], library }, on),
        logs,
        days,
        preps,
        coach: {},
      });
      const { items } = planPrep(request);
      preps.push({ ...prep, items });
      logs.push({
        kind: "log",
        id: `l-${on}`,
        athleteId: person.id,
        prepId: prep.id,
        on,
        minutes: 30,
        note: "",
        items: items.map((item): LogItem => {
          const drill = drillOf(library, item.drillId)!;
          const rung = drill.rungs.indexOf(rungOf(drill, item.rungId));
          const skilled = ability.get(drill.id) ?? 0.2;
          ability.set(drill.id, skilled + 0.14 / (1 + 0.3 * rung));
          const course =
            courses.get(drill.id) ??
            ({ drill, rungs: Array<null>(weeks).fill(null), changes: [] } satisfies Course);
          course.rungs[week] = rung + 1;
          const step = next.get(drill.id);
          if (step && step.rungId === item.rungId) {
            course.changes.push(step.change);
            seen.changes += 1;
          }
          courses.set(drill.id, course);
          const blank = logItemOf(item);
          const amount = amountOf(blank);
          return {
            ...blank,
            sets: amount ? setsAs(amount, item.sides) : [],
            form: formOf(skilled, rung, dice),
          };
        }),
      });
    }
  }
  const often = [...courses.values()]
    .filter(({ changes }) => changes.length >= 6)
    .sort((a, b) => b.changes.length - a.changes.length);
  const count = (changes: Course["changes"], change: NextStep["change"]): number =>
    changes.filter((one) => one === change).length;
  const climbs = often.map(({ rungs }) => {
    const known = rungs.filter((rung): rung is number => rung !== null);
    return { up: known.at(-1)! - known[0]!, most: Math.max(...steps(known)) };
  });
  const table = often.map(({ drill, rungs, changes }) => ({
    drill: drill.name,
    "rung by week": rungs.map((rung) => rung ?? "–").join(" "),
    of: drill.rungs.length,
    times: changes.length,
    more: count(changes, "more"),
    "next rung": count(changes, "next-rung"),
    same: count(changes, "same"),
    back: count(changes, "step-back"),
    restart: count(changes, "restart"),
    less: count(changes, "less"),
  }));
  const ended = climbs.filter(({ up }) => up > 0).length;
  return Promise.resolve({
    table,
    figures: [
      { key: "drills", value: often.length, unit: "done six times or more in 12 weeks" },
      { key: "climbed", value: ended, unit: "of them end on a higher rung" },
      {
        key: "most_rungs_a_week",
        value: Math.max(...climbs.map(({ most }) => most)),
        unit: "rungs, the fastest week of any drill",
      },
      {
        key: "moved_share",
        value: Number(
          (
            often.flatMap(({ changes }) => changes).filter((change) => change !== "same").length /
            seen.changes
          ).toFixed(2),
        ),
        unit: "of the sessions asked something else than the last",
      },
    ],
  });
};

/** Rungs gained from one week it was done in to the next. */
const steps = (rungs: readonly number[]): number[] =>
  rungs
    .slice(1)
    .map((rung, i) => rung - rungs[i]!)
    .concat(0);

export default ladders;
