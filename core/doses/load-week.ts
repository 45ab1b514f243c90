import { drillOf, type Library } from "../content/library";
import { mondayOf, plusDays } from "../dates/days";
import type { BandStrength } from "../drill/band";
import { timesOf } from "../drill/drill";
import { loadOf } from "./load";
import type { Log, LogItem, Prep, PrepItem } from "../records/records";
import { workKind } from "./ledger";
import { amountOf } from "./log-item";

/** So much of a loaded drill. `volume` is weight × sets × repetitions, both sides, kg; null where no weight was said. */
export type LoadFigures = {
  sets: number;
  reps: number;
  kg: number | null;
  band: BandStrength | null;
  volume: number | null;
};

/** A loaded drill on a day: what leads up to the work, or the work; as it was planned, and as it was done. */
export type LoadRow = {
  on: string;
  part: "warm-up" | "work";
  drillId: string;
  rungId: string;
  planned: LoadFigures | null;
  done: LoadFigures | null;
};

type Known = { preps: readonly Prep[]; logs: readonly Log[]; library: Library };

const figures = (
  sets: number,
  reps: number,
  sides: number,
  { kg, band }: Pick<LoadFigures, "kg" | "band">,
): LoadFigures => ({ sets, reps, kg, band, volume: kg === null ? null : kg * sets * reps * sides });

const plannedOf = (item: PrepItem, sides: number): LoadFigures | null =>
  item.dose.type === "reps"
    ? figures(item.dose.sets, item.dose.reps, sides, loadOf(item.why))
    : null;

function doneOf(item: LogItem, sides: number): LoadFigures | null {
  const amount = item.done === "skipped" ? null : amountOf(item);
  return amount?.unit === "reps"
    ? figures(amount.sets, amount.each, sides, { kg: item.load, band: item.band })
    : null;
}

/** What leads up to the work stands before training or in the ramp; the rest is the work. */
const partOf = (item: PrepItem | undefined, prep: Prep | undefined): LoadRow["part"] =>
  item?.segment === "ramp" || (item?.segment !== "work sets" && prep?.session === "warm-up")
    ? "warm-up"
    : "work";

const isLoaded = (
  { library }: Pick<Known, "library">,
  { drillId, rungId }: { drillId: string; rungId: string },
  load: Pick<LoadFigures, "kg" | "band">,
): boolean => {
  const drill = drillOf(library, drillId);
  return (
    drill !== undefined &&
    (load.kg !== null || load.band !== null || workKind(drill, rungId) === "loaded")
  );
};

/**
 * The loaded work of a week, day by day and in its order: warm-up and work, planned against done. What was done without
 * a plan stands with nothing planned; what is still to come with nothing done.
 * @param monday any day of the week
 */
export function loadWeek(monday: string, known: Known): LoadRow[] {
  const from = mondayOf(monday);
  const to = plusDays(from, 6);
  const inWeek = ({ on }: { on: string }) => on >= from && on <= to;
  const logged = new Set(known.logs.flatMap(({ prepId }) => (prepId ? [prepId] : [])));
  const rows = [
    ...known.logs.filter(inWeek).flatMap((log) => rowsOfLog(log, known)),
    ...known.preps
      .filter((prep) => inWeek(prep) && !logged.has(prep.id) && prep.own === "")
      .flatMap((prep) => rowsOfPrep(prep, known)),
  ];
  return rows.sort((a, b) => a.on.localeCompare(b.on));
}

function rowsOfPrep(prep: Prep, known: Known): LoadRow[] {
  return prep.items
    .filter((item) => isLoaded(known, item, loadOf(item.why)))
    .map(({ ...item }) => ({
      on: prep.on,
      part: partOf(item, prep),
      drillId: item.drillId,
      rungId: item.rungId,
      planned: plannedOf(item, sidesOf(known, item)),
      done: null,
    }))
    .filter(({ planned }) => planned !== null);
}

function rowsOfLog(log: Log, known: Known): LoadRow[] {
  const prep = known.preps.find(({ id }) => id === log.prepId);
  const left = [...(prep?.items ?? [])];
  return log.items.flatMap((item): LoadRow[] => {
    const at = left.findIndex(
      ({ drillId, rungId }) => drillId === item.drillId && rungId === item.rungId,
    );
    const [planned] = at < 0 ? [] : left.splice(at, 1);
    if (!isLoaded(known, item, { kg: item.load, band: item.band })) return [];
    const sides = sidesOf(known, item);
    const row: LoadRow = {
      on: log.on,
      part: partOf(planned, prep),
      drillId: item.drillId,
      rungId: item.rungId,
      planned: planned ? plannedOf(planned, sides) : null,
      done: doneOf(item, sides),
    };
    return row.planned || row.done ? [row] : [];
  });
}

const sidesOf = ({ library }: Known, { drillId, rungId }: { drillId: string; rungId: string }) => {
  const drill = drillOf(library, drillId);
  return drill ? timesOf(drill, rungId) : 1;
};

/** What was lifted of a drill in a week, kg: weight × sets × repetitions; of work alone, and of all of it. */
export type LoadVolume = { monday: string; drillId: string; work: number; all: number };

/** Volume by week and drill, the latest week first. Weeks and drills without a weight are not in it. */
export function loadVolumes(known: Known, from: string, to: string): LoadVolume[] {
  const found: LoadVolume[] = [];
  for (let monday = mondayOf(to); monday >= mondayOf(from); monday = plusDays(monday, -7)) {
    const sums = new Map<string, LoadVolume>();
    for (const { drillId, part, done } of loadWeek(monday, known)) {
      if (!done?.volume) continue;
      const sum = sums.get(drillId) ?? { monday, drillId, work: 0, all: 0 };
      sum.all += done.volume;
      if (part === "work") sum.work += done.volume;
      sums.set(drillId, sum);
    }
    found.push(...sums.values());
  }
  return found;
}
