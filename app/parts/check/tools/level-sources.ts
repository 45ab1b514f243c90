import { diceOf } from "#core/stats/dice";
import { simulatedTilt, type LevelSource } from "#core/measure/level";

type AskingEvent = { requestPermission?: () => Promise<"granted" | "denied"> };

/** Whether this machine says it has an orientation sensor; a desktop browser may say so and send nothing. */
export const mayHaveSensor = (): boolean => typeof DeviceOrientationEvent !== "undefined";

/** Asks for the sensor where a browser wants to be asked. */
export async function allowed(): Promise<boolean> {
  const { requestPermission } = DeviceOrientationEvent as unknown as AskingEvent;
  try {
    return !requestPermission || (await requestPermission()) === "granted";
  } catch {
    return false;
  }
}

/** The phone's own orientation sensor. */
export const deviceLevel: LevelSource = {
  start: (listener) => {
    const began = performance.now();
    const hear = ({ beta, gamma }: DeviceOrientationEvent) => {
      if (beta !== null && gamma !== null)
        listener({ t: performance.now() - began, pitch: beta, roll: gamma });
    };
    window.addEventListener("deviceorientation", hear);
    return () => window.removeEventListener("deviceorientation", hear);
  },
};

/** Twenty readings a second, as a phone gives them. */
const period = 50;

/** A level driven by a slider, with a seeded hand holding it. */
export const simulatedLevel = (slider: () => number, seed: number): LevelSource => ({
  start: (listener) => {
    const dice = diceOf(seed);
    let t = 0;
    const beat = setInterval(() => {
      t += period;
      listener(simulatedTilt(t, slider(), dice));
    }, period);
    return () => clearInterval(beat);
  },
});
