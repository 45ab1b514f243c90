import { useEffect, useState } from "react";
import type { MotionId } from "#core/body/motions";
import type { Dose } from "#core/drill/dose";
import type { Picture } from "#core/figure/picture";
import type { Step } from "#core/prep/timeline";
import { isWorkStep } from "#core/run/state";
import { PictureBeside } from "../figure/picture-beside";

/** Seconds of one movement there and back, where no tempo says otherwise. */
const usualTempo = 4;

/** The drill's picture: still in rests, at its end in holds, moving at the drill's own pace in repetitions. */
export function RunFigure({
  picture,
  serves,
  step,
  dose,
  running,
  label,
  wall,
}: {
  picture: Picture;
  serves: readonly { motion: MotionId }[];
  step: Step;
  dose: Dose;
  running: boolean;
  label: string;
  wall: boolean;
}) {
  const held = dose.type === "hold" || step.kind === "contract" || step.kind === "deepen";
  const moves = running && isWorkStep(step) && !held && picture.end !== undefined;
  const share = useSway(dose.type === "reps" ? dose.tempo : usualTempo, moves);
  return (
    <PictureBeside
      picture={picture}
      share={moves ? share : null}
      serves={serves}
      effort={step.kind === "contract" ? "press" : null}
      label={label}
      only={!isWorkStep(step) || !picture.end ? "start" : "end"}
      tones="run"
      // Pictures show the right side at work; for the left they are looked at in a mirror.
      className={`h-full w-full ${step.side === "left" ? "-scale-x-100" : ""} ${wall ? "max-h-[62vh]" : "max-h-[34vh] sm:max-h-[48vh]"}`}
    />
  );
}

/** How far a movement is between its start and its end: there and back in `seconds`, slow at both ends; still where no motion is wanted. */
function useSway(seconds: number, on: boolean): number {
  const [share, setShare] = useState(0);
  useEffect(() => {
    if (!on) return;
    if (matchMedia("(prefers-reduced-motion: reduce)").matches) {
      const still = setTimeout(() => setShare(1));
      return () => clearTimeout(still);
    }
    const began = performance.now();
    let beat = requestAnimationFrame(function step(now) {
      setShare((1 - Math.cos((2 * Math.PI * (now - began)) / (seconds * 1000))) / 2);
      beat = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(beat);
  }, [seconds, on]);
  return share;
}
