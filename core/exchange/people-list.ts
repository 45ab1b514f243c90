import { isValid, parse } from "date-fns";
import Papa from "papaparse";
import { ageOn } from "../records/athlete";

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
/** Ages that are believed, and heights, cm. */
const ages = { least: 3, most: 95 } as const;
const heights = { least: 80, most: 230 } as const;

const columnNames: Record<Exclude<keyof Listed, "dayKnown">, RegExp> = {
  name: /^(name|athlete|student|dancer|gymnast|who)$/i,
  bornOn: /^(born|birth|born on|birth ?year|birth ?day|date of birth|year|dob|age)$/i,
  statureCm: /^(height|stature|cm)\b/i,
  dominantSide: /^(side|hand|dominant|stronger)\b/i,
  discipline: /^(discipline|what they do|sport|level|does)$/i,
};

/**
 * People of a pasted list or a table: one a line, a name and then birth year, age or date, height, stronger side and what
 * they do, in any order or none; with a line of column names, by these. Cells are parted by tab, semicolon or comma.
 * @param today for ages
 */
export function readPeople(text: string, today: string): Listed[] {
  const lines = text.replace(/^\uFEFF/, "").trim();
  if (lines === "") return [];
  const delimiter = lines.includes("\t") ? "\t" : lines.includes(";") ? ";" : comma(lines);
  const rows = Papa.parse<string[]>(lines, { delimiter, skipEmptyLines: "greedy" })
    .data.slice(0, mostPeople + 1)
    .map((row) => row.map((cell) => cell.trim()));
  const columns = rows[0]?.map(columnOf) ?? [];
  const headed = columns.includes("name");
  return (headed ? rows.slice(1) : rows)
    .map((row) => (headed ? byColumns(row, columns, today) : byLooks(row, today)))
    .filter(({ name }) => name !== "")
    .slice(0, mostPeople);
}

/** A comma parts cells unless every one stands inside a number, as in 1,62 m; then nothing does. */
const comma = (lines: string): string => (/(?<!\d),|,(?!\d)/.test(lines) ? "," : "\t");

type Column = keyof typeof columnNames | null;

const columnOf = (cell: string): Column =>
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

function byColumns(row: readonly string[], columns: readonly Column[], today: string): Listed {
  const person = nobody();
  row.forEach((cell, n) => {
    const column = columns[n];
    if (!column || cell === "") return;
    if (column === "name") person.name = cell.slice(0, 80);
    else if (column === "discipline") person.discipline = cell.slice(0, 120);
    else if (column === "bornOn") Object.assign(person, birthOf(cell, today) ?? {});
    else if (column === "statureCm") person.statureCm = heightOf(cell, true);
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
    const birth = person.bornOn === null ? birthOf(cell, today) : null;
    const height = person.statureCm === null ? heightOf(cell, false) : null;
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

/** A day, a year or an age; null for anything else. */
function birthOf(cell: string, today: string): Pick<Listed, "bornOn" | "dayKnown"> | null {
  const day = ["yyyy-MM-dd", "d.M.yyyy", "d/M/yyyy"]
    .map((form) => (/^\d[\d./-]{7,9}$/.test(cell) ? parse(cell, form, new Date(0)) : null))
    .find((date) => date !== null && isValid(date));
  if (day) {
    const two = (value: number) => String(value).padStart(2, "0");
    const bornOn = `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
    const age = ageOn({ bornOn }, today);
    return age >= ages.least && age <= ages.most ? { bornOn, dayKnown: true } : null;
  }
  const thisYear = Number(today.slice(0, 4));
  const [, number] = /^(\d{1,4})\s?(years?|yrs?|y)?$/i.exec(cell) ?? [];
  if (!number) return null;
  const value = Number(number);
  const year = number.length === 4 ? value : thisYear - value;
  const age = thisYear - year;
  if (age < ages.least || age > Math.min(ages.most, number.length === 4 ? ages.most : 79))
    return null;
  return { bornOn: number.length === 4 ? `${year}-12-31` : agedOn(value, today), dayKnown: false };
}

/** The latest day of birth of somebody of an age. */
const agedOn = (age: number, today: string): string =>
  `${Number(today.slice(0, 4)) - age}${today.slice(4) === "-02-29" ? "-02-28" : today.slice(4)}`;

/** A height in cm, from cm, m, or feet and inches; a bare number only where it can be nothing else. */
function heightOf(cell: string, named: boolean): number | null {
  const [, feet, inches] = /^(\d)'\s?(\d{1,2})"?$/.exec(cell) ?? [];
  const [, number, unit] = /^(\d{1,3}(?:[.,]\d{1,2})?)\s?(cm|m)?$/i.exec(cell) ?? [];
  const value = Number((number ?? "").replace(",", "."));
  const cm = feet
    ? 2.54 * (12 * Number(feet) + Number(inches))
    : number === undefined
      ? NaN
      : unit?.toLowerCase() === "m" || (!unit && value < 3)
        ? 100 * value
        : value;
  if (!(cm >= heights.least && cm <= heights.most)) return null;
  return named || feet || unit || number ? Math.round(cm * 10) / 10 : null;
}
