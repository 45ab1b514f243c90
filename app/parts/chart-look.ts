import { readersForms } from "#words/days";
import { decimal } from "#words/locale";
import { format } from "date-fns";

/** How every chart looks: its ticks, and the note that opens over a point. */
export const tickLook = { fill: "var(--muted)", fontSize: 11 };
export const tipLook = {
  background: "var(--raised)",
  border: "1px solid var(--ink)",
  borderRadius: 0,
  color: "var(--ink)",
};

/** A moment on a chart as its day. @example dayTick(Date.UTC(2026, 11, 15, 12)) // "15 Dec" */
export const dayTick = (time: number): string => format(time, readersForms.short);

/** An axis of days: rows carry the moment as `time`. */
export const dayAxis = {
  dataKey: "time",
  type: "number",
  tickFormatter: dayTick,
  tick: tickLook,
  stroke: "var(--hair)",
} as const;

/** An axis of readings in their unit, on whole fives around all that is shown, with so much room. */
export function readingAxis(values: readonly number[], room: number, unit: string) {
  const low = Math.floor((Math.min(...values) - room) / 5) * 5;
  const high = Math.ceil((Math.max(...values) + room) / 5) * 5;
  const step = [5, 10, 20, 50].find((one) => (high - low) / one <= 5) ?? 100;
  const first = Math.ceil(low / step) * step;
  return {
    domain: [low, high] as [number, number],
    ticks: Array.from(
      { length: Math.floor((high - first) / step) + 1 },
      (_, n) => first + n * step,
    ),
    tick: tickLook,
    stroke: "var(--hair)",
    tickFormatter: (value: number) => `${value}${unit.trim()}`,
  };
}

/** What opens over a point of such a chart: the day, and values or ranges with their unit. */
export const readingTip = (unit: string) => ({
  labelFormatter: (time: unknown) => dayTick(Number(time)),
  formatter: (value: unknown, name: unknown): [string, string] =>
    Array.isArray(value)
      ? [`${decimal(Number(value[0]), 0)}–${decimal(Number(value[1]), 0)}${unit}`, String(name)]
      : [`${String(value)}${unit}`, String(name)],
  contentStyle: tipLook,
});

/** The demand as a rule across the chart. */
export const needRule = (need: number, unit: string) => ({
  y: need,
  stroke: "var(--ink)",
  strokeWidth: 2,
  label: {
    value: `needs ${need}${unit}`,
    position: "right" as const,
    fill: "var(--ink)",
    fontSize: 11,
  },
});
