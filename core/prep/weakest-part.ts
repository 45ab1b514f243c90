import type { MotionId } from "../body/motions";
import { drillOf, type Drills } from "../content/library";
import { plusDays } from "../dates/days";
import type { LeftRight } from "../body/side";
import { setsOf } from "../drill/dose";
import { doseAt } from "./timeline";
import type { Log, LogItem, PrepItem, SetDone } from "../records/records";

/** How much of each part was done last time, and which of them fell behind the others. */
export type WeakestPart = { on: string; label: string; done: number; best: number };

/** A part is behind from here on, as a share of the best. */
const behind = 0.9;

const amountOf = ({ reps, seconds }: SetDone): number => reps ?? seconds;

/** What was done of each part, the weaker side where there are two; parts that no set was written for are not in it. */
export function partsDone({ labels, sets }: Pick<LogItem, "labels" | "sets">): Map<string, number> {
  const found = new Map<string, number>();
  const at = new Map<LeftRight | null, number>();
  for (const set of sets) {
    const n = at.get(set.side) ?? 0;
    at.set(set.side, n + 1);
    const label = labels[n];
    if (!label) continue;
    const known = found.get(label);
    found.set(label, known === undefined ? amountOf(set) : Math.min(known, amountOf(set)));
  }
  return found;
}

/** The part of a drill that was weakest when it was last done in these parts; null where none fell behind, or none was told apart. */
export function weakestPart(
  logs: readonly Log[],
  drillId: string,
  labels: readonly string[],
  on: string,
): WeakestPart | null {
  if (labels.length < 2) return null;
  const last = logs
    .filter((log) => log.on < on)
    .sort((a, b) => b.on.localeCompare(a.on))
    .flatMap((log) => log.items.map((item) => ({ on: log.on, item })))
    .find(
      ({ item }) =>
        item.drillId === drillId &&
        item.done !== "skipped" &&
        labels.every((label) => item.labels.includes(label)),
    );
  if (!last) return null;
  const done = [...partsDone(last.item)].filter(([label]) => labels.includes(label));
  if (done.length < 2) return null;
  const best = Math.max(...done.map(([, amount]) => amount));
  const [label, least] = done.reduce((a, b) => (b[1] < a[1] ? b : a));
  return least < behind * best ? { on: last.on, label, done: least, best } : null;
}

/** Positions behind the others in the last four weeks, by drill, with the motions that it mainly serves. */
export function weakParts(
  logs: readonly Log[],
  library: Drills,
  on: string,
): { drillId: string; label: string; motions: MotionId[] }[] {
  const from = plusDays(on, -lookBack);
  const recent = logs.filter((log) => log.on >= from && log.on < on);
  const parted = new Map(
    recent.flatMap((log) =>
      log.items.flatMap(({ drillId, labels }) =>
        labels.length > 1 ? [[drillId, [...new Set(labels)]] as const] : [],
      ),
    ),
  );
  return [...parted].flatMap(([drillId, labels]) => {
    const weakest = weakestPart(recent, drillId, labels, on);
    const main = drillOf(library, drillId)?.serves[0];
    return weakest && main ? [{ drillId, label: weakest.label, motions: [main.motion] }] : [];
  });
}

const lookBack = 28;
const mostParts = 12;

/** A drill in parts with its weakest once more, at the end. As it is where it is there already. */
export function withWeakest(item: PrepItem, weakest: Pick<WeakestPart, "label">): PrepItem {
  const { dose, labels } = item;
  const at = labels.indexOf(weakest.label);
  const sets = setsOf(dose);
  if (dose.type === "contract-relax" || at < 0 || labels.length >= mostParts) return item;
  if (labels.lastIndexOf(weakest.label) !== at) return item;
  const amounts = Array.from({ length: sets }, (_, n) => {
    const one = doseAt(item, n + 1);
    return one.type === "reps" ? one.reps : one.type === "contract-relax" ? 0 : one.seconds;
  });
  return {
    ...item,
    dose: { ...dose, sets: sets + 1 },
    labels: [...labels, weakest.label],
    amounts: item.amounts.length > 0 ? [...amounts, amounts[at]!] : [],
  };
}
