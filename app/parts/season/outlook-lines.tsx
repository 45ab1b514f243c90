import { useMemo } from "react";
import type { DemandGap } from "#core/aim/gap";
import type { Side } from "#core/body/side";
import { angleUnit } from "#core/measure/value";
import type { Protocol } from "#core/measure/protocol";
import { daysBetween } from "#core/season/days";
import { chanceAt, learn, outlookAt } from "#core/season/forecast";
import type { HistoryLine } from "#core/season/history";
import { motionRecord } from "#core/season/motion-record";
import type { AthleteView } from "../../view";
import { notch, shortDay } from "../words";

/** The dose of the last weeks is what is taken to go on. */
const lately = 4;

type Look = {
  side: Side;
  checks: number;
  median: number;
  low: number;
  high: number;
  chance: number;
  minutes: number;
};

/** What is believed of a motion by the aim's day, if the dose of the last four weeks goes on. */
function lookAhead(
  view: AthleteView,
  gap: DemandGap,
  protocol: Protocol,
  side: Side,
  by: string,
): Look | null {
  const { athlete, checks, logs, library, day: on } = view;
  const record = motionRecord({
    athlete,
    checks,
    logs,
    library,
    protocol,
    motion: gap.demand.motion,
    side,
    on,
    mode: gap.demand.mode,
  });
  if (!record) return null;
  const last = record.doses.slice(-lately);
  const usual = last.reduce((sum, dose) => sum + dose, 0) / Math.max(1, last.length);
  const week = daysBetween(record.start, by) / 7;
  const ahead = Math.max(0, Math.ceil(week) - record.doses.length);
  const doses = [...record.doses, ...Array<number>(ahead).fill(usual)];
  const belief = learn(record.seen, record.doses);
  const { median, low, high } = outlookAt(belief, week, doses);
  return {
    side,
    checks: record.seen.length,
    median,
    low,
    high,
    chance: chanceAt(belief, gap.need, week, doses),
    minutes: usual / 60,
  };
}

/** A chance in words that claim no more than is known. */
function inWords(chance: number): string {
  if (chance < 0.05) return "hardly enough by then";
  if (chance > 0.95) return "very likely enough by then";
  return `enough in ${Math.round(chance * 10)} of 10 such cases`;
}

/** Where a motion stands by the aim's day: the middle, the 80 % interval and the chance of the demand; never a bare number. */
export function OutlookLines({
  view,
  gap,
  protocol,
  lines,
}: {
  view: AthleteView;
  gap: DemandGap;
  protocol: Protocol;
  lines: readonly Pick<HistoryLine, "side">[];
}) {
  const by = view.aim?.by ?? null;
  const looks = useMemo(
    () =>
      by && by > view.day
        ? lines.flatMap(({ side }) => lookAhead(view, gap, protocol, side, by) ?? [])
        : [],
    [view, gap, protocol, lines, by],
  );
  if (!by || looks.length === 0) return null;
  const unit = angleUnit(protocol);
  return (
    <ul className="mt-1 text-sm" aria-label={`${protocol.name} by ${shortDay(by)}`}>
      {looks.map(({ side, checks, median, low, high, chance, minutes }) => (
        <li key={side}>
          {notch[side]} By {shortDay(by)}, at {minutes.toFixed(0)} min a week:{" "}
          <b className="figures">
            {low.toFixed(0)}–{high.toFixed(0)}
            {unit}
          </b>{" "}
          (80 %), middle {median.toFixed(0)}
          {unit}; {inWords(chance)}
          {checks < 3
            ? `. ${checks === 1 ? "One check" : "Two checks"}: little is known yet.`
            : "."}
        </li>
      ))}
    </ul>
  );
}
