import { gapOf } from "../../core/aim/gap";
import { needsOf, type Need } from "../../core/aim/priority";
import { sportRows } from "../../core/body/sports";
import { clock, restOf, setsOf, writeDose } from "../../core/drill/dose";
import { atRung, rungOf } from "../../core/drill/drill";
import { drillOf, skillOf } from "../../core/content/library";
import { plusDays } from "../../core/dates/days";
import { blankPrep } from "../../core/prep/blank";
import { planPrep, type PlanRequest } from "../../core/prep/plan";
import { requestFor } from "../../core/prep/request";
import { formatFor } from "../../core/prep/format-for";
import { itemSeconds, timelineOf } from "../../core/prep/timeline";
import { minutesNow } from "../../core/run/minutes-now";
import { runAt } from "../../core/run/run";
import type { Athlete } from "../../core/records/athlete";
import type { Prep, PrepItem } from "../../core/records/records";
import { bodyToday } from "../../core/safety/body-today";
import { library } from "../../library/index";
import { breathWords } from "../../words/en/breath";
import { becauseLine, noteWords } from "../../words/en/prep";
import { aimAtSkill, climbed, person, placeOf, today } from "./person";
import { twelve, type Ask } from "./twelve";

const athleteOf = ({ sport, level, age }: Ask): Athlete =>
  person({
    discipline: sport ? sportRows[sport].words[0]! : "",
    nextChosen: climbed(level, "accepted"),
    ...(age ? { bornOn: `${2026 - age}-03-15`, statureCm: 155, massKg: 44 } : {}),
  });

/** The needs of the skill, with what was measured short of it. */
function needsFor({ skill: id, short = [] }: Ask, athlete: Athlete): Need[] {
  const skill = id ? skillOf(library, id) : undefined;
  if (!skill) return [];
  const aim = aimAtSkill(skill, plusDays(today, 60));
  const needs = needsOf(gapOf({ athlete, aim, skill, checks: [], library }), 60);
  return needs
    .map((need): Need => {
      const degrees = short.find(([motion]) => motion === need.motion)?.[1];
      return degrees === undefined
        ? need
        : { ...need, weight: need.weight + degrees / 20, shortage: degrees, verdict: "short" };
    })
    .sort((a, b) => b.weight - a.weight);
}

export function askedOf(ask: Ask): { prep: Prep; request: PlanRequest } {
  const athlete = athleteOf(ask);
  const place = placeOf(ask.kit);
  const blank = blankPrep({
    id: "prep",
    athleteId: "p",
    session: "warm-up",
    format: ask.format,
    on: today,
    budget: ask.minutes * 60,
    flagged: [...(ask.flagged ?? [])],
    ...(ask.ramp ? { ramp: ask.ramp } : {}),
  });
  const format = formatFor(library, blank);
  const prep: Prep = {
    ...blank,
    session: format.doses,
    handOver: Math.min(format.handOver, 30),
  };
  const needs = needsFor(ask, athlete);
  const request = requestFor({
    prep,
    athlete,
    library,
    needs,
    skills: ask.skill ? [ask.skill] : [],
    place,
    body: bodyToday(athlete, { logs: [], checks: [], library }, today),
    logs: [],
    days: [],
    preps: [],
    coach: {},
  });
  return { prep, request };
}

const cell = (text: string): string => text.replaceAll("|", "/");

function rowsOf(items: readonly PrepItem[]): string[] {
  const steps = timelineOf(items, library);
  const begins = items.map((_, at) =>
    steps
      .slice(
        0,
        steps.findIndex((step) => step.item === at && step.kind !== "transition"),
      )
      .reduce((sum, { seconds }) => sum + seconds, 0),
  );
  return items.flatMap((item, at) => {
    const drill = drillOf(library, item.drillId)!;
    const rung = rungOf(drill, item.rungId);
    const { dose } = item;
    const detail = [
      writeDose(dose),
      item.sides.length > 0 ? "each side" : "",
      dose.type === "reps" ? `${dose.tempo} s each` : "",
      setsOf(dose) > 1 && restOf(dose) > 0 ? `rest ${restOf(dose)} s` : "",
    ].filter(Boolean);
    const row = [
      item.outside ? "before" : clock(begins[at]!),
      item.outside
        ? "–"
        : clock(
            item.boxed
              ? "seconds" in dose
                ? dose.seconds
                : 0
              : itemSeconds(dose, drill, item.sides),
          ),
      item.segment || item.phase,
      drill.name,
      rung.name,
      detail.join(", "),
      atRung(drill, rung).position,
      becauseLine(item.why),
    ];
    const breath = item.breath
      ? [`| | ${clock(item.breath.seconds)} | | *${breathWords[item.breath.as]}* | | | | |`]
      : [];
    return [`| ${row.map(cell).join(" | ")} |`, ...breath];
  });
}

const head = [
  "| at | for | part | drill | rung | dose | position | why |",
  "| --- | --- | --- | --- | --- | --- | --- | --- |",
];

function sessionText(ask: Ask, n: number): string {
  const { prep, request } = askedOf(ask);
  const plan = planPrep(request);
  const lines = [
    `## ${n + 1}. ${ask.title}`,
    "",
    `For ${ask.who}. ${clock(plan.seconds)} of ${clock(prep.budget)}${prep.handOver ? `, ${clock(prep.handOver)} of it to hand over` : ""}.${plan.note ? ` ${noteWords(plan.note)}` : ""}`,
    "",
    ...head,
    ...rowsOf(plan.items),
  ];
  if (!ask.then) return lines.join("\n");
  const start = Date.parse("2026-11-24T10:00:00.000Z");
  const state = runAt(
    {
      growing: false,
      prep: { ...prep, items: plan.items },
      events: [{ type: "start", at: "2026-11-24T10:00:00.000Z" }],
    },
    library,
    start + ask.then.after * 1000,
  );
  const now = minutesNow(state, ask.then.minutes, request);
  return [
    ...lines,
    "",
    `After ${clock(ask.then.after)}: “${ask.then.minutes} minutes now”. It ends ${clock(now.seconds - ask.then.after)} later.`,
    "",
    ...head,
    ...rowsOf(now.items),
  ].join("\n");
}

/** The twelve sessions in full. */
export const printed = (): string =>
  [
    "# Twelve sessions",
    "",
    "Printed by `npm run sessions` from the planner as it is, to be read by a person.",
    "",
    ...twelve.map((ask, n) => `${sessionText(ask, n)}\n`),
  ].join("\n");
