import { placeOf } from "../records/places";
import { tableText } from "../exchange/table-text";
import { motionOf } from "../body/motions";
import type { Log } from "../records/records";
import { skillOf, type Library } from "../content/library";
import { weekDoses, workKinds } from "../doses/ledger";
import { plusDays, type DayText } from "../dates/days";
import type { ForecastAnswer } from "../forecast/forecast-answer";
import type { AskedDemand } from "../forecast/forecast-questions";
import { weekTerms, type SeasonAround } from "../schedule/block";
import { trainingsOn } from "../schedule/block";
import { mondayOf } from "../dates/days";
import type { Aim } from "../records/records";
import type { SlotKind } from "../records/training";

/**
 * The plan as a table, one row a session: day, time, what, minutes, place, the joint and aim it is for, the emphasis
 * of its week, whether it was put there by hand, and what became of it.
 * @param outcomes by slot, in words; nothing where it lies ahead
 * @param names what each kind of slot is called
 */
export function planCsv(
  around: SeasonAround,
  {
    aims,
    places,
    library,
    outcomes,
    names,
  }: {
    aims: readonly Aim[];
    places: readonly { id: string; name: string }[];
    library: Library;
    outcomes: ReadonlyMap<string, string>;
    names: Record<SlotKind, string>;
  },
): string {
  const { season } = around;
  const rows = season.slots.map((slot) => {
    const aim = aims.find(({ id }) => id === slot.aimId);
    const terms = weekTerms(around, mondayOf(slot.on));
    return {
      date: slot.on,
      starts: slot.starts,
      what: names[slot.kind],
      minutes: slot.minutes,
      place: placeOf(places, slot.placeId)?.name ?? "",
      joint: slot.focus ?? "",
      aim: aim ? (skillOf(library, aim.skillId)?.name ?? aim.skillId) : "",
      week: terms.index === null ? "" : terms.index + 1,
      emphasis: terms.emphasis,
      lighter: terms.lighter ? "yes" : "",
      training: trainingsOn(season, slot.on)
        .map(({ kind }) => kind)
        .join(" + "),
      by_hand: slot.pinned ? "yes" : "",
      moved_from: slot.movedFrom ?? "",
      outcome: outcomes.get(slot.id) ?? "",
    };
  });
  return tableText(rows, [
    "date",
    "starts",
    "what",
    "minutes",
    "place",
    "joint",
    "aim",
    "week",
    "emphasis",
    "lighter",
    "training",
    "by_hand",
    "moved_from",
    "outcome",
  ]);
}

/** The doses as a table, one row a motion and week: seconds by kind of work, both sides together. */
export function dosesCsv(
  logs: readonly Log[],
  library: Library,
  from: DayText,
  to: DayText,
): string {
  const rows = [...weekDoses(logs, library, from, to)].flatMap(([motion, weeks]) =>
    weeks
      .filter((week) => workKinds.some((kind) => week[kind] > 0))
      .map((week) => ({
        week: week.monday,
        motion: motionOf(motion).name,
        ...Object.fromEntries(workKinds.map((kind) => [`${kind}_s`, Math.round(week[kind])])),
      })),
  );
  return tableText(
    rows.sort((a, b) => a.week.localeCompare(b.week) || a.motion.localeCompare(b.motion)),
    ["week", "motion", ...workKinds.map((kind) => `${kind}_s`)],
  );
}

/** The forecasts as a table, one row a demand, side and week: middle, 80 % interval, need and chance. */
export function forecastsCsv(
  questions: readonly AskedDemand[],
  answers: ReadonlyMap<string, ForecastAnswer>,
): string {
  const rows = questions.flatMap((question) => {
    const answer = answers.get(question.key);
    if (!answer) return [];
    return answer.fan.map(({ week, median, low, high }) => ({
      date: plusDays(question.start, Math.round(7 * week)),
      motion: motionOf(question.motion).name,
      side: question.side,
      mode: question.gap.demand.mode,
      need: question.need,
      middle: median.toFixed(1),
      low_80: low.toFixed(1),
      high_80: high.toFixed(1),
      chance: Number.isInteger(week) ? (answer.chances[week - answer.first]?.toFixed(3) ?? "") : "",
      checks: answer.checks,
    }));
  });
  return tableText(rows, [
    "date",
    "motion",
    "side",
    "mode",
    "need",
    "middle",
    "low_80",
    "high_80",
    "chance",
    "checks",
  ]);
}
