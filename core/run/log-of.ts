import { shutFor } from "./shut";
import { membersNow } from "./members";
import { isShut } from "./shut";
import type { GroupMember, Log, LogItem, PrepItem, Run, SetDone } from "../records/records";
import type { Library } from "../content/library";
import { loadOf } from "../doses/load";
import { logItemOf } from "../doses/log-item";
import { runAt } from "./run";
import { bestTries, isCountedStep, workedIn, type RunEntry, type RunState } from "./state";

/** Done when nine tenths of the work was done; part when any was. */
function doneOf(entry: RunEntry): LogItem["done"] {
  if (entry.ended === "stopped") return "stopped";
  const sets = bestTries(entry);
  const worked = sets.reduce((sum, one) => sum + one.seconds, 0);
  const whole =
    sets.length > 0 && entry.ended === null && sets.every((one) => one.whole && one.reps !== null);
  if (whole || (entry.planned > 0 && worked >= 0.9 * entry.planned)) return "done";
  return worked >= 5 ? "part" : "skipped";
}

/** The sets of an entry as they are written down: halves of a second rounded, empty ones left out. */
function setsOf(entry: RunEntry): SetDone[] {
  return bestTries(entry).flatMap((one): SetDone[] => {
    const reps = one.reps === null ? null : isCountedStep(entry, one);
    return one.seconds < 1 && !reps
      ? []
      : [{ side: one.side, reps, seconds: Math.round(one.seconds) }];
  });
}

function itemOf(entry: RunEntry): LogItem {
  return {
    ...logItemOf(entry),
    done: doneOf(entry),
    seconds: Math.round(workedIn(entry)),
    sets: setsOf(entry),
    form: entry.form,
    pain: entry.pain?.level ?? 0,
    painPlace: entry.pain?.place ?? "",
    painAt: entry.pain?.where ?? null,
    painKind: entry.pain?.painKind ?? null,
    sharp: entry.pain?.sharp ?? false,
    looseAt: entry.looseAt,
    bySide: entry.looseBy.map((one) => ({ ...one, note: "" })),
    note: entry.seen.join("; "),
  };
}

const minutesOf = (items: readonly LogItem[]): number =>
  Math.round((items.reduce((sum, item) => sum + item.seconds, 0) / 60) * 10) / 10;

/** The weight and the band that were planned for a rung, where it is still the one that was done. */
const plannedLoad = (
  { prep }: Run,
  { itemId, drillId, rungId }: RunEntry,
): Pick<LogItem, "load" | "band" | "labels"> => {
  const same = (one: PrepItem) => one.drillId === drillId && one.rungId === rungId;
  const item = prep.items.find((one) => one.id === itemId && same(one)) ?? prep.items.find(same);
  const { kg, band } = loadOf(item?.why ?? []);
  return { load: kg, band, labels: item?.labels ?? [] };
};

/** The log of a run: what was done against what was planned, ready to be completed by hand. */
export function logOf(run: Run, library: Library, now: number, id: string): Log {
  const items = runAt(run, library, now).entries.map((entry) => ({
    ...itemOf(entry),
    ...plannedLoad(run, entry),
  }));
  return {
    kind: "log",
    id,
    athleteId: run.athleteId,
    prepId: run.prep.id,
    on: run.prep.on,
    minutes: minutesOf(items),
    items,
    note: "",
  };
}

/** Extra sets that went to the member's own side, where that is not the one of the others. */
function onOwnSide(
  sets: readonly SetDone[],
  item: PrepItem | undefined,
  share: "left" | "right" | undefined,
): SetDone[] {
  const extra = item?.extra;
  if (!extra || !share || share === extra.side) return [...sets];
  const named = sets.flatMap(({ side }, n) => (side === extra.side ? [n] : []));
  const moved = new Set(named.slice(-extra.sets));
  return sets.map((one, n) => (moved.has(n) ? { ...one, side: share } : one));
}

/** The log of somebody who ran along: the same times, at the member's own rungs, with the member's own pain. */
export function memberLog(
  run: Run,
  { athleteId }: Pick<GroupMember, "athleteId">,
  library: Library,
  now: number,
  id: string,
): Log {
  const state = runAt(run, library, now);
  const member = membersNow(run, state.items).find((one) => one.athleteId === athleteId)!;
  const shut = shutFor(state, member, library);
  const hurtAt = state.entries.findIndex(({ itemId }) =>
    state.others.some((one) => one.who === member.athleteId && one.itemId === itemId),
  );
  const items = state.entries.flatMap((entry, at): LogItem[] => {
    const part = member.parts.find(({ itemId }) => itemId === entry.itemId);
    if (part && part.rungId === null) return [];
    if (hurtAt >= 0 && at > hurtAt && isShut(entry, shut, library)) return [];
    const pain = painOf(state, member.athleteId, entry.itemId);
    const item = itemOf({ ...entry, form: null, seen: [], looseAt: null, looseBy: [], pain });
    return [
      {
        ...item,
        rungId: part?.rungId ?? item.rungId,
        sets: onOwnSide(
          item.sets,
          state.items.find(({ id: one }) => one === entry.itemId),
          part?.share,
        ),
        done: pain ? "stopped" : entry.ended === "stopped" && item.seconds > 0 ? "part" : item.done,
      },
    ];
  });
  return {
    kind: "log",
    id,
    athleteId: member.athleteId,
    prepId: null,
    on: run.prep.on,
    minutes: minutesOf(items),
    items,
    note: "",
    ...(run.hallId ? { hallId: run.hallId } : {}),
  };
}

const painOf = (state: RunState, who: string, itemId: string): RunEntry["pain"] =>
  state.others
    .filter((one) => one.who === who && one.itemId === itemId)
    .map(({ pain }) => pain)
    .sort((a, b) => b.level - a.level)[0] ?? null;
