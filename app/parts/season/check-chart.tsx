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

type Row = { time: number } & Partial<Record<Side, number>> &
  Partial<Record<`${Side}Band`, [number, number]>>;

/** The lines of a chart as rows by day, with the error as a band. */
function rowsOf(lines: readonly HistoryLine[]): Row[] {
  const rows = new Map<number, Row>();
  for (const { side, points } of lines)
    for (const { on, degrees, se } of points) {
      const time = parseISO(on).getTime();
      const row = rows.get(time) ?? { time };
      row[side] = Math.round(degrees * 10) / 10;
      row[`${side}Band`] = [degrees - se, degrees + se];
      rows.set(time, row);
    }
  return [...rows.values()].sort((a, b) => a.time - b.time);
}

const stroke: Record<Side, { colour: string; dash: string }> = {
  left: { colour: "var(--spruce)", dash: "0" },
  right: { colour: "var(--ink)", dash: "5 4" },
  mid: { colour: "var(--ink)", dash: "0" },
};
const sideText: Record<Side, string> = { left: "◂ left", right: "▸ right", mid: "middle" };

/** One motion over the weeks: the notches are the checks, the band their error, the rule the demand. */
export const CheckChart = memo(function CheckChart({
  lines,
  need,
  from,
  to,
}: {
  lines: readonly HistoryLine[];
  need: number | null;
  from: string;
  to: string;
}) {
  const rows = rowsOf(lines);
  const values = lines.flatMap(({ points }) =>
    points.flatMap(({ degrees, se }) => [degrees - se, degrees + se]),
  );
  const low = Math.floor((Math.min(...values, need ?? Infinity) - 4) / 5) * 5;
  const high = Math.ceil((Math.max(...values, need ?? -Infinity) + 4) / 5) * 5;
  const day = (time: number) => format(time, "d MMM");
  return (
    <ResponsiveContainer width="100%" height={190}>
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
          tick={{ fill: "var(--muted)", fontSize: 11 }}
          stroke="var(--hair)"
          tickCount={7}
        />
        <YAxis
          domain={[low, high]}
          tick={{ fill: "var(--muted)", fontSize: 11 }}
          stroke="var(--hair)"
          tickFormatter={(degrees: number) => `${degrees}°`}
        />
        <Tooltip
          labelFormatter={(time) => day(Number(time))}
          formatter={(value, name) =>
            Array.isArray(value)
              ? [`${Number(value[0]).toFixed(0)}–${Number(value[1]).toFixed(0)}°`, "error"]
              : [`${String(value)}°`, String(name)]
          }
          contentStyle={{
            background: "var(--raised)",
            border: "1px solid var(--ink)",
            borderRadius: 0,
            color: "var(--ink)",
          }}
        />
        {need !== null ? (
          <ReferenceLine
            y={need}
            stroke="var(--ink)"
            strokeWidth={2}
            label={{ value: `needs ${need}°`, position: "right", fill: "var(--ink)", fontSize: 11 }}
          />
        ) : null}
        {lines.map(({ side }) => (
          <Area
            key={`${side}-band`}
            dataKey={`${side}Band`}
            stroke="none"
            fill={stroke[side].colour}
            fillOpacity={0.13}
            isAnimationActive={false}
            activeDot={false}
            tooltipType="none"
          />
        ))}
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
            dot={(dot: { cx?: number; cy?: number; index?: number }) => (
              <path
                key={dot.index}
                d={notchPath(side, dot.cx ?? 0, dot.cy ?? 0)}
                fill={stroke[side].colour}
              />
            )}
          />
        ))}
      </ComposedChart>
    </ResponsiveContainer>
  );
});
