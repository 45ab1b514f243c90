import { median } from "simple-statistics";

/** One reading of a stream: milliseconds since it began, degrees. */
export type Sample = { t: number; angle: number };

/** A stretch in which the angle held still. */
export type Plateau = { from: number; to: number; angle: number; spread: number };

/** How long, and how still, a stream must be to count as steady: 1.5 s with a standard deviation below 1°. */
export const steadyRule = { milliseconds: 1500, spread: 1 } as const;

/**
 * Whether the stream has been steady up to its end: the standard deviation over the last 1.5 s is below 1°.
 * The value is the median of that window. Null while it moves or is too short.
 * @param samples in order of time
 */
export function steadyNow(samples: readonly Sample[]): Plateau | null {
  const last = samples.at(-1);
  if (!last) return null;
  const start = last.t - steadyRule.milliseconds;
  const first = firstAfter(samples, start);
  // The window is whole only when the stream reaches back to its start, a sample's distance allowed.
  if (samples[0]!.t > start + gapOf(samples)) return null;
  return still(samples, first, samples.length - 1);
}

/**
 * Every stretch of a recording that held still for at least 1.5 s, longest possible, in order of time.
 * @param samples in order of time
 */
export function plateausOf(samples: readonly Sample[]): Plateau[] {
  const found: Plateau[] = [];
  let from = 0;
  while (from < samples.length) {
    const to = firstAfter(samples, samples[from]!.t + steadyRule.milliseconds);
    const end = Math.min(to, samples.length - 1);
    const whole = samples[end]!.t - samples[from]!.t >= steadyRule.milliseconds - 1e-6;
    const plateau = whole ? still(samples, from, end) : null;
    if (!plateau) {
      from += 1;
      continue;
    }
    const last = stretch(samples, from, end);
    found.push(still(samples, from, last)!);
    from = last + 1;
  }
  return found;
}

/** How far a steady window can be drawn out while what it gains stays within it. Sums are carried on, not made anew. */
function stretch(samples: readonly Sample[], from: number, end: number): number {
  let [count, sum, squares] = [0, 0, 0];
  const first = samples[from]!.angle;
  const add = ({ angle }: Sample) => {
    count += 1;
    sum += angle - first;
    squares += (angle - first) ** 2;
  };
  for (let n = from; n <= end; n += 1) add(samples[n]!);
  let last = end;
  while (last + 1 < samples.length) {
    const next = samples[last + 1]!;
    if (Math.abs(next.angle - first - sum / count) > 3 * steadyRule.spread) break;
    add(next);
    if (Math.max(0, squares - sum ** 2 / count) / (count - 1) >= steadyRule.spread ** 2) break;
    last += 1;
  }
  return last;
}

function still(samples: readonly Sample[], from: number, to: number): Plateau | null {
  const angles = samples.slice(from, to + 1).map(({ angle }) => angle);
  if (angles.length < 3) return null;
  const mean = angles.reduce((sum, angle) => sum + angle, 0) / angles.length;
  const spread = Math.sqrt(
    angles.reduce((sum, angle) => sum + (angle - mean) ** 2, 0) / (angles.length - 1),
  );
  if (spread >= steadyRule.spread) return null;
  return { from: samples[from]!.t, to: samples[to]!.t, angle: median(angles), spread };
}

const gapOf = (samples: readonly Sample[]): number =>
  samples.length > 1 ? (samples.at(-1)!.t - samples[0]!.t) / (samples.length - 1) : 0;

function firstAfter(samples: readonly Sample[], time: number): number {
  let [low, high] = [0, samples.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (samples[middle]!.t < time - 1e-6) low = middle + 1;
    else high = middle;
  }
  return low;
}
