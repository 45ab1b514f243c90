import * as z from "zod";
import { DayNote } from "#core/records/records";
import { change, presentNotebook } from "../store/open";

/** What can be marked of a day; what is not sent stays. */
const Sent = z.object({
  on: DayNote.shape.on,
  sleep: DayNote.shape.sleep.optional(),
  energy: DayNote.shape.energy.optional(),
  soreness: DayNote.shape.soreness.optional(),
  sore: DayNote.shape.sore.optional(),
});

/** Marks a day, in the one note that it has. A note that says nothing any more goes. */
export async function markDay(athleteId: string, sent: unknown): Promise<null> {
  const { on, ...marks } = Sent.parse(sent);
  const known = presentNotebook()
    ?.notebook.all("day")
    .find((day) => day.athleteId === athleteId && day.on === on);
  const said = Object.fromEntries(Object.entries(marks).filter(([, value]) => value !== undefined));
  const day: DayNote = {
    kind: "day",
    id: known?.id ?? `day-${on}-${athleteId}`.slice(0, 80),
    athleteId,
    on,
    sleep: known?.sleep ?? null,
    energy: known?.energy ?? null,
    soreness: known?.soreness ?? null,
    sore: known?.sore ?? [],
    ...said,
  };
  const empty = day.sleep === null && day.energy === null && day.soreness === null;
  if (empty) await change("clear the day’s marks", [], known ? [`day/${known.id}`] : []);
  else await change("mark the day", [day]);
  return null;
}
