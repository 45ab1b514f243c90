import { daysBetween, plusDays } from "#core/dates/days";
import { readyWeek, shifted, weekdayOf } from "#core/sample/shift";
import type { AnyRecord } from "#core/records/records";

/** What was asked for and not used yet, by day. */
const asked = new Map<string, Promise<AnyRecord[] | null>>();

/** The troupe of a day, asked for once. Null where there is none: while developing, in tests, without a network. */
function troupeOf(today: string): Promise<AnyRecord[] | null> {
  const known = asked.get(today);
  if (known) return known;
  const weekday = weekdayOf(today);
  const troupe = fetch(`/demo/${weekday}.json`)
    .then((answer) =>
      answer.ok && /json/.test(answer.headers.get("Content-Type") ?? "") ? answer.text() : null,
    )
    .catch(() => null)
    .then((text) =>
      text === null
        ? null
        : (JSON.parse(
            shifted(text, daysBetween(plusDays(readyWeek, weekday), today)),
          ) as AnyRecord[]),
    );
  asked.set(today, troupe);
  return troupe;
}

/** Asks for the troupe of a day before anybody needs it, and makes it ready. */
export const askForTroupe = (today: string): void => {
  troupeOf(today).catch(() => undefined);
};

/** The troupe as it lies ready with the application, moved to a day; null where none does. */
export async function troupeReady(today: string): Promise<AnyRecord[] | null> {
  const troupe = troupeOf(today);
  // Who takes it may change it: the next one gets their own.
  asked.delete(today);
  return troupe;
}
