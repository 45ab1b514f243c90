import { decimal } from "./locale";
import type { WhyWords } from "./plain";
import type { MarginWhy } from "#core/aim/margin";
import { motionOf } from "#core/body/motions";
import { unitOf, type ErrorSource, type Geometry, type ReadingKind } from "#core/content/protocol";
import type { ChangeWhy, SidesWhy } from "#core/measure/change";
import type { BodyLength } from "#core/measure/convert";
import type { JoinedWhy, Reckoned } from "#core/measure/pairs";
import type { PhotoWhy } from "#core/measure/photo";
import type { ConvertedWhy, MeanWhy } from "#core/measure/value";
import type { TapeFitWhy } from "#core/shape/fit";

/** How a number came to be, as the core tells it. */
export type Why =
  MeanWhy | ConvertedWhy | JoinedWhy | PhotoWhy | ChangeWhy | SidesWhy | MarginWhy | TapeFitWhy;

const withError = ({ value, se }: Reckoned): string => `${decimal(value, 1)} ± ${decimal(se, 1)}`;
const inDegrees = ({ value, se }: Reckoned): string => `${decimal(value, 1)}° ± ${decimal(se, 1)}`;

export function whyWords(why: Why): WhyWords {
  switch (why.rule) {
    case "mean":
      return {
        rule: `The mean of the trials. Its error is how far this tool is known to be off in this check. Too few trials, or trials far apart, widen it${why.ownError > 0 ? ", and so does the error of the reading itself" : ""}`,
        inputs: {
          trials: why.trials.join(", "),
          instrument: why.instrument,
          "off by (SEM)": String(why.sem),
          "trials wanted": String(why.wanted),
          ...(why.ownError > 0
            ? { "own error of the reading": `± ${decimal(why.ownError, 2)}` }
            : {}),
          error: `± ${decimal(why.se, 2)}`,
        },
        source: errorSourceWords(why.source),
      };
    case "converted":
      return {
        rule: `Body lengths turn the reading into degrees: ${why.geometry ? geometryWords(why.geometry) : (formulas[why.reading] ?? "")}. Its error follows by the slope`,
        inputs: {
          reading: `${decimal(why.value, 1)}${unitOf({ reading: why.reading })} ± ${decimal(why.se, 2)}`,
          ...Object.fromEntries(why.lengths.map(lengthWords)),
          slope: `${decimal(why.slope, 2)}° per cm`,
        },
        source: errorSourceWords(why.source),
      };
    case "total-arc":
      return {
        rule: "Outward and inward turning added, with both errors",
        inputs: { outward: inDegrees(why.outward), inward: inDegrees(why.inward) },
      };
    case "usable-share":
      return {
        rule: "What the athlete’s own muscles reach, out of what the joint allows when moved. Below 0.8, strength at the end of the range comes first",
        inputs: {
          active: inDegrees(why.active),
          passive: inDegrees(why.passive),
          error: `± ${decimal(why.se, 2)}`,
        },
      };
    case "borrowed-turnout":
      return {
        rule: "Turnout standing, less what the hips turn lying down. Real if it is more than both errors explain",
        inputs: { standing: inDegrees(why.standing), lying: inDegrees(why.lying) },
      };
    case "photo-vertex":
    case "photo-plumb":
      return {
        rule: `The angle between ${why.rule === "photo-vertex" ? "the two segments" : "the segment and the plumb line"}. Its error comes from how far off each landmark may be placed`,
        inputs: {
          "pointing error σ": `${decimal(why.sigma, 1)} px`,
          error: `± ${decimal(why.se, 1)}°`,
        },
      };
    case "change":
      return {
        rule: `A change is real when the line through all ${why.readings} readings moves more than errors and ordinary days explain. One in ten of those called real may be false${why.widening > 1 ? `. Other hands measured too: errors × ${why.widening}` : ""}`,
        inputs: {
          readings: String(why.readings),
          ...(why.testers.length > 0 ? { testers: why.testers.join(", ") } : {}),
          change: `${decimal(why.delta, 1)} ± ${decimal(why.se, 1)}`,
          "needed to be real": decimal(why.threshold, 1),
        },
      };
    case "sides":
      return {
        rule: "A side difference is real when it is more than both readings’ errors explain. It is worth acting on when it is also large enough",
        inputs: {
          left: withError(why.left),
          right: withError(why.right),
          index: `${decimal(why.index, 0)} %`,
          "act above": `${why.actAbove} %`,
        },
      };
    case "margin":
      return {
        rule: "The margin is what was measured, less what is needed. Clear: enough in 9 of 10 such cases. Short: enough in 1 of 10 or fewer. Unsure: between",
        inputs: {
          have: `${decimal(why.have, 1)}° ± ${decimal(why.se, 1)}°`,
          need: `${why.need}°`,
          margin: `${decimal(why.margin, 1)}°`,
          "chance that it is enough": decimal(why.probability, 2),
        },
      };
    case "unmeasured":
      return {
        rule: "No check of this motion yet: unknown, not zero",
        inputs: { motion: motionOf(why.motion).name, mode: why.mode },
      };
    case "together":
      return {
        rule: "One reading over two joints: what one has more, the other needs less",
        inputs: {
          together: `${why.atLeast ? "at least " : ""}${decimal(why.sum, 1)}° ± ${decimal(why.se, 1)}° of ${why.need}°`,
          "this joint gives": `${decimal(why.gives, 1)}°`,
          "the other gives": `${decimal(why.other, 1)}°`,
        },
      };
    case "tape-fit":
      return {
        rule: "The tape is compared with the figure on every day that has both. The figure is corrected by one added length, and by a leg up to about 2 cm longer or shorter",
        inputs: {
          ...Object.fromEntries(
            why.rounds.map(({ on, model, tape, se }) => [
              on,
              `model ${decimal(model, 1)} cm, tape ${decimal(tape, 1)} ± ${decimal(se, 1)} cm`,
            ]),
          ),
          ...(why.legCm === null ? {} : { "leg length, fitted": `${decimal(why.legCm, 1)} cm` }),
        },
        source: "the skill’s own model; lengths measured, or from the height",
      };
  }
}

const formulas: Partial<Record<ReadingKind, string>> = {
  "knee-to-wall-cm": "shin angle = asin((d + a − p) / s)",
  "front-split-gap-cm": "leg spread = 180 − 2 · asin(h / L)",
  "middle-split-gap-cm": "leg spread = 2 · acos(h / L)",
  "ankle-spread-cm": "leg spread = 2 · asin(w / 2L)",
  "pass-over-grip-cm": "arm from vertical = asin((g − b) / 2A)",
};

/** The formula of a check that states its own geometry, as "angle = 90 + asin((x − 7) / arm)". */
function geometryWords({ rule, part, base, sign, less, share }: Geometry): string {
  const x = less === 0 ? "x" : `(x ${less > 0 ? "−" : "+"} ${Math.abs(less)})`;
  const turned = {
    chord: `2 · asin(${x} / (2 · ${lengthNames[part]}))`,
    sine: `asin(${x} / ${lengthNames[part]})`,
    fold: `180 − acos((thigh² + shin² − ${x}²) / (2 · thigh · shin))`,
  }[rule];
  const whole = base === 0 && sign === 1 ? turned : `${base} ${sign === 1 ? "+" : "−"} ${turned}`;
  return `angle = ${share === 1 ? whole : `${share} · (${whole})`}`;
}

const lengthNames: Record<BodyLength["length"], string> = {
  leg: "leg L",
  arm: "arm A",
  breadth: "shoulder breadth b",
  shin: "shin s",
  "ankle-behind-toe": "ankle behind the toe a",
  kneecap: "kneecap p",
  "hip-to-ankle": "hip to ankle",
  thigh: "thigh",
  forearm: "forearm",
  "arm-to-wrist": "arm to the wrist",
  trunk: "hip to breastbone",
  "ankle-to-toe": "ankle to toe tip",
  "heel-to-ball": "heel to ball of the foot",
  allowance: "allowance a",
};
const lengthFrom = {
  own: ", measured",
  stature: ", from the height",
  age: ", from the usual height of the age",
  allowance: "",
};

const lengthWords = ({ length, cm, from }: BodyLength): [string, string] => [
  lengthNames[length],
  `${decimal(cm, 1)} cm${lengthFrom[from]}`,
];

const errorSourceWords = (source: ErrorSource): string =>
  source.from === "stated"
    ? source.text
    : `not an instrument of this check (${source.instrument}): its largest error is used`;
