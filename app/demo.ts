import { daysBetween, plusDays } from "#core/dates/days";
import { cameBack, withSent } from "#core/sample/came-back";
import { readyWeek, shifted, weekdayOf } from "#core/sample/shift";
import type { AnyRecord } from "#core/records/records";

/** The invented troupe, ending today: as it lies ready with the application, moved to today; else made on the spot. */
const troupeOf = async (today: string): Promise<AnyRecord[]> =>
  (await troupeReady(today)) ?? (await import("./demo-made")).troupeMade(today);

/** Null where the files are not: while developing, in tests, and without a network. */
async function troupeReady(today: string): Promise<AnyRecord[] | null> {
  const weekday = weekdayOf(today);
  try {
    const answer = await fetch(`/demo/${weekday}.json`);
    if (!answer.ok || !/json/.test(answer.headers.get("Content-Type") ?? "")) return null;
    const days = daysBetween(plusDays(readyWeek, weekday), today);
    return JSON.parse(shifted(await answer.text(), days)) as AnyRecord[];
  } catch {
    return null;
  }
}

/** The invented troupe, with what one of them has on her phone still to come back. */
export const lanternfield = async (today: string): Promise<AnyRecord[]> =>
  withSent(await troupeOf(today), today);

/** A file that one of them has sent back from her phone. */
export const returnedFile = async (today: string): Promise<File> =>
  new File([cameBack(await troupeOf(today), today)!], "noor.yearling", {
    type: "application/json",
  });
