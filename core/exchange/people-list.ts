import Papa from "papaparse";
import { readBirth } from "../records/read-person";
import { readHeight } from "../records/read-body";

/** A person as far as a line tells; null where it does not. */
export type Listed = {
  name: string;
  /** Of a year alone the last day: nobody is taken for older than they are. */
  bornOn: string | null;
  /** Whether the day of birth was said, and not only the year or age. */
  dayKnown: boolean;
  statureCm: number | null;
  dominantSide: "left" | "right" | null;
  discipline: string;
};

/** So many people are read of a list at most. */
const mostPeople = 300;

const columnNames: Record<Exclude<keyof Listed, "dayKnown">, RegExp> = {
  name: /^(name|athlete|student|dancer|gymnast|who)$/i,
  bornOn: /^(born|birth|born on|birth ?year|birth ?day|date of birth|year|dob|age)$/i,
  statureCm: /^(height|stature|cm)\b/i,
  dominantSide: /^(side|hand|dominant|stronger)\b/i,
  discipline: /^(discipline|what they do|sport|level|does)$/i,
};

/** What a column of a table of people holds; null where it is left out. */
export type PeopleColumn = keyof typeof columnNames | null;

/** How a table of people is read: what its columns hold, and whether its first line names them. */
export type PeopleColumns = { headed: boolean; columns: readonly PeopleColumn[] };

/** The cells of a list, parted by tab, semicolon or comma, one row a line. */
function cellsOf(text: string): string[][] {
  const lines = text.replace(/^\uFEFF/, "").trim();
  if (lines === "") return [];
  const delimiter = lines.includes("\t") ? "\t" : lines.includes(";") ? ";" : comma(lines);
  return Papa.parse<string[]>(lines, { delimiter, skipEmptyLines: "greedy" })
    .data.slice(0, mostPeople + 1)
    .map((row) => row.map((cell) => cell.trim()));
}

/**
 * The first line of a list cell by cell, and what its columns seem to hold. Two known heads make it a line of heads, or
 * that of the name alone; where none is of the name, the first unknown column is taken for it.
 */
export function peopleColumns(text: string): PeopleColumns & { first: readonly string[] } {
  const first = cellsOf(text)[0] ?? [];
  const known = first.map(columnOf);
  const named = known.includes("name");
  // "Ana Lind; dancer" is a person: alone, only "name" or a first cell that says whose it is names columns.
  const alone = known[0] === "name" || first.some((cell) => /^name$/i.test(cell));
  const headed = alone || known.filter((column) => column !== null).length >= 2;
  const unknown = known.indexOf(null);
  const columns = known.map((column, n) => (!named && n === unknown ? "name" : column));
  return { first, headed, columns };
}

/**
 * People of a pasted list or a table: one a line, a name and then birth year, age or date, height, stronger side and what
 * they do, in any order or none; with a line of column names, by these.
 * @param today for ages
 * @param by how its columns are read; as they seem where it is left out
 */
export function readPeople(
  text: string,
  today: string,
  { headed, columns }: PeopleColumns = peopleColumns(text),
): Listed[] {
  const rows = cellsOf(text);
  return (headed ? rows.slice(1) : rows)
    .map((row) => (headed ? byColumns(row, columns, today) : byLooks(row, today)))
    .filter(({ name }) => name !== "")
    .slice(0, mostPeople);
}

/** A comma parts cells unless every one stands inside a number, as in 1,62 m; then nothing does. */
const comma = (lines: string): string => (/(?<!\d),|,(?!\d)/.test(lines) ? "," : "\t");

const columnOf = (cell: string): PeopleColumn =>
  (Object.keys(columnNames) as (keyof typeof columnNames)[]).find((name) =>
    columnNames[name].test(cell),
  ) ?? null;

const nobody = (): Listed => ({
  name: "",
  bornOn: null,
  dayKnown: false,
  statureCm: null,
  dominantSide: null,
  discipline: "",
});

function byColumns(
  row: readonly string[],
  columns: readonly PeopleColumn[],
  today: string,
): Listed {
  const person = nobody();
  row.forEach((cell, n) => {
    const column = columns[n];
    if (!column || cell === "") return;
    if (column === "name") person.name = cell.slice(0, 80);
    else if (column === "discipline") person.discipline = cell.slice(0, 120);
    else if (column === "bornOn") Object.assign(person, readBirth(cell, today) ?? {});
    else if (column === "statureCm") person.statureCm = readHeight(cell);
    else person.dominantSide = sideOf(cell);
  });
  return person;
}

/** A line without names of columns: what looks like a number of a kind is one, the first text is the name. */
function byLooks(row: readonly string[], today: string): Listed {
  const [first = "", ...rest] = row;
  const unnumbered = first.replace(/^\s*(\d{1,3}[.)]|[-*•])\s+/, "");
  const cells = rest.length > 0 ? [unnumbered, ...rest] : partsOf(unnumbered);
  const person = nobody();
  for (const cell of cells.filter(Boolean)) {
    const side = person.dominantSide === null ? sideOf(cell) : null;
    const birth = person.bornOn === null ? readBirth(cell, today) : null;
    const height = person.statureCm === null ? readHeight(cell) : null;
    if (side) person.dominantSide = side;
    else if (birth) Object.assign(person, birth);
    else if (height !== null) person.statureCm = height;
    else if (person.name === "") person.name = cell.slice(0, 80);
    else person.discipline = [person.discipline, cell].filter(Boolean).join(", ").slice(0, 120);
  }
  return person;
}

/** "Mirela Osei 2009 162 cm left" in parts: words run on until a number or a side ends them. */
function partsOf(line: string): string[] {
  const pattern =
    /\d{4}-\d{2}-\d{2}|\d{1,2}[./]\d{1,2}[./]\d{4}|\d'\s?\d{1,2}"?|\d+([.,]\d+)?\s?(cm|m|years?|yrs?|y)?(?![\p{L}\d])|(?<![\p{L}])(left|right)([ -]handed)?(?![\p{L}])/giu;
  const parts: string[] = [];
  let from = 0;
  for (const match of line.matchAll(pattern)) {
    parts.push(line.slice(from, match.index), match[0]);
    from = match.index + match[0].length;
  }
  parts.push(line.slice(from));
  return parts.map((part) => part.replace(/^[\s,–-]+|[\s,–-]+$/g, "")).filter(Boolean);
}

const sideOf = (cell: string): "left" | "right" | null => {
  const [, side] = /^(left|right|l|r)([ -]handed)?$/i.exec(cell) ?? [];
  return side ? (side[0]!.toLowerCase() === "l" ? "left" : "right") : null;
};
