import { parseArgs } from "node:util";

export const verbs = [
  "validate",
  "check",
  "gap",
  "plan",
  "forecast",
  "season",
  "csv",
  "ics",
] as const;
export type Verb = (typeof verbs)[number];

export type Options = {
  verb: Verb;
  file: string;
  json: boolean;
  athlete: string | null;
  aim: string | null;
  day: string | null;
  minutes: number | null;
  format: string | null;
  place: string | null;
  warm: boolean;
  proven: boolean;
};

/** Thrown for a call that cannot be understood: exit code 2. */
export class WrongCall extends Error {}
/** Thrown for a call that is understood and cannot be answered: exit code 1. */
export class NoAnswer extends Error {
  constructor(
    message: string,
    readonly facts: object = {},
  ) {
    super(message);
  }
}

export const usage = `Usage: npm run yearling -- VERB FILE [options]

FILE is an exported notebook, or a smaller JSON of one situation (see README).

  validate   whether the file can be read, and what is in it
  check      what was measured, with its error, and the round that is due
  gap        what the aim asks against what there is
  plan       a prep: drill, level, sides, dose, seconds, when, and why; what was left out
  forecast   how likely the aim's date is, demand by demand
  season     the weeks as they are planned
  csv        the checks as a table
  ics        the season as a calendar

  --athlete ID   which athlete; the only one, or the first by name
  --aim ID       which aim; the next by date
  --day DAY      the day it is, as 2026-11-24; today
  --minutes N    plan: the minutes there are
  --format ID    plan: the format of the prep
  --place ID     plan: where
  --warm         plan: already warm
  --proven       plan: the answer that is proven, not the instant one
  --json         facts and figures as JSON
  --help         this

Exit code 0: answered. 1: understood, and not to be answered. 2: not understood.`;

export function optionsOf(args: string[]): Options {
  let parsed;
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: {
        json: { type: "boolean", default: false },
        athlete: { type: "string" },
        aim: { type: "string" },
        day: { type: "string" },
        minutes: { type: "string" },
        format: { type: "string" },
        place: { type: "string" },
        warm: { type: "boolean", default: false },
        proven: { type: "boolean", default: false },
      },
    });
  } catch (error) {
    throw new WrongCall((error as Error).message);
  }
  const { values, positionals } = parsed;
  const [verb, file, ...more] = positionals;
  if (!verb || !verbs.includes(verb as Verb))
    throw new WrongCall(verb ? `There is no verb “${verb}”.` : "Which verb?");
  if (!file) throw new WrongCall("Which file?");
  if (more.length > 0) throw new WrongCall(`One file at a time, not also “${more[0]}”.`);
  if (values.day !== undefined && !/^\d{4}-\d{2}-\d{2}$/.test(values.day))
    throw new WrongCall(`A day is written like 2026-11-24, not “${values.day}”.`);
  const minutes = values.minutes === undefined ? null : Number(values.minutes);
  if (minutes !== null && !(minutes >= 2 && minutes <= 120))
    throw new WrongCall(`Minutes are a number from 2 to 120, not “${values.minutes}”.`);
  return {
    verb: verb as Verb,
    file,
    minutes,
    json: values.json,
    warm: values.warm,
    proven: values.proven,
    athlete: values.athlete ?? null,
    aim: values.aim ?? null,
    day: values.day ?? null,
    format: values.format ?? null,
    place: values.place ?? null,
  };
}
