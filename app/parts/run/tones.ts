import type { CueKind } from "#core/run/cues";

let context: AudioContext | null = null;

/** A tone by Web Audio; silent where the browser has none or has not been touched yet. */
function tone(frequency: number, seconds: number, delay = 0): void {
  try {
    context ??= new AudioContext();
    if (context.state === "suspended") void context.resume();
    const start = context.currentTime + delay;
    const oscillator = context.createOscillator();
    const gain = context.createGain();
    oscillator.frequency.value = frequency;
    gain.gain.setValueAtTime(0.0001, start);
    gain.gain.exponentialRampToValueAtTime(0.25, start + 0.02);
    gain.gain.exponentialRampToValueAtTime(0.0001, start + seconds);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start(start);
    oscillator.stop(start + seconds);
  } catch {
    // A run needs no sound.
  }
}

/** The tone of a cue: high to begin, low to let go, two for the other side, a tick to count in, three at the end. */
export function cueTone(kind: CueKind): void {
  switch (kind) {
    case "end":
      return [523, 659, 784].forEach((frequency, i) => tone(frequency, 0.35, i * 0.25));
    case "side":
      return [587, 587].forEach((frequency, i) => tone(frequency, 0.18, i * 0.22));
    case "begin":
      return tone(784, 0.35);
    case "deepen":
      return tone(659, 0.35);
    case "count":
      return tone(523, 0.08);
    case "half":
      return [659, 659].forEach((frequency, i) => tone(frequency, 0.09, i * 0.14));
    default:
      return tone(392, 0.3);
  }
}
