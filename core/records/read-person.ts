import { isValid, parse } from "date-fns";
import { usualHeight } from "../body/usual-height";
import { ageOn, type Athlete } from "./athlete";

/** Ages that are believed. */
const ages = { least: 3, most: 95 } as const;

const dayForms = ["yyyy-MM-dd", "d.M.yyyy", "d/M/yyyy", "d MMMM yyyy", "d MMM yyyy"];

/** A day of birth; of a year or an age alone the latest that it can be: nobody is taken for older than they are. */
export type Birth = { bornOn: string; dayKnown: boolean };

/**
 * A day, a year or an age as people type it: "2009", "2009-05-03", "3.5.2009", "3 May 2009", "14", "14 years".
 * @param today for ages
 * @returns null for anything else, and for nobody between 3 and 95
 */
export function readBirth(text: string, today: string): Birth | null {
  const cell = text.trim();
  const day = dayForms
    .map((form) => (cell.length > 4 ? parse(cell, form, new Date(0)) : null))
    .find((date) => date !== null && isValid(date) && date.getFullYear() > 1000);
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

/** What is kept of a birth and a height as they were said; a height that nobody said is the usual one of the age. */
export const asSaid = (
  { bornOn, dayKnown }: Birth,
  height: number | null,
  today: string,
): Pick<Athlete, "bornOn" | "statureCm" | "assumed"> => ({
  bornOn,
  statureCm: height ?? usualHeight(ageOn({ bornOn }, today)),
  assumed: [
    ...(height === null ? (["height"] as const) : []),
    ...(dayKnown ? [] : (["birthday"] as const)),
  ],
});
