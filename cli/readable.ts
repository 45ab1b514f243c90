import { clock } from "#core/drill/dose";
import { againstWords, becauseLine, noteWords } from "#words/prep";
import type {
  checkAnswer,
  forecastAnswerOf,
  gapAnswer,
  planAnswer,
  seasonAnswer,
  validateAnswer,
} from "./answers";
import { motionName } from "./answers";
import { tableOf } from "./table";

const figure = (value: number | null | undefined, digits = 1): number | null =>
  value === null || value === undefined ? null : Number(value.toFixed(digits));
const percent = (share: number | null): string | null =>
  share === null ? null : `${Math.round(share * 100)} %`;

export const validateText = ({
  version,
  savedAt,
  counts,
  aside,
}: ReturnType<typeof validateAnswer>): string =>
  [
    version === null ? "A situation." : `A notebook of version ${version}, saved ${savedAt}.`,
    ...Object.entries(counts).map(([kind, count]) => `${String(count).padStart(6)}  ${kind}`),
    ...(aside > 0 ? [`${aside} could not be read where it was saved.`] : []),
  ].join("\n");

export const checkText = ({ checks, round }: ReturnType<typeof checkAnswer>): string =>
  [
    tableOf(
      checks.map(({ on, protocol, side, mode, value, error, unit, degrees, change, pain }) => ({
        on,
        protocol,
        side,
        mode,
        value: figure(value),
        "±": figure(error),
        unit,
        degrees: figure(degrees),
        change: change
          ? `${change.by > 0 ? "+" : ""}${change.by.toFixed(1)}${change.real ? ", real" : ""}`
          : null,
        pain,
      })),
    ),
    "",
    `Due: ${round.map(({ protocol }) => protocol).join(", ") || "nothing"}`,
  ].join("\n");

export const gapText = ({ headline, demands }: ReturnType<typeof gapAnswer>): string =>
  [
    headline,
    "",
    tableOf(
      demands.flatMap(({ motion, mode, need, sides }) =>
        sides
          .filter(({ asked }) => asked)
          .map(({ side, have, error, margin, probability, verdict }) => ({
            motion: motionName(motion),
            mode,
            side,
            need,
            have: figure(have),
            "±": figure(error),
            margin: figure(margin),
            "is there": percent(probability),
            verdict,
          })),
      ),
    ),
  ].join("\n");

export const planText = ({
  seconds,
  minutes,
  note,
  items,
  leftOut,
}: Awaited<ReturnType<typeof planAnswer>>): string =>
  [
    `${clock(seconds)} of ${clock(Math.round(minutes * 60))}.${note ? ` ${noteWords(note)}` : ""}`,
    "",
    tableOf(
      items.map(({ start, seconds: long, phase, name, rungName, sides, doseText, reasons }) => ({
        at: start === null ? null : clock(start),
        for: clock(long),
        phase,
        drill: name,
        level: rungName,
        sides: sides.join(", ") || null,
        dose: doseText,
        why: becauseLine(reasons),
      })),
    ),
    "",
    `Left out (${leftOut.length}):`,
    tableOf(leftOut.map(({ drill, reason }) => ({ drill, why: againstWords(reason) }))),
  ].join("\n");

export const forecastText = ({
  date,
  demands,
  unmeasured,
}: ReturnType<typeof forecastAnswerOf>): string =>
  [
    date
      ? `By the date: ${percent(date.chance)} for all together, ${percent(date.most)} for what holds it back.`
      : "Nothing is measured that a forecast could begin with.",
    ...(unmeasured.length > 0
      ? [`Not measured, and not reckoned with: ${unmeasured.map(motionName).join(", ")}.`]
      : []),
    "",
    tableOf(
      demands.map(({ motion, side, need, checks, onDate, chance, secondsAWeek }) => ({
        motion: motionName(motion),
        side,
        need,
        "on the date": `${onDate.low.toFixed(0)}–${onDate.high.toFixed(0)}°`,
        likely: percent(chance),
        "s a week": Math.round(secondsAWeek),
        checks,
      })),
    ),
  ].join("\n");

export const seasonText = ({ since, weeks, slots }: ReturnType<typeof seasonAnswer>): string =>
  [
    `${weeks} weeks from ${since}.`,
    "",
    tableOf(
      slots.map(({ on, starts, minutes, kind, place }) => ({ on, starts, minutes, kind, place })),
    ),
  ].join("\n");
