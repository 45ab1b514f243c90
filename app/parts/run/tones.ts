import type { StepKind } from "#core/prep/timeline";

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

/** The tone at a change: high to begin work, low to let go, two for the other side, three at the end. */
export function changeTone(kind: StepKind | "end"): void {
  if (kind === "end") [523, 659, 784].forEach((frequency, i) => tone(frequency, 0.35, i * 0.25));
  else if (kind === "side-change")
    [587, 587].forEach((frequency, i) => tone(frequency, 0.18, i * 0.22));
  else if (kind === "work" || kind === "contract") tone(784, 0.35);
  else if (kind === "deepen") tone(659, 0.35);
  else tone(392, 0.3);
}
