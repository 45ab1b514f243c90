import { toFile } from "../exchange/file";
import { plusDays } from "../dates/days";
import { stamped } from "../records/stamp";
import type { AnyRecord, DayNote, RecordOf } from "../records/records";

/** Whose file is on its way, and what both sides wrote meanwhile without knowing of each other: heights, cm. */
const sent = { athleteId: "noor", before: 160, here: 161, there: 162 } as const;

const at = (day: string, time: string): number => Date.parse(`${day}T${time}:00Z`);

type Both = {
  athlete: RecordOf<"athlete">;
  here: RecordOf<"athlete">;
  there: RecordOf<"athlete">;
};

/** One athlete as she was sent to her phone, as she stands in the hall since, and on the phone. */
function bothOf(records: readonly AnyRecord[], today: string): Both | null {
  const found = records.find(({ kind, id }) => kind === "athlete" && id === sent.athleteId);
  if (found?.kind !== "athlete") return null;
  const hall = (day: string) => ({ ms: at(day, "09:00"), device: "hall" });
  const athlete = stamped(null, { ...found, statureCm: sent.before }, hall(plusDays(today, -6)));
  return {
    athlete,
    here: stamped(athlete, { ...athlete, statureCm: sent.here }, hall(plusDays(today, -3))),
    there: stamped(
      athlete,
      { ...athlete, statureCm: sent.there },
      { ms: at(plusDays(today, -1), "18:00"), device: "phone" },
    ),
  };
}

/** The troupe with one athlete's record as it stands since her file was sent. */
export function withSent(records: readonly AnyRecord[], today: string): AnyRecord[] {
  const both = bothOf(records, today);
  return records.map((record) =>
    both && record.kind === "athlete" && record.id === sent.athleteId ? both.here : record,
  );
}

/** The file as it comes back from her phone: yesterday's marks are new, her height differs. */
export function cameBack(records: readonly AnyRecord[], today: string): string | null {
  const both = bothOf(records, today);
  if (!both) return null;
  const on = plusDays(today, -1);
  const day: DayNote = {
    kind: "day",
    id: `day-${on}-phone`,
    athleteId: sent.athleteId,
    on,
    sleep: 2,
    energy: 3,
    soreness: 1,
    sore: [],
  };
  const phone = { ms: at(on, "18:00"), device: "phone" };
  const file = toFile([both.there, stamped(null, day, phone)], `${on}T18:05:00.000Z`, [], {
    athleteId: sent.athleteId,
    by: both.there.name,
    device: "phone",
    back: true,
  });
  return JSON.stringify(file);
}
