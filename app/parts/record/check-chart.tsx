import { memo } from "react";
import { format, parseISO } from "date-fns";
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
import type { HistoryLine } from "#core/season/history";
import { notchPath } from "../margin-mark/geometry";
import { tickLook, tipLook } from "../chart-look";

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
  lines,
  need,
  from,
  to,
  unit = "°",
  preps = none,
  notes = none,
  height = 190,
}: {
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
  const low = Math.floor((Math.min(...values, need ?? Infinity) - 4) / 5) * 5;
  const high = Math.ceil((Math.max(...values, need ?? -Infinity) + 4) / 5) * 5;
  const rows = rowsOf(lines, low, preps, notes);
  const day = (time: number) => format(time, "d MMM");
  return (
    <ResponsiveContainer width="100%" height={height}>
      <ComposedChart
        data={rows}
        margin={{ top: 6, right: 70, bottom: 0, left: -18 }}
        accessibilityLayer
      >
        <CartesianGrid stroke="var(--line)" vertical={false} />
        <XAxis
          dataKey="time"
          type="number"
          domain={[parseISO(from).getTime(), parseISO(to).getTime()]}
          tickFormatter={day}
          tick={tickLook}
          stroke="var(--hair)"
          tickCount={7}
        />
        <YAxis
          domain={[low, high]}
          tick={tickLook}
          stroke="var(--hair)"
          tickFormatter={(value: number) => `${value}${unit.trim()}`}
        />
        <Tooltip
          labelFormatter={(time) => day(Number(time))}
          formatter={(value, name) =>
            Array.isArray(value)
              ? [`${Number(value[0]).toFixed(0)}–${Number(value[1]).toFixed(0)}${unit}`, "error"]
              : [`${String(value)}${unit}`, String(name)]
          }
          contentStyle={tipLook}
        />
        {need !== null ? (
          <ReferenceLine
            y={need}
            stroke="var(--ink)"
            strokeWidth={2}
            label={{
              value: `needs ${need}${unit}`,
              position: "right",
              fill: "var(--ink)",
              fontSize: 11,
            }}
          />
        ) : null}
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
  );
});
