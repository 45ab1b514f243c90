import type { Cue } from "#core/run/cues";

/** How a phone buzzes at a cue: on, off, on, ms. What only counts along does not buzz. */
const patterns: Partial<Record<Cue["kind"], number[]>> = {
  begin: [160],
  side: [120, 90, 120],
  rest: [60],
  deepen: [60],
  "hand-over": [240],
  "own-set": [240],
  end: [300, 120, 300],
};

/** Buzzes at a cue where the device may, for somebody who lies face down and sees no screen. */
export function buzz(kind: Cue["kind"]): void {
  const pattern = patterns[kind];
  if (pattern && "vibrate" in navigator) navigator.vibrate(pattern);
}
