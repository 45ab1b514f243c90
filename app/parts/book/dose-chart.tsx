import { memo } from "react";
import { shortDay } from "#words/days";
import { Bar, BarChart, CartesianGrid, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { workKinds, type WeekDose, type WorkKind } from "#core/doses/ledger";
import { workFills, workWords } from "./book-words";
import { ChartFrame, type ChartTable } from "../chart-frame";
import { tickLook, tipLook } from "../chart-look";

/** Minutes of one motion by week, by kind of work. */
export const DoseChart = memo(function DoseChart({
  name,
  weeks,
}: {
  /** What is charted. */
  name: string;
  weeks: readonly WeekDose[];
}) {
  const rows = weeks.map(({ monday, ...doses }) => ({
    week: shortDay(monday),
    ...Object.fromEntries(
      Object.entries(doses).map(([kind, seconds]) => [kind, Math.round(seconds / 6) / 10]),
    ),
  }));
  const table = (): ChartTable => ({
    head: ["Week of", ...workKinds.map((kind) => workWords[kind])],
    rows: [...weeks]
      .reverse()
      .map((week) => [
        shortDay(week.monday),
        ...workKinds.map((kind) => `${Math.round(week[kind] / 6) / 10} min`),
      ]),
  });
  return (
    <ChartFrame name={name} table={table}>
      <ResponsiveContainer width="100%" height={210}>
        <BarChart
          data={rows}
          margin={{ top: 6, right: 8, bottom: 0, left: -18 }}
          accessibilityLayer
        >
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="week" tick={tickLook} stroke="var(--hair)" />
          <YAxis tick={tickLook} stroke="var(--hair)" unit=" min" width={70} />
          <Tooltip
            formatter={(value, name) => [`${String(value)} min`, workWords[name as WorkKind]]}
            cursor={{ fill: "var(--line)", fillOpacity: 0.5 }}
            contentStyle={tipLook}
          />
          {workKinds.map((kind) => (
            <Bar
              key={kind}
              dataKey={kind}
              stackId="week"
              fill={workFills[kind]}
              stroke="var(--ink)"
              strokeWidth={0.6}
              isAnimationActive={false}
            />
          ))}
        </BarChart>
      </ResponsiveContainer>
    </ChartFrame>
  );
});
