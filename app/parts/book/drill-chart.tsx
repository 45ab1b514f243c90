import { readersForms } from "#words/days";
import { memo } from "react";
import { format, parseISO } from "date-fns";
import {
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import type { DrillDay } from "#core/progress/drill-history";
import type { Drill } from "#core/drill/drill";
import { ChartFrame, type ChartTable } from "../chart-frame";
import { tickLook, tipLook } from "../chart-look";

type Point = {
  time: number;
  rung: number;
  each: number | null;
  looseAt: number | null;
  said: string;
  /** The amount stands beside the mark: at both ends, and where it changes. */
  told: boolean;
};
type Dot = { cx?: number; cy?: number | null; index?: number; payload?: Point };

/** At both ends, where the rung changes, and where a count or a hold does; time boxes belong to the plan. */
function isTold(history: readonly DrillDay[], n: number): boolean {
  const [before, here] = [history[n - 1], history[n]!];
  if (!before || n === history.length - 1 || before.rung !== here.rung) return true;
  return here.item.planned?.type !== "time" && before.amount?.each !== here.amount?.each;
}

/** The same as rows: the day, the level, what was done, and when it came loose. */
const tableOf = (drill: Drill, points: readonly Point[]): ChartTable => ({
  head: ["Day", "Level", "Done", "Loose at"],
  rows: [...points]
    .reverse()
    .map(({ time, rung, said, looseAt }) => [
      format(time, readersForms.week),
      `${rung}: ${drill.rungs[rung - 1]?.name ?? ""}`,
      said,
      looseAt === null ? "" : String(looseAt),
    ]),
});

/** A drill over time: the rung as a stair, what was done of it beside each step, and when it came loose beneath. */
export const DrillChart = memo(function DrillChart({
  drill,
  history,
  usual,
}: {
  drill: Drill;
  history: readonly DrillDay[];
  /** The usual number until loose; null when it was never noted. */
  usual: number | null;
}) {
  const points = history.map(({ on, rung, amount, item }, n): Point => ({
    time: parseISO(on).getTime(),
    rung: rung + 1,
    each: amount?.each ?? null,
    looseAt: item.looseAt,
    said: amount ? `${amount.sets} × ${amount.each}${amount.unit === "s" ? " s" : ""}` : item.done,
    told: isTold(history, n),
  }));
  const loose = points.some(({ looseAt }) => looseAt !== null);
  const ends = [points[0]!.time - 864e5, points.at(-1)!.time + 864e5] as [number, number];
  const axis = (
    <XAxis
      dataKey="time"
      type="number"
      domain={ends}
      tickFormatter={(time: number) => format(time, readersForms.short)}
      tick={tickLook}
      stroke="var(--hair)"
      tickCount={6}
    />
  );
  const tip = (
    <Tooltip
      labelFormatter={(time) => format(Number(time), readersForms.long)}
      formatter={(value, name, { payload }: { payload?: Point }) =>
        name === "level"
          ? [`${drill.rungs[Number(value) - 1]?.name ?? ""}, ${payload?.said ?? ""}`, "level"]
          : [String(value), String(name)]
      }
      contentStyle={tipLook}
    />
  );
  return (
    <ChartFrame
      name={`${drill.name}: ${history.length} sessions by level`}
      table={() => tableOf(drill, points)}
    >
      <ResponsiveContainer width="100%" height={150}>
        <ComposedChart data={points} margin={{ top: 18, right: 12, bottom: 0, left: -18 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          {axis}
          <YAxis
            domain={[0.5, drill.rungs.length + 0.5]}
            ticks={drill.rungs.map((_, i) => i + 1)}
            tick={tickLook}
            stroke="var(--hair)"
          />
          {tip}
          <Line
            dataKey="rung"
            name="level"
            type="stepAfter"
            stroke="var(--ink)"
            strokeWidth={1.6}
            isAnimationActive={false}
            dot={({ cx = 0, cy, index = 0, payload }: Dot) => {
              if (cy === undefined || cy === null) return <g key={index} />;
              return (
                <g key={index}>
                  <rect x={cx - 3} y={cy - 3} width="6" height="6" fill="var(--ink)" />
                  {payload?.told && payload.each ? (
                    <text x={cx} y={cy - 8} fontSize="11" textAnchor="middle" fill="var(--ink)">
                      {payload.each}
                    </text>
                  ) : null}
                </g>
              );
            }}
          />
        </ComposedChart>
      </ResponsiveContainer>
      {loose ? (
        <>
          <p className="label mt-2">Loose at</p>
          <ResponsiveContainer width="100%" height={100}>
            <ComposedChart data={points} margin={{ top: 6, right: 12, bottom: 0, left: -18 }}>
              {axis}
              <YAxis tick={tickLook} stroke="var(--hair)" domain={[0, "auto"]} width={60} />
              {tip}
              {usual !== null ? (
                <ReferenceLine y={usual} stroke="var(--ink)" strokeDasharray="3 3" />
              ) : null}
              {usual !== null ? (
                <ReferenceLine y={1.5 * usual} stroke="var(--clay)" strokeDasharray="2 4" />
              ) : null}
              <Line
                dataKey="looseAt"
                name="loose at"
                stroke="none"
                isAnimationActive={false}
                dot={{ r: 3, fill: "var(--spruce)", stroke: "none" }}
              />
            </ComposedChart>
          </ResponsiveContainer>
        </>
      ) : null}
    </ChartFrame>
  );
});
