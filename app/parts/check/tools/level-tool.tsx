import { decimal } from "#words/locale";
import { useEffect, useMemo, useRef, useState } from "react";
import type { Plateau } from "#core/measure/steady";
import type { ToolReading } from "../round";
import { allowed, deviceLevel, mayHaveSensor, simulatedLevel } from "./level-sources";
import { TargetSelect, targetText } from "./target-select";
import type { Target, ToolProps } from "./tool";
import { useLevel } from "./use-level";

type Use = "ask" | "device" | "simulated";

/** The level: the phone's own sensor where there is one, or a simulated one, both read the same way. */
export default function LevelTool({ target, targets, onReading, close }: ToolProps) {
  const [use, setUse] = useState<Use>(mayHaveSensor() ? "ask" : "simulated");
  const [silent, setSilent] = useState(false);
  const slider = useRef(0);
  const [degrees, setDegrees] = useState(0);
  const source = useMemo(
    () => (use === "device" ? deviceLevel : simulatedLevel(() => slider.current, 20261124)),
    [use],
  );
  if (use === "ask")
    return (
      <div className="grid gap-4 py-6">
        <p className="max-w-xl text-muted">
          Strap or hold the phone flat along the segment. It is read against its own zero: it may
          lie as it likes, as long as it stays so.
        </p>
        <p className="flex flex-wrap gap-3">
          <button
            type="button"
            className="press press-main"
            onClick={() =>
              void allowed().then((yes) => {
                setSilent(!yes);
                setUse(yes ? "device" : "simulated");
              })
            }
          >
            Use this phone’s sensor
          </button>
          <button type="button" className="press" onClick={() => setUse("simulated")}>
            Use a simulated level
          </button>
        </p>
      </div>
    );
  return (
    <div className="mt-3 grid gap-4">
      {silent ? (
        <p role="status" className="text-sm text-muted">
          The sensor was refused; this is the simulated level.
        </p>
      ) : null}
      <Reading
        source={source}
        {...{ target, targets, onReading, close }}
        instrumentNote={use === "device" ? "level, this phone’s sensor" : "simulated level"}
        noSignal={
          use === "device" ? (
            <p className="text-muted">
              Nothing comes from the sensor.{" "}
              <button type="button" className="underlined" onClick={() => setUse("simulated")}>
                Use a simulated level
              </button>
            </p>
          ) : null
        }
      />
      {use === "simulated" ? (
        <label className="grid border-t border-line pt-3">
          <span className="label">
            Simulated limb: this level holds no phone, it shows how one reads
          </span>
          <input
            type="range"
            min={0}
            max={180}
            step={1}
            value={degrees}
            className="w-full accent-[var(--spruce)]"
            onChange={(event) => {
              slider.current = Number(event.target.value);
              setDegrees(slider.current);
            }}
          />
        </label>
      ) : null}
    </div>
  );
}

type Caught = { target: Target; reading: ToolReading };

function Reading({
  source,
  target: first,
  targets,
  onReading,
  close,
  instrumentNote,
  noSignal,
}: ToolProps & {
  source: Parameters<typeof useLevel>[0];
  instrumentNote: string;
  noSignal: React.ReactNode;
}) {
  const level = useLevel(source);
  const [target, setTarget] = useState(first);
  const [flip, setFlip] = useState(false);
  const [firstPlace, setFirstPlace] = useState<Plateau | null>(null);
  const [caught, setCaught] = useState<Caught[]>([]);
  const rule = target.row.protocol.level;
  const base = rule?.base ?? 0;
  const sign = (rule?.sign ?? 1) * (flip ? -1 : 1);
  const asReading = (turned: number) => base + sign * turned;
  const { steady, turned, zeroed } = level;
  const capture = () => {
    if (!steady || !zeroed) return;
    if (rule?.less && !firstPlace) {
      setFirstPlace(steady);
      level.unzero();
      return;
    }
    const value = firstPlace
      ? base + sign * (firstPlace.angle - steady.angle)
      : asReading(steady.angle);
    const se = firstPlace ? Math.hypot(firstPlace.spread, steady.spread) : steady.spread;
    const note = firstPlace
      ? `${instrumentNote}: ${firstPlace.angle.toFixed(1)}° at ${rule?.zero ?? "the first place"} less ${steady.angle.toFixed(1)}° at ${rule?.less ?? "the second"}`
      : `${instrumentNote}: ${steady.angle.toFixed(1)}° from zero on ${rule?.zero ?? "the start position"}, held ${((steady.to - steady.from) / 1000).toFixed(1)} s`;
    const reading: ToolReading = { instrument: "level", value, se, note };
    onReading(target, reading);
    setCaught((all) => [...all, { target, reading }]);
    setFirstPlace(null);
    if (rule?.less) level.unzero();
  };
  const latest = useRef(capture);
  useEffect(() => {
    latest.current = capture;
  });
  const place = firstPlace
    ? (rule?.less ?? "the second place")
    : (rule?.zero ?? "the start position");
  return (
    <div className="grid gap-4 sm:grid-cols-[1fr_18rem]">
      <div className="grid place-items-center gap-2 border border-line py-5">
        <span
          className="figures text-center font-bold"
          style={{ fontSize: "clamp(3.4rem, 12vw, 6.5rem)", lineHeight: 1 }}
          data-testid="level-angle"
        >
          {turned === null ? "–" : `${decimal(asReading(turned), 1)}°`}
        </span>
        <span role="status" className={steady ? "font-semibold text-lichen" : "text-muted"}>
          {turned === null
            ? "waiting for the sensor"
            : steady
              ? `steady: ${decimal(asReading(steady.angle), 1)}° ± ${decimal(steady.spread, 1)}`
              : "hold still for a second and a half"}
        </span>
        <div className="mt-2 flex gap-3">
          <button type="button" className="press min-h-14 px-6 text-lg" onClick={level.zero}>
            Zero
          </button>
          <button
            type="button"
            className="press press-main min-h-14 px-8 text-lg"
            disabled={!steady || !zeroed}
            onClick={() => latest.current()}
          >
            Capture
          </button>
        </div>
        {turned === null ? noSignal : null}
      </div>
      <div className="grid content-start gap-3">
        <p>
          {zeroed ? (
            <>
              Carry the joint to its end, hold still, and capture{firstPlace ? ` at ${place}` : ""}.
            </>
          ) : (
            <>
              Take the zero on <b>{place}</b>.
            </>
          )}
        </p>
        <TargetSelect
          label="The reading goes to"
          target={target}
          targets={targets}
          onChange={(to) => {
            setTarget(to);
            setFirstPlace(null);
          }}
        />
        <label className="flex min-h-8 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={flip}
            onChange={(event) => setFlip(event.target.checked)}
          />
          turned the other way: count it the other way round
        </label>
        <ul className="text-sm" aria-label="Captured">
          {caught.map(({ target: to, reading }, i) => (
            <li key={i} className="figures">
              {targetText(to)}: {decimal(reading.value, 1)}° ± {decimal(reading.se, 1)}
            </li>
          ))}
        </ul>
        <button type="button" className="press justify-center" onClick={close}>
          {caught.length > 0 ? "Done" : "Close"}
        </button>
      </div>
    </div>
  );
}
