import { useEffect, useRef, useState } from "react";
import { turnedFrom, type LevelSource, type Tilt } from "#core/measure/level";
import { steadyNow, type Plateau, type Sample } from "#core/measure/steady";
import { median } from "simple-statistics";

export type LevelState = {
  /** Turned since the zero, degrees; null while no reading has come. */
  turned: number | null;
  steady: Plateau | null;
  zeroed: boolean;
};

const keepFor = 4000;

/** Listens to a level: how far it is turned from its zero, and whether it is held still. */
export function useLevel(
  source: LevelSource,
): LevelState & { zero: () => void; unzero: () => void } {
  const tilts = useRef<Tilt[]>([]);
  const samples = useRef<Sample[]>([]);
  const reference = useRef<Pick<Tilt, "pitch" | "roll">>({ pitch: 0, roll: 0 });
  const [state, setState] = useState<LevelState>({ turned: null, steady: null, zeroed: false });
  useEffect(() => {
    tilts.current = [];
    samples.current = [];
    return source.start((tilt) => {
      const recent = <T extends { t: number }>(list: readonly T[], now: T) => [
        ...list.filter(({ t }) => t > tilt.t - keepFor),
        now,
      ];
      const turned = turnedFrom(reference.current, tilt);
      tilts.current = recent(tilts.current, tilt);
      samples.current = recent(samples.current, { t: tilt.t, angle: turned });
      setState((old) => ({ ...old, turned, steady: steadyNow(samples.current) }));
    });
  }, [source]);
  const zero = () => {
    const now = tilts.current.at(-1)?.t ?? 0;
    const lately = tilts.current.filter(({ t }) => t > now - 600);
    if (lately.length === 0) return;
    reference.current = {
      pitch: median(lately.map(({ pitch }) => pitch)),
      roll: median(lately.map(({ roll }) => roll)),
    };
    samples.current = [];
    setState((old) => ({ ...old, steady: null, zeroed: true }));
  };
  return { ...state, zero, unzero: () => setState((old) => ({ ...old, zeroed: false })) };
}
