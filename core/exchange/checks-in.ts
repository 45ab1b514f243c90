import type { Side } from "../body/side";
import { Instrument, Mode, type Protocol } from "../content/protocol";
import type { Library } from "../content/library";
import { entryNotes } from "../measure/entry";
import type { Check } from "../records/records";
import {
  alike,
  cellDay,
  numberOf,
  sideOfWord,
  type DayOrder,
  type SheetLoss,
  type SheetTable,
} from "./table-cells";

/** What a column of a coach's own table holds; `reading` is a check and its side, a number a row. */
export type CheckColumn =
  | {
      holds:
        | "nothing"
        | "athlete"
        | "date"
        | "check"
        | "side"
        | "mode"
        | "temperature"
        | "instrument"
        | "tester"
        | "pain"
        | "note"
        | "trial";
    }
  | { holds: "reading"; protocolId: string; side: Side };

/** A check as a table has it, of an athlete of the notebook. */
export type TableCheck = Omit<Check, "kind" | "stamp" | "id" | "at" | "was">;

/** Why a row, or one reading of it, is not taken. */
export type RowProblem = {
  /** The row as a spreadsheet counts it, the heads are row 1. */
  row: number;
  why:
    | "no-athlete"
    | "no-date"
    | "ahead"
    | "no-check"
    | "no-side"
    | "no-number"
    | "impossible"
    | "pain"
    | "no-drill"
    | "no-rung"
    | SheetLoss["why"];
  /** The cell as it was found. */
  found: string;
};

export type TableRead = { checks: TableCheck[]; problems: RowProblem[] };

const byHead: readonly [Exclude<CheckColumn, { holds: "reading" }>["holds"], RegExp][] = [
  ["athlete", /^(athlete|name|who|student|dancer|gymnast)$/],
  ["date", /^(date|day|on|when)$/],
  ["check", /^(check|test|measure|motion|joint)$/],
  ["side", /^side$/],
  ["mode", /^(mode|range)$/],
  ["temperature", /^(temperature|warm|cold)$/],
  ["instrument", /^(instrument|tool|with)$/],
  ["tester", /^(tester|measured by|by|coach)$/],
  ["pain", /^pain( 0 10)?$/],
  ["note", /^(note|notes|remark|remarks|comment)$/],
  ["trial", /^(trial|reading|value)s?( \d)?$/],
];

/** The check that a text names: by its name or identifier, or by the first words of its name. */
export function protocolNamed(
  text: string,
  { protocols }: Pick<Library, "protocols">,
): Protocol | null {
  const asked = alike(text);
  if (asked === "") return null;
  return (
    protocols.find(({ id, name }) => alike(id) === asked || alike(name) === asked) ??
    protocols.find(({ name }) => alike(name).startsWith(`${asked} `)) ??
    null
  );
}

/** What the columns seem to hold, by their heads: "ankle bend L" is a reading of the left ankle. */
export function guessedColumns(heads: readonly string[], library: Library): CheckColumn[] {
  // A table with values worked out beside the trials has its trials read.
  const trials = heads.some((head) => /^trials? \d$/.test(alike(head)));
  return heads.map((head): CheckColumn => {
    const name = alike(head);
    const known = byHead.find(([, form]) => form.test(name))?.[0];
    if (known === "trial" && trials && !/\d$/.test(name)) return { holds: "nothing" };
    if (known) return { holds: known };
    const words = name.split(" ");
    const side = sideOfWord(words.at(-1)!);
    const protocol =
      protocolNamed(words.slice(0, side && words.length > 1 ? -1 : undefined).join(" "), library) ??
      protocolNamed(name, library);
    if (!protocol) return { holds: "nothing" };
    return {
      holds: "reading",
      protocolId: protocol.id,
      side: protocol.sided ? (side ?? "left") : "mid",
    };
  });
}

/** What a table is read by, beside its columns. */
export type TableTerms = {
  athletes: readonly { id: string; name: string }[];
  /** Whose all rows are, where no column says it. */
  athleteId: string | null;
  /** Who measured, where no column says it. */
  tester: string;
  order: DayOrder;
  library: Pick<Library, "protocols" | "drills">;
  today: string;
};

/** So many checks and problems are found in a table at most; the rest of it is told as lost. */
const mostFound = 20_000;

/** The checks of a table, and every row or reading that cannot be taken, with the reason. */
export function checksIn(
  { rows, lost }: Pick<SheetTable, "rows" | "lost">,
  columns: readonly CheckColumn[],
  terms: TableTerms,
): TableRead {
  const checks: TableCheck[] = [];
  const problems: RowProblem[] = [];
  const people = new Map(terms.athletes.map(({ id, name }) => [alike(name), id]));
  // A wide table has many readings a row: what is found is bounded too.
  const ofRow = Math.max(1, columns.filter(({ holds }) => holds === "reading").length);
  let cut: number | null = null;
  rows.forEach(({ row, cells }) => {
    if (cut !== null || checks.length + problems.length + ofRow > mostFound) return (cut ??= row);
    const cell = (holds: CheckColumn["holds"]): string =>
      cells[columns.findIndex((column) => column.holds === holds)] ?? "";
    const refuse = (why: RowProblem["why"], found: string) => problems.push({ row, why, found });
    const named = columns.some(({ holds }) => holds === "athlete");
    const athleteId = named ? (people.get(alike(cell("athlete"))) ?? null) : terms.athleteId;
    if (!athleteId) return refuse("no-athlete", cell("athlete"));
    const on = cellDay(cell("date"), terms.order);
    if (!on) return refuse("no-date", cell("date"));
    if (on > terms.today) return refuse("ahead", cell("date"));
    const pain = cell("pain") === "" ? 0 : numberOf(cell("pain"));
    if (!Number.isInteger(pain) || pain < 0 || pain > 10) return refuse("pain", cell("pain"));
    const rest = {
      athleteId,
      on,
      pain,
      tester: cell("tester") || terms.tester,
      note: cell("note").slice(0, 5000),
    };
    const add = (protocol: Protocol, side: Side, typed: readonly string[]) => {
      const made = checkOf(protocol, side, typed, rest, { cell });
      if ("why" in made) refuse(made.why, made.found);
      else checks.push(made);
    };
    const trials = cells.filter((text, at) => columns[at]?.holds === "trial" && text !== "");
    if (trials.length > 0) {
      const protocol = protocolNamed(cell("check"), terms.library);
      const side = protocol && !protocol.sided ? "mid" : sideOfWord(cell("side"));
      if (!protocol) refuse("no-check", cell("check"));
      else if (side === null || (protocol.sided && side === "mid")) refuse("no-side", cell("side"));
      else add(protocol, side, trials);
    }
    columns.forEach((column, at) => {
      const text = cells[at] ?? "";
      if (column.holds !== "reading" || text === "") return;
      const protocol = terms.library.protocols.find(({ id }) => id === column.protocolId);
      if (protocol) add(protocol, protocol.sided ? column.side : "mid", [text]);
    });
  });
  return {
    checks,
    problems: [...lostIn(cut === null ? lost : [{ row: cut, why: "too-many" }]), ...problems],
  };
}

/** What a table lost, told like the rows that can't be taken, and before them. */
export const lostIn = (lost: readonly SheetLoss[]): RowProblem[] =>
  lost.map((loss) => ({ ...loss, found: "" }));

/** One check of a row, or why it is none. */
function checkOf(
  protocol: Protocol,
  side: Side,
  typed: readonly string[],
  rest: Pick<TableCheck, "athleteId" | "on" | "pain" | "tester" | "note">,
  { cell }: { cell: (holds: CheckColumn["holds"]) => string },
): TableCheck | Pick<RowProblem, "why" | "found"> {
  const trials = typed.slice(0, 9).map(numberOf);
  const bad = trials.findIndex(Number.isNaN);
  if (bad >= 0) return { why: "no-number", found: typed[bad]! };
  const mode = Mode.safeParse(alike(cell("mode")));
  const tool = Instrument.safeParse(alike(cell("instrument")).replaceAll(" ", "-"));
  const instrument = tool.success ? tool.data : protocol.instruments[0]!.id;
  const refused = entryNotes({ trials, pain: rest.pain, instrument }, protocol).find(
    ({ level }) => level === "refused",
  );
  if (refused) return { why: "impossible", found: typed.join("; ") };
  return {
    ...rest,
    protocolId: protocol.id,
    protocolVersion: protocol.version,
    side,
    mode: mode.success && protocol.modes.includes(mode.data) ? mode.data : protocol.modes[0]!,
    temperature: /^(cold|no|0)$/.test(alike(cell("temperature"))) ? "cold" : "warm",
    instrument,
    trials,
    typed: null,
    ownError: 0,
    painAt: null,
    painKind: null,
    seen: [],
    read: "",
  };
}
