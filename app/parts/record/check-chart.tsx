import { decimal } from "#words/locale";
import { memo } from "react";
import { parseISO } from "date-fns";
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import type { Side } from "#core/body/side";
import type { HistoryLine } from "#core/forecast/history";
import { notchPath } from "../margin-mark/geometry";
import { longDay } from "#words/days";
import { ChartFrame, type ChartTable } from "../chart-frame";
import { dayAxis, needRule, readingAxis, readingTip } from "../chart-look";

type Row = { time: number; prep?: number; note?: number } & Partial<Record<Side, number>> &
  Partial<Record<`${Side}Band`, [number, number]>>;

type Dot = {
  cx?: number;
  cy?: number | null;
  index?: number;
  value?: unknown;
  payload?: { time: number };
};

/** A remark on the chart, by its number, and the day it was made. */
export type ChartNote = { on: string; text: string };

/** The lines of a chart as rows by day, with the error as a band; preps and notes lie along the foot. */
function rowsOf(
  lines: readonly HistoryLine[],
  foot: number,
  preps: readonly string[],
  notes: readonly ChartNote[],
): Row[] {
  const rows = new Map<number, Row>();
  for (const { side, points } of lines)
    for (const { on, degrees, se } of points) {
      const time = parseISO(on).getTime();
      const row = rows.get(time) ?? { time };
      row[side] = Math.round(degrees * 10) / 10;
      row[`${side}Band`] = [degrees - se, degrees + se];
      rows.set(time, row);
    }
  const beneath = (on: string, key: "prep" | "note", value: number) => {
    const time = parseISO(on).getTime();
    rows.set(time, { ...(rows.get(time) ?? { time }), [key]: value });
  };
  preps.forEach((on) => beneath(on, "prep", foot));
  notes.forEach(({ on }) => beneath(on, "note", foot));
  return [...rows.values()].sort((a, b) => a.time - b.time);
}

/** The same as rows: the day, the side, the value with its error, and what is needed. */
const tableOf = (lines: readonly HistoryLine[], need: number | null, unit: string): ChartTable => ({
  head: ["Day", "Side", "Value", "Error", ...(need === null ? [] : ["Needed"])],
  rows: lines
    .flatMap(({ side, points }) => points.map((point) => ({ side, ...point })))
    .sort((a, b) => b.on.localeCompare(a.on))
    .map(({ side, on, degrees, se }) => [
      longDay(on),
      sideWords[side],
      `${decimal(degrees, 1)}${unit}`,
      `± ${decimal(se, 1)}${unit}`,
      ...(need === null ? [] : [`${need}${unit}`]),
    ]),
});
const sideWords: Record<Side, string> = { left: "left", right: "right", mid: "middle" };

const none: readonly never[] = [];

const stroke: Record<Side, { colour: string; dash: string }> = {
  left: { colour: "var(--spruce)", dash: "0" },
  right: { colour: "var(--ink)", dash: "5 4" },
  mid: { colour: "var(--ink)", dash: "0" },
};
const sideText: Record<Side, string> = { left: "◂ left", right: "▸ right", mid: "middle" };

/**
 * One motion over the weeks: the notches are the checks, the band their error, the rule the demand; along the foot
 * the days of preps as strokes and notes by their number.
 */
export const CheckChart = memo(function CheckChart({
  name,
  lines,
  need,
  from,
  to,
  unit = "°",
  preps = none,
  notes = none,
  height = 190,
}: {
  /** What is charted. */
  name: string;
  lines: readonly HistoryLine[];
  need: number | null;
  from: string;
  to: string;
  unit?: string;
  preps?: readonly string[];
  notes?: readonly ChartNote[];
  height?: number;
}) {
  const values = lines.flatMap(({ points }) =>
    points.flatMap(({ degrees, se }) => [degrees - se, degrees + se]),
  );
  const readings = readingAxis(need === null ? values : [...values, need], 4, unit);
  const rows = rowsOf(lines, readings.domain[0], preps, notes);
  return (
    <ChartFrame name={name} table={() => tableOf(lines, need, unit)}>
      <ResponsiveContainer width="100%" height={height}>
        <ComposedChart
          data={rows}
          margin={{ top: 6, right: 70, bottom: 0, left: -18 }}
          accessibilityLayer
        >
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            {...dayAxis}
            domain={[parseISO(from).getTime(), parseISO(to).getTime()]}
            tickCount={7}
          />
          <YAxis {...readings} />
          <Tooltip {...readingTip(unit)} />
          {need !== null ? <ReferenceLine {...needRule(need, unit)} /> : null}
          {lines.map(({ side }) => (
            <Area
              key={`${side}-band`}
              dataKey={`${side}Band`}
              stroke="none"
              fill={stroke[side].colour}
              fillOpacity={0.13}
              connectNulls
              isAnimationActive={false}
              activeDot={false}
              tooltipType="none"
            />
          ))}
          <Line
            dataKey="prep"
            stroke="none"
            isAnimationActive={false}
            activeDot={false}
            tooltipType="none"
            dot={({ cx = 0, cy = 0, index, value }: Dot) =>
              value === undefined ? (
                <g key={index} />
              ) : (
                <path key={index} d={`M${cx} ${cy}v-7`} stroke="var(--hair)" strokeWidth="2" />
              )
            }
          />
          <Line
            dataKey="note"
            stroke="none"
            isAnimationActive={false}
            activeDot={false}
            tooltipType="none"
            dot={({ cx = 0, cy = 0, index, value, payload }: Dot) =>
              value === undefined ? (
                <g key={index} />
              ) : (
                <text
                  key={index}
                  x={cx}
                  y={(cy ?? 0) - 11}
                  fontSize="11"
                  fontWeight="700"
                  textAnchor="middle"
                  fill="var(--spruce)"
                >
                  {1 + notes.findIndex(({ on }) => parseISO(on).getTime() === payload?.time)}
                </text>
              )
            }
          />
          {lines.map(({ side }) => (
            <Line
              key={side}
              dataKey={side}
              name={sideText[side]}
              stroke={stroke[side].colour}
              strokeDasharray={stroke[side].dash}
              strokeWidth={1.6}
              isAnimationActive={false}
              connectNulls
              dot={({ cx = 0, cy, index, value }: Dot) =>
                value === undefined || cy === undefined || cy === null ? (
                  <g key={index} />
                ) : (
                  <path key={index} d={notchPath(side, cx, cy)} fill={stroke[side].colour} />
                )
              }
            />
          ))}
        </ComposedChart>
      </ResponsiveContainer>
    </ChartFrame>
  );
});
