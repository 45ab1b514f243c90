import { decimal } from "#words/locale";
import { parseISO } from "date-fns";
import { memo } from "react";
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import type { Side } from "#core/body/side";
import { plusDays } from "#core/dates/days";
import type { Outlook } from "#core/forecast/forecast";
import type { HistoryPoint } from "#core/forecast/history";
import { ChartFrame, type ChartTable } from "../chart-frame";
import { dayAxis, dayTick, needRule, readingAxis, readingTip } from "../chart-look";
import { notchPath } from "../margin-mark/geometry";
import { z95 } from "#core/stats/confidence";

type Row = {
  time: number;
  have?: number;
  band?: [number, number];
  median?: number;
  fan?: [number, number];
};

type Dot = { cx?: number; cy?: number | null; index?: number; value?: unknown };

/** The day of a week number, which may have a fraction. */
const timeOf = (start: string, week: number): number =>
  parseISO(plusDays(start, Math.round(week * 7))).getTime();

/** The same as rows: the checks with their error, then the weeks to come with their middle and 80 % range. */
const tableOf = (
  points: readonly HistoryPoint[],
  fan: readonly Outlook[],
  start: string,
  unit: string,
): ChartTable => ({
  head: ["Day", "How known", "Value", "Range"],
  rows: [
    ...points.map(({ on, degrees, se }) => [
      dayTick(parseISO(on).getTime()),
      "measured",
      `${decimal(degrees, 1)}${unit}`,
      `${decimal(degrees - z95 * se, 0)} to ${decimal(degrees + z95 * se, 0)}${unit}`,
    ]),
    ...fan.map(({ week, median, low, high }) => [
      dayTick(timeOf(start, week)),
      "expected",
      `${decimal(median, 1)}${unit}`,
      `${decimal(low, 0)} to ${decimal(high, 0)}${unit}`,
    ]),
  ],
});

/**
 * One demand on one side: the checks with their error, from the last one on the 80 % interval as a fan with its
 * middle, and the demand as a rule across both. Days away are shaded.
 */
export const FanChart = memo(function FanChart({
  name,
  points,
  fan,
  start,
  need,
  side,
  unit,
  by,
  today,
  absences,
}: {
  /** What is charted. */
  name: string;
  points: readonly HistoryPoint[];
  fan: readonly Outlook[];
  start: string;
  need: number;
  side: Side;
  unit: string;
  by: string;
  today: string;
  absences: readonly { from: string; to: string; reason: string }[];
}) {
  const rows: Row[] = points.map(({ on, degrees, se }) => ({
    time: parseISO(on).getTime(),
    have: Math.round(degrees * 10) / 10,
    band: [degrees - z95 * se, degrees + z95 * se],
  }));
  fan.forEach(({ week, median, low, high }) => {
    const time = timeOf(start, week);
    const known = rows.find((row) => row.time === time);
    const more = { median: Math.round(median * 10) / 10, fan: [low, high] as [number, number] };
    if (known) Object.assign(known, more);
    else rows.push({ time, ...more });
  });
  rows.sort((a, b) => a.time - b.time);
  const values = [
    ...points.flatMap(({ degrees, se }) => [degrees - z95 * se, degrees + z95 * se]),
    ...fan.flatMap(({ low, high }) => [low, high]),
    need,
  ];
  const first = rows[0]?.time ?? 0;
  const last = rows.at(-1)?.time ?? 0;
  return (
    <ChartFrame name={name} table={() => tableOf(points, fan, start, unit)}>
      <ResponsiveContainer width="100%" height={210}>
        <ComposedChart
          data={rows}
          margin={{ top: 14, right: 84, bottom: 0, left: -18 }}
          accessibilityLayer
        >
          <CartesianGrid stroke="var(--line)" vertical={false} />
          {absences
            .map((one) => ({
              ...one,
              x1: Math.max(first, parseISO(one.from).getTime()),
              x2: Math.min(last, parseISO(one.to).getTime()),
            }))
            .filter(({ x1, x2 }) => x1 < x2)
            .map(({ from, x1, x2, reason }) => (
              <ReferenceArea
                key={from}
                x1={x1}
                x2={x2}
                fill="var(--tape)"
                fillOpacity={0.45}
                label={{
                  value: reason,
                  position: "insideTop",
                  fontSize: 10.5,
                  fill: "var(--muted)",
                }}
              />
            ))}
          <XAxis {...dayAxis} domain={["dataMin", "dataMax"]} tickCount={8} />
          <YAxis {...readingAxis(values, 2, unit)} />
          <Tooltip {...readingTip(unit)} />
          <Area
            dataKey="fan"
            name="80 %"
            stroke="var(--spruce)"
            strokeWidth={0.8}
            fill="var(--spruce)"
            fillOpacity={0.2}
            isAnimationActive={false}
            activeDot={false}
          />
          <Area
            dataKey="band"
            stroke="none"
            fill="var(--ink)"
            fillOpacity={0.1}
            connectNulls
            isAnimationActive={false}
            activeDot={false}
            tooltipType="none"
          />
          <Line
            dataKey="median"
            name="middle"
            stroke="var(--spruce)"
            strokeWidth={1.6}
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="have"
            name="check"
            stroke="var(--ink)"
            strokeWidth={1.4}
            connectNulls
            isAnimationActive={false}
            dot={({ cx = 0, cy, index, value }: Dot) =>
              value === undefined || cy === undefined || cy === null ? (
                <g key={index} />
              ) : (
                <path key={index} d={notchPath(side, cx, cy)} fill="var(--ink)" />
              )
            }
          />
          <ReferenceLine {...needRule(need, unit)} />
          <ReferenceLine
            x={parseISO(by).getTime()}
            stroke="var(--spruce)"
            strokeWidth={2}
            label={{
              value: dayTick(parseISO(by).getTime()),
              position: "top",
              fill: "var(--spruce)",
              fontSize: 11,
            }}
          />
          <ReferenceLine x={parseISO(today).getTime()} stroke="var(--clay)" strokeWidth={1.4} />
        </ComposedChart>
      </ResponsiveContainer>
    </ChartFrame>
  );
});
