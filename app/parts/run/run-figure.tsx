import { useEffect, useMemo, useState } from "react";
import { otherSide } from "#core/body/side";
import type { Dose } from "#core/drill/dose";
import type { Picture, Prop } from "#core/figure/picture";
import { between, mirrored } from "#core/figure/pose";
import type { Step } from "#core/prep/timeline";
import { isWorkStep } from "#core/run/state";
import { PosePicture, runTones } from "../figure/pose-picture";

/** Seconds of one movement there and back, where no tempo says otherwise. */
const usualTempo = 4;

/** The drill's picture: still in rests, at its end in holds, moving at the drill's own pace in repetitions. */
export function RunFigure({
  picture,
  step,
  dose,
  running,
  label,
  wall,
}: {
  picture: Picture;
  step: Step;
  dose: Dose;
  running: boolean;
  label: string;
  wall: boolean;
}) {
  const sided = useMemo(
    () => (step.side === "left" ? mirroredPicture(picture) : picture),
    [picture, step.side],
  );
  const held = dose.type === "hold" || step.kind === "contract" || step.kind === "deepen";
  const moves = running && isWorkStep(step) && !held && sided.end !== undefined;
  const share = useSway(dose.type === "reps" ? dose.tempo : usualTempo, moves);
  const shown = useMemo((): Picture => {
    if (!moves || !sided.end) return sided;
    const { end, start, ...rest } = sided;
    return { ...rest, start: between(start, end, share) };
  }, [moves, sided, share]);
  return (
    <PosePicture
      picture={shown}
      label={label}
      only={moves || !isWorkStep(step) || !sided.end ? "start" : "end"}
      tones={runTones}
      className={`h-full w-full ${wall ? "max-h-[62vh]" : "max-h-[34vh] sm:max-h-[48vh]"}`}
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

/** Pictures show the right side at work; for the left they are turned over. */
const mirroredPicture = (picture: Picture): Picture => ({
  ...picture,
  start: mirrored(picture.start),
  ...(picture.end ? { end: mirrored(picture.end) } : {}),
  props: picture.props.map(otherProp),
});
const otherProp = (prop: Prop): Prop =>
  "side" in prop && prop.side ? { ...prop, side: otherSide(prop.side) } : prop;
