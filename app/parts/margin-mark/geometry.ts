import type { Side } from "#core/body/side";
import type { Verdict } from "#core/aim/margin";

/** One side on the rule: margin and error in degrees, or unmeasured. */
export type Reading = {
  side: Side;
  margin: number | null;
  se: number;
  verdict: Verdict;
  asked: boolean;
};

/** Where everything of a margin mark lies, in a box `width` wide; the demand is at `middle`. */
export type MarkGeometry = {
  middle: number;
  ticks: { x: number; heavy: boolean }[];
  sides: {
    side: Side;
    y: number;
    x: number | null;
    bar: { x: number; width: number; short: boolean } | null;
    whisker: { from: number; to: number } | null;
    notch: string;
    beyond: "left" | "right" | null;
    verdict: Verdict;
    asked: boolean;
  }[];
};

const notchSize = 5.5;
const lane = 9;

/**
 * Lays a margin mark out. Short lies left of the demand, spare right of it; the left side runs above the rule,
 * the right side below, a trunk value on the rule itself.
 * @param span degrees from the demand to the left end; the right end is at two fifths of it
 */
export function markGeometry(
  readings: readonly Reading[],
  width: number,
  height: number,
  span: number,
): MarkGeometry {
  const spare = span * 0.55;
  const perDegree = width / (span + spare);
  const middle = span * perDegree;
  const centre = height / 2;
  // On a low mark the sides move together, so that neither is cut.
  const apart = Math.min(lane, centre - notchSize);
  const place = (margin: number) => Math.min(width - 2, Math.max(2, middle + margin * perDegree));
  const ticks: { x: number; heavy: boolean }[] = [];
  for (let degree = -Math.floor(span / 5) * 5; degree <= spare; degree += 5)
    ticks.push({ x: middle + degree * perDegree, heavy: degree % 10 === 0 });
  return {
    middle,
    ticks,
    sides: readings.map(({ side, margin, se, verdict, asked }) => {
      const y = centre + (side === "left" ? -apart : side === "right" ? apart : 0);
      if (margin === null)
        return {
          side,
          y,
          x: null,
          bar: null,
          whisker: null,
          notch: "",
          beyond: null,
          verdict,
          asked,
        };
      const x = place(margin);
      return {
        side,
        y,
        x,
        bar: { x: Math.min(x, middle), width: Math.abs(x - middle), short: margin < 0 },
        whisker: { from: place(margin - se), to: place(margin + se) },
        notch: notchPath(side, x, y),
        beyond: margin < -span ? "left" : margin > spare ? "right" : null,
        verdict,
        asked,
      };
    }),
  };
}

/** ◂ for the left side, ▸ for the right, a lozenge for the trunk. The tip is the value. */
export function notchPath(side: Side, x: number, y: number): string {
  const s = notchSize;
  if (side === "left") return `M${x} ${y}l${s * 1.6} ${-s}v${2 * s}z`;
  if (side === "right") return `M${x} ${y}l${-s * 1.6} ${-s}v${2 * s}z`;
  return `M${x} ${y - s}l${s} ${s}l${-s} ${s}l${-s} ${-s}z`;
}
