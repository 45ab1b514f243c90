import { daysBetween, plusDays } from "#core/dates/days";
import { readyWeek, shifted, weekdayOf } from "#core/sample/shift";
import type { AnyRecord } from "#core/records/records";

const asked = new Map<number, Promise<string | null>>();

/** The file of a weekday, asked for once. Null where there is none: while developing, in tests, without a network. */
const fileOf = (weekday: number): Promise<string | null> => {
  const known = asked.get(weekday);
  if (known) return known;
  const file = fetch(`/demo/${weekday}.json`)
    .then((answer) =>
      answer.ok && /json/.test(answer.headers.get("Content-Type") ?? "") ? answer.text() : null,
    )
    .catch(() => null);
  asked.set(weekday, file);
  return file;
};

/** Asks for the troupe of a day before anybody needs it. */
export const askForTroupe = (today: string): void => void fileOf(weekdayOf(today));

/** The troupe as it lies ready with the application, moved to a day; null where none does. */
export async function troupeReady(today: string): Promise<AnyRecord[] | null> {
  const weekday = weekdayOf(today);
  const text = await fileOf(weekday);
  // What was read is read again only after a day; meanwhile it need not be kept.
  asked.delete(weekday);
  if (text === null) return null;
  return JSON.parse(shifted(text, daysBetween(plusDays(readyWeek, weekday), today))) as AnyRecord[];
}
