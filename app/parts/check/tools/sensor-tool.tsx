import { decimal } from "#words/locale";
import { useMemo, useRef, useState } from "react";
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from "recharts";
import { FolderOpen } from "lucide-react";
import {
  guessColumns,
  readSensorLog,
  seriesOf,
  type ColumnChoice,
  type SensorTable,
} from "#core/measure/sensor-log";
import { plateausOf, type Plateau, type Sample } from "#core/measure/steady";
import { ChartFrame, type ChartTable } from "../../chart-frame";
import { BarChoice } from "../round-bar";
import { TargetSelect, targetText } from "./target-select";
import type { Target, ToolProps } from "./tool";
import { sensorLogWords } from "#words/measure";

type Loaded = { name: string; table: SensorTable };

/** Plateaus out of a sensor's CSV: any order of columns, comma or semicolon, point or decimal comma. */
export default function SensorTool({ target, targets, onReading, close }: ToolProps) {
  const [loaded, setLoaded] = useState<Loaded | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const load = async (file: File | undefined) => {
    if (!file) return;
    const reading = readSensorLog(await file.text());
    if ("refused" in reading) {
      setLoaded(null);
      setProblem(`“${file.name}” was not read. ${sensorLogWords(reading.refused)}`);
    } else {
      setProblem(null);
      setLoaded({ name: file.name, table: reading.table });
    }
  };
  return (
    <div className="mt-3 grid gap-4">
      <p className="flex flex-wrap items-center gap-3">
        <button type="button" className="press" onClick={() => input.current?.click()}>
          <FolderOpen size={18} aria-hidden="true" /> {loaded ? "Another file" : "Load a file"}
        </button>
        <span className="text-muted">
          {loaded
            ? `${loaded.name}: ${loaded.table.rows.length} rows, ${loaded.table.columns.length} columns`
            : "A CSV with a time and an angle on each line, in any order."}
        </span>
        <input
          ref={input}
          type="file"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          className="sr-only"
          tabIndex={-1}
          aria-label="Load a sensor file"
          onChange={(event) => void load(event.target.files?.[0])}
        />
      </p>
      {problem ? (
        <p role="alert" className="font-semibold text-clay">
          {problem}
        </p>
      ) : null}
      {loaded ? (
        <Plateaus key={loaded.name} {...loaded} {...{ target, targets, onReading, close }} />
      ) : null}
    </div>
  );
}

function Plateaus({ name, table, target: first, targets, onReading, close }: Loaded & ToolProps) {
  const [choice, setChoice] = useState<ColumnChoice>(() => guessColumns(table));
  const [zero, setZero] = useState<number | null>(null);
  const [target, setTarget] = useState(first);
  const [used, setUsed] = useState<{ target: Target; value: number }[]>([]);
  const { samples, skipped } = useMemo(() => seriesOf(table, choice), [table, choice]);
  const plateaus = useMemo(() => plateausOf(samples), [samples]);
  const columns = table.columns.map((column, i) => [String(i), column] as const);
  const level = target.row.protocol.level;
  const valueOf = ({ angle }: Plateau): number =>
    zero === null
      ? angle
      : (level?.base ?? 0) + (level?.sign ?? 1) * Math.abs(angle - plateaus[zero]!.angle);
  return (
    <>
      <div className="flex flex-wrap items-end gap-4">
        <BarChoice
          label="Time is in"
          value={String(choice.time)}
          options={columns}
          onChange={(value) => setChoice({ ...choice, time: Number(value) })}
        />
        <BarChoice
          label="Counted in"
          value={choice.timeUnit}
          options={[
            ["s", "seconds"],
            ["ms", "milliseconds"],
          ]}
          onChange={(value) => setChoice({ ...choice, timeUnit: value as "s" | "ms" })}
        />
        <BarChoice
          label="The angle is in"
          value={String(choice.angle)}
          options={columns}
          onChange={(value) => {
            setZero(null);
            setChoice({ ...choice, angle: Number(value) });
          }}
        />
        <BarChoice
          label="Zero"
          value={zero === null ? "" : String(zero)}
          options={[
            ["", "as the file says"],
            ...plateaus.map(
              (plateau, i) =>
                [String(i), `plateau ${i + 1}, ${decimal(plateau.angle, 1)}°`] as const,
            ),
          ]}
          onChange={(value) => setZero(value === "" ? null : Number(value))}
        />
        <TargetSelect
          label="A plateau goes to"
          target={target}
          targets={targets}
          onChange={setTarget}
        />
      </div>
      {skipped > 0 ? (
        <p className="text-sm text-muted" role="status">
          {skipped} row{skipped > 1 ? "s" : ""} had no number and {skipped > 1 ? "are" : "is"} left
          out.
        </p>
      ) : null}
      <SeriesChart samples={samples} plateaus={plateaus} />
      {plateaus.length === 0 ? (
        <p role="status">
          Nothing held still for a second and a half. Is the angle in another column, or the time in
          another unit?
        </p>
      ) : (
        <ol className="grid gap-x-6 sm:grid-cols-2 lg:grid-cols-3" aria-label="Plateaus">
          {plateaus.map((plateau, i) => (
            <li key={plateau.from} className="border-b border-line">
              <button
                type="button"
                className="flex min-h-11 w-full items-baseline justify-between gap-3 text-left hover:bg-raised"
                onClick={() => {
                  const value = valueOf(plateau);
                  onReading(target, {
                    instrument: "sensor-log",
                    value,
                    se: plateau.spread,
                    note: `${name}, ${seconds(plateau.from)}–${seconds(plateau.to)} s${zero === null ? "" : `, zero at ${plateaus[zero]!.angle.toFixed(1)}°`}`,
                  });
                  setUsed((all) => [...all, { target, value }]);
                }}
              >
                <span className="text-sm text-muted">
                  {i + 1}. {seconds(plateau.from)}–{seconds(plateau.to)} s
                </span>
                <span className="figures text-lg">
                  {decimal(valueOf(plateau), 1)}° ± {decimal(plateau.spread, 1)}
                </span>
              </button>
            </li>
          ))}
        </ol>
      )}
      <ul className="figures text-sm" aria-label="Picked">
        {used.map(({ target: to, value }, i) => (
          <li key={i}>
            {targetText(to)}: {decimal(value, 1)}°
          </li>
        ))}
      </ul>
      <p>
        <button type="button" className="press" onClick={close}>
          {used.length > 0 ? "Done" : "Close"}
        </button>
      </p>
    </>
  );
}

const seconds = (ms: number): string => decimal(ms / 1000, 1);

/** At most this many points are drawn; what is computed uses them all. */
const drawnPoints = 800;

function SeriesChart({
  samples,
  plateaus,
}: {
  samples: readonly Sample[];
  plateaus: readonly Plateau[];
}) {
  const every = Math.max(1, Math.ceil(samples.length / drawnPoints));
  const rows = samples
    .filter((_, i) => i % every === 0)
    .map(({ t, angle }) => ({ t: t / 1000, angle }));
  const table = (): ChartTable => ({
    head: ["Held still", "From, s", "To, s", "Angle"],
    rows: plateaus.map(({ from, to, angle }, i) => [
      String(i + 1),
      decimal(from / 1000, 1),
      decimal(to / 1000, 1),
      `${decimal(angle, 1)}°`,
    ]),
  });
  return (
    <ChartFrame name="The angle over time" table={table}>
      <ResponsiveContainer width="100%" height={220}>
        <LineChart data={rows} margin={{ top: 6, right: 10, bottom: 0, left: -16 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            dataKey="t"
            type="number"
            domain={["dataMin", "dataMax"]}
            tick={{ fill: "var(--muted)", fontSize: 11 }}
            tickFormatter={(t: number) => `${Math.round(t)} s`}
          />
          <YAxis
            domain={["auto", "auto"]}
            tick={{ fill: "var(--muted)", fontSize: 11 }}
            tickFormatter={(angle: number) => `${Math.round(angle)}°`}
          />
          {plateaus.map((plateau, i) => (
            <ReferenceArea
              key={plateau.from}
              x1={plateau.from / 1000}
              x2={plateau.to / 1000}
              fill="var(--tape)"
              fillOpacity={0.7}
              label={{
                value: String(i + 1),
                fill: "var(--ink)",
                fontSize: 12,
                position: "insideTop",
              }}
            />
          ))}
          <Line
            dataKey="angle"
            dot={false}
            stroke="var(--ink)"
            strokeWidth={1.4}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </ChartFrame>
  );
}
