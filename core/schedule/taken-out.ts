import { mondayOf, type DayText } from "../dates/days";
import { sessionKinds, type Season, type Slot, type SlotKind } from "../records/training";

type Named = Pick<Slot, "on" | "kind" | "starts">;

const markOf = ({ on, kind, starts }: Named): Season["out"][number] => ({
  on,
  kind,
  starts: sessionKinds[kind].placed ? null : starts,
});

const same = (a: Season["out"][number], b: Season["out"][number]): boolean =>
  a.on === b.on && a.kind === b.kind && a.starts === b.starts;

/** Whether a session was taken out by hand. */
export const isOut = ({ out }: Pick<Season, "out">, slot: Named): boolean =>
  out.some((one) => same(one, markOf(slot)));

/** How many of a kind were taken out of a week, from a day on: the week is not filled up again. */
export const outOf = (
  { out }: Pick<Season, "out">,
  kind: SlotKind,
  monday: DayText,
  from: DayText,
): number =>
  out.filter((one) => one.kind === kind && one.on >= from && mondayOf(one.on) === monday).length;

/** The season without one of its sessions; the others stay where they are. Marks of days that are past are let go. */
export function withoutSlot(season: Season, slot: Slot, today: DayText): Season {
  return {
    ...season,
    slots: season.slots.filter(({ id }) => id !== slot.id),
    out: [
      ...season.out.filter((one) => one.on >= today && !same(one, markOf(slot))),
      ...(slot.kind === "check" ? [] : [markOf(slot)]),
    ],
  };
}

/** The season with a mark taken back: the next placing may put the session in again. */
export const putBack = (season: Season, mark: Season["out"][number]): Season => ({
  ...season,
  out: season.out.filter((one) => !same(one, mark)),
});
