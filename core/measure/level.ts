import { degrees, radians } from "../body/angles";
import type { Dice } from "../stats/dice";

/**
 * How a phone lies in the world: pitch about its short edge and roll about its long edge, degrees, and when.
 * The device's own sensor and the simulated level both speak it.
 */
export type Tilt = { t: number; pitch: number; roll: number };

/** Anything that tells how it is tilted until it is stopped. */
export type LevelSource = { start: (listener: (tilt: Tilt) => void) => () => void };

type Down = readonly [number, number, number];

/** The direction of gravity in the phone's own axes. */
function down({ pitch, roll }: Pick<Tilt, "pitch" | "roll">): Down {
  const [p, r] = [radians(pitch), radians(roll)];
  return [Math.cos(p) * Math.sin(r), -Math.sin(p), -Math.cos(p) * Math.cos(r)];
}

/**
 * The angle between how the phone lay at the zero and how it lies now, 0–180°. It does not matter how the phone
 * is held against the limb, only that it stays as it was.
 * @example turnedFrom({ pitch: 0, roll: 0 }, { pitch: 0, roll: 90 }) // 90
 */
export function turnedFrom(
  zero: Pick<Tilt, "pitch" | "roll">,
  now: Pick<Tilt, "pitch" | "roll">,
): number {
  const [a, b] = [down(zero), down(now)];
  const dot = a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  const cross = Math.hypot(
    a[1] * b[2] - a[2] * b[1],
    a[2] * b[0] - a[0] * b[2],
    a[0] * b[1] - a[1] * b[0],
  );
  return degrees(Math.atan2(cross, dot));
}

/** What makes a simulated level unlike a ruler. Degrees; the drift a minute. */
export const simulatedFaults = { noise: 0.25, shake: 0.35, driftPerMinute: 0.6 } as const;

/**
 * The tilt a simulated level shows at a moment: where the slider stands, with sensor noise, a hand's slow shake
 * and drift. The same dice give the same stream.
 * @param t milliseconds since it was started
 */
export function simulatedTilt(t: number, slider: number, dice: Pick<Dice, "normal">): Tilt {
  const { noise, shake, driftPerMinute } = simulatedFaults;
  const seconds = t / 1000;
  const hand = shake * Math.sin(2 * Math.PI * 1.3 * seconds);
  const drift = (driftPerMinute * seconds) / 60;
  return {
    t,
    pitch: slider + hand + drift + noise * dice.normal(),
    roll: 0.5 * noise * dice.normal(),
  };
}
