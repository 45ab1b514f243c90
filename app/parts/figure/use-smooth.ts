import { useEffect, useRef, useState } from "react";
import { apart, between, type Pose } from "#core/figure/pose";
import type { Shape } from "#core/shape/shape";

/** How long a shape takes to become another, ms. */
const duration = 220;
/** Changes smaller than this are drawn at once, degrees: a hand that drags wants no delay. */
const small = 14;

/** A shape that glides from one posture to the next; at once where the user wants no motion, or it is under a hand. */
export function useSmooth(shape: Shape): Shape {
  const [shown, setShown] = useState<Pose>(shape.pose);
  const from = useRef<Pose>(shape.pose);
  useEffect(() => {
    const start = from.current;
    const still = matchMedia("(prefers-reduced-motion: reduce)").matches;
    if (still || apart(start, shape.pose) < small) {
      from.current = shape.pose;
      setShown(shape.pose);
      return;
    }
    const began = performance.now();
    let beat = requestAnimationFrame(function step(now) {
      const share = Math.min(1, (now - began) / duration);
      const eased = 1 - (1 - share) ** 3;
      const pose = share >= 1 ? shape.pose : between(start, shape.pose, eased);
      from.current = pose;
      setShown(pose);
      if (share < 1) beat = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(beat);
  }, [shape.pose]);
  return { ...shape, pose: shown };
}
