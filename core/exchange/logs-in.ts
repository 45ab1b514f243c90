import type { Drills } from "../content/library";
import { timesOf, type Drill, type Rung } from "../drill/drill";
import { Form, type Log, type LogItem, type SetDone } from "../records/records";
import { lostIn, type RowProblem, type TableTerms } from "./checks-in";
import { alike, cellDay, numberOf, sideOfWord, type SheetTable } from "./table-cells";

/** What a column of a coach's own training book holds. */
export type LogColumn =
  | "nothing"
  | "athlete"
  | "date"
  | "drill"
  | "rung"
  | "side"
  | "sets"
  | "reps"
  | "seconds"
  | "load"
  | "done"
  | "form"
  | "pain"
  | "minutes"
  | "note";

/** A log as a table has it, of an athlete of the notebook. */
export type TableLog = Pick<Log, "athleteId" | "on" | "minutes" | "items" | "note">;
export type LogsRead = { logs: TableLog[]; problems: RowProblem[] };

const byHead: readonly [LogColumn, RegExp][] = [
  ["athlete", /^(athlete|name|who|student|dancer|gymnast)$/],
  ["date", /^(date|day|on|when)$/],
  ["drill", /^(drill|exercise|movement)$/],
  ["rung", /^(rung|level|variation|progression|step)$/],
  ["side", /^side$/],
  ["sets", /^(sets|set|rounds)$/],
  ["reps", /^(reps|repetitions|rep)$/],
  ["seconds", /^(seconds|hold|hold s|time s|s)$/],
  ["load", /^(load|weight|kg|load kg|weight kg)$/],
  ["done", /^(done|completed)$/],
  ["form", /^(form|quality)$/],
  ["pain", /^pain( 0 10)?$/],
  ["minutes", /^(minutes|min|session min|duration)$/],
  ["note", /^(note|notes|remark|remarks|comment)$/],
];

/** What the columns seem to hold, by their heads; each of them once. */
export function guessedLogColumns(heads: readonly string[]): LogColumn[] {
  const taken = new Set<LogColumn>();
  return heads.map((head) => {
    const found = byHead.find(([, form]) => form.test(alike(head)))?.[0] ?? "nothing";
    if (taken.has(found)) return "nothing";
    taken.add(found);
    return found;
  });
}

/** Whether a table seems to be of what was done, not of what was measured. */
export const isOfLogs = (heads: readonly string[]): boolean =>
  guessedLogColumns(heads).includes("drill");

const named = <One extends { id: string; name: string }>(
  all: readonly One[],
  text: string,
): One | undefined => {
  const asked = alike(text);
  return (
    all.find(({ id, name }) => alike(id) === asked || alike(name) === asked) ??
    all.find(({ name }) => asked.length > 3 && alike(name).startsWith(`${asked} `))
  );
};

/** A rung by name, or by its number from the easiest on; the easiest where none is said. */
function rungNamed(drill: Drill, text: string): Rung | undefined {
  if (text === "") return drill.rungs[0];
  const number = Number(text);
  return Number.isInteger(number) ? drill.rungs[number - 1] : named(drill.rungs, text);
}

/** Cells of one row by what they hold. */
type Cells = (holds: LogColumn) => string;

/**
 * The logs of a table, a row a drill, those of one athlete and day together; and every row that cannot be taken, with
 * the reason. A rung that is not said is the easiest: nothing counts as earned that nobody wrote.
 */
export function logsIn(
  { rows, lost }: Pick<SheetTable, "rows" | "lost">,
  columns: readonly LogColumn[],
  terms: Omit<TableTerms, "tester">,
): LogsRead {
  const problems: RowProblem[] = [];
  const logs = new Map<string, TableLog>();
  const people = new Map(terms.athletes.map(({ id, name }) => [alike(name), id]));
  rows.forEach(({ row, cells }) => {
    const cell: Cells = (holds) => cells[columns.indexOf(holds)] ?? "";
    const refuse = (why: RowProblem["why"], found: string) => problems.push({ row, why, found });
    const athleteId = columns.includes("athlete")
      ? (people.get(alike(cell("athlete"))) ?? null)
      : terms.athleteId;
    if (!athleteId) return refuse("no-athlete", cell("athlete"));
    const on = cellDay(cell("date"), terms.order);
    if (!on) return refuse("no-date", cell("date"));
    if (on > terms.today) return refuse("ahead", cell("date"));
    const item = itemOf(cell, terms.library);
    if ("why" in item) return refuse(item.why, item.found);
    const minutes = cell("minutes") === "" ? 0 : numberOf(cell("minutes"));
    if (!(minutes >= 0 && minutes <= 600)) return refuse("no-number", cell("minutes"));
    const key = `${athleteId}/${on}`;
    const log = logs.get(key) ?? { athleteId, on, minutes: 0, items: [], note: "" };
    if (log.items.length >= mostItems) return refuse("impossible", cell("drill"));
    logs.set(key, {
      ...log,
      minutes: Math.max(log.minutes, minutes),
      items: [...log.items, item],
    });
  });
  return {
    logs: [...logs.values()].map(withMinutes),
    problems: [...lostIn(lost), ...problems],
  };
}

/** A log holds so many lines at most. */
const mostItems = 200;

/** A session of which nobody said how long it was took what its drills took. */
const withMinutes = (log: TableLog): TableLog =>
  log.minutes > 0
    ? log
    : {
        ...log,
        minutes: Math.round(log.items.reduce((sum, { seconds }) => sum + seconds, 0) / 60),
      };

function itemOf(cell: Cells, library: Drills): LogItem | Pick<RowProblem, "why" | "found"> {
  const drill = named(library.drills, cell("drill"));
  if (!drill || cell("drill") === "") return { why: "no-drill", found: cell("drill") };
  const rung = rungNamed(drill, cell("rung"));
  if (!rung) return { why: "no-rung", found: cell("rung") };
  const pain = cell("pain") === "" ? 0 : numberOf(cell("pain"));
  if (!Number.isInteger(pain) || pain < 0 || pain > 10) return { why: "pain", found: cell("pain") };
  const bad = (["sets", "reps", "seconds", "load"] as const).find(
    (holds) =>
      cell(holds) !== "" &&
      !inBounds(holds, numberOf(cell(holds))) &&
      !(holds === "sets" && writtenSets(cell(holds))),
  );
  if (bad) return { why: "no-number", found: cell(bad) };
  const sets = setsOf(cell, drill, rung);
  const form = Form.safeParse(alike(cell("form")));
  return {
    drillId: drill.id,
    rungId: rung.id,
    planned: null,
    done: doneOf(cell("done")),
    seconds: sets.reduce((sum, { seconds }) => sum + seconds, 0),
    sets,
    load: cell("load") === "" ? null : numberOf(cell("load")),
    band: null,
    form: form.success ? form.data : null,
    pain,
    painPlace: "",
    painAt: null,
    painKind: null,
    sharp: false,
    looseAt: null,
    note: cell("note").slice(0, 5000),
    labels: [],
    bySide: [],
  };
}

const bounds = { sets: [1, 60], reps: [1, 600], seconds: [1, 7200], load: [0, 400] } as const;
const inBounds = (holds: keyof typeof bounds, value: number): boolean =>
  value >= bounds[holds][0] &&
  value <= bounds[holds][1] &&
  (holds === "load" || Number.isInteger(value));

function doneOf(text: string): LogItem["done"] {
  if (/^(no|n|0|skipped|missed|-)$/i.test(text.trim())) return "skipped";
  return /^(part|partly|half|some)$/i.test(text.trim()) ? "part" : "done";
}

/** Sets written out one by one, as Yearling's own table has them; null where it is none. @example "left 8; right 30 s" */
function writtenSets(
  text: string,
): { side: SetDone["side"]; amount: number; timed: boolean }[] | null {
  const sets = text.split(";").map((one) => {
    const [, side, amount, timed] = /^\s*(?:(left|right) )?(\d{1,4})( s)?\s*$/.exec(one) ?? [];
    return amount === undefined
      ? null
      : {
          side: (side as "left" | undefined) ?? null,
          amount: Number(amount),
          timed: timed !== undefined,
        };
  });
  const plain = sets.length === 1 && sets[0] && sets[0].side === null && !sets[0].timed;
  return plain || sets.length > 60 || sets.includes(null) ? null : sets.flatMap((one) => one ?? []);
}

/** The sets that a row says, on each side it was done on; none where it says neither repetitions nor seconds. */
function setsOf(cell: Cells, drill: Drill, rung: Rung): SetDone[] {
  if (doneOf(cell("done")) === "skipped") return [];
  const [reps, seconds] = (["reps", "seconds"] as const).map((holds) =>
    cell(holds) === "" ? null : numberOf(cell(holds)),
  );
  const usual = rung.session ?? rung.warmUp;
  const tempo = usual?.type === "reps" ? usual.tempo : usualTempo;
  const written = writtenSets(cell("sets"));
  if (written)
    return written.map(({ side, amount, timed }) => ({
      side,
      reps: timed ? null : Math.min(600, amount),
      seconds: timed ? Math.min(7200, amount) : Math.round(Math.min(600, amount) * tempo),
    }));
  if (reps == null && seconds == null) return [];
  const said = sideOfWord(cell("side"));
  const both = timesOf(drill, rung.id) === 2;
  const sides = !both
    ? [null]
    : said === "left" || said === "right"
      ? [said]
      : (["left", "right"] as const);
  const count = cell("sets") === "" ? 1 : numberOf(cell("sets"));
  return Array.from({ length: count }, () =>
    sides.map((side) => ({
      side,
      reps: reps ?? null,
      seconds: seconds ?? Math.round(reps! * tempo),
    })),
  ).flat();
}

/** Seconds for a repetition of what the library does by time. Working figure. */
const usualTempo = 3;
