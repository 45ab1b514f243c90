import { Pause, Play } from "lucide-react";
import { useEffect, useState } from "react";
import type { MotionId } from "#core/body/motions";
import type { Picture } from "#core/figure/picture";
import type { Effort } from "./effort";
import { PictureBeside } from "./picture-beside";

/** One way there takes this long, ms; then the same back. */
const oneWay = 1500;

/** How far between start and end a movement is at a time: slow at both ends. */
export const shareAt = (ms: number): number => (1 - Math.cos((Math.PI * ms) / oneWay)) / 2;

/**
 * A drill's picture that moves in place when asked: start to end and back.
 * Where the user wants no motion it is never offered; start and end stand side by side.
 */
export function MovingPicture({
  picture,
  label,
  serves,
  effort = null,
  className = "",
}: {
  picture: Picture;
  label: string;
  serves?: readonly { motion: MotionId }[];
  effort?: Effort | null;
  className?: string;
}) {
  const [moving, setMoving] = useState(false);
  const [share, setShare] = useState(0);
  useEffect(() => {
    if (!moving) return;
    const began = performance.now();
    let beat = requestAnimationFrame(function step(now) {
      setShare(shareAt(now - began));
      beat = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(beat);
  }, [moving]);
  return (
    <div className="relative self-start">
      <PictureBeside
        picture={picture}
        share={moving ? share : null}
        label={label}
        {...(serves ? { serves } : {})}
        effort={moving ? null : effort}
        className={className}
      />
      {picture.end ? (
        <button
          type="button"
          className="quiet no-print absolute bottom-0 right-0 motion-reduce:hidden"
          onClick={() => setMoving(!moving)}
          aria-pressed={moving}
          aria-label={moving ? "Hold the picture still" : "Move the picture"}
        >
          {moving ? <Pause size={15} /> : <Play size={15} />}
        </button>
      ) : null}
    </div>
  );
}
