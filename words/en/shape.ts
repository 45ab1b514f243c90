import { decimal } from "./locale";
import type { Skill } from "#core/content/skill";
import type { Between, ShapeSpread } from "#core/limit/shape-spread";
import type { Limits } from "#core/shape/limits";
import type { Compensation, Line, Shape } from "#core/shape/shape";
import { motionOf, type MotionId } from "#core/body/motions";
import type { WhyWords } from "./plain";

const round = (figure: number): string => decimal(figure, 0);

/** What the body does instead, as a heading beside the figure. */
export function givingWords({ giving }: Pick<Compensation, "giving">): string {
  switch (giving.gives) {
    case "lumbar":
      return "Low back takes it up";
    case "shoulders-behind-hands":
      return "Shoulders behind the hands";
    case "heels-of-hands":
      return "Heels of the hands lift";
    case "off-the-floor":
      return "Off the floor";
    case "trunk-over-split":
    case "trunk-over-feet":
    case "trunk-for-leg":
      return "Trunk leans forward";
    case "high-squat":
      return "Stops high";
    case "free-leg":
      return "Free leg sinks";
    case "arms-forward":
      return "Arms fall forward";
    case "short-of-upright":
      return "Leg short of upright";
    case "open-fold":
      return "The fold stays open";
    case "chest-off-the-floor":
      return "Chest off the floor";
    case "folded-hang":
      return "Body stays folded";
    case "bent-elbows":
      return "Elbows bend";
    case "lower-legs":
      return "Legs hang lower";
    case "turned-hands":
      return "Hands turn out or lift";
    case "lower-in-front":
    case "lower-to-the-side":
      return "Leg lower";
    case "lower-foothold":
      return "Foothold comes down";
    case "instep-behind":
      return "Instep behind the line";
    case "lower-heel":
      return "Heel lower";
    case "broken-line":
      return "Line breaks at the shoulders";
    case "arched-back":
      return "Low back and hips arch";
    case "leaning-arms":
      return "Arms lean forward";
    case "hanging-legs":
      return "Legs hang toward the belly";
    case "no-balance":
      return "No balance on flat hands";
    case "range":
      return `${motionOf(giving.motion).name} short`;
  }
}

/** How much of it, under the heading; nothing where a skill without a model says it once already. */
export function givingAmount({ giving, size, unit }: Compensation): string {
  const plain = `${round(size)}${unit === "cm" ? " cm" : "°"}`;
  switch (giving.gives) {
    case "lumbar":
      return `${plain} more than its share`;
    case "off-the-floor":
      return `${plain} under the hips`;
    case "trunk-over-split":
      return `${plain} more than the back can take up`;
    case "high-squat":
      return giving.below < 0
        ? `thighs ${round(-giving.below)}° above level`
        : `thighs ${round(giving.below)}° below level`;
    case "trunk-over-feet":
      return `${round(giving.lean)}° to stay over the feet`;
    case "trunk-for-leg":
      return `${round(giving.lean)}° to lift the leg level`;
    case "open-fold":
      return `${plain} short of the thighs`;
    case "chest-off-the-floor":
      return `about ${round(giving.cm)} cm, ${plain} of fold short`;
    case "folded-hang":
      return `${plain} before the shoulders stop`;
    case "lower-in-front":
      return `${plain} lower in front`;
    case "lower-to-the-side":
      return `${plain} lower to the side, the hip hikes`;
    case "lower-foothold":
      return `about ${plain}, or the pelvis rolls and leaves the wall`;
    case "instep-behind":
      return `${plain} short: knees or hips make it up`;
    case "lower-heel":
      return `${plain} less steep`;
    case "arched-back":
      return `${plain} to keep balance`;
    case "leaning-arms":
      return `${plain} past upright`;
    case "no-balance":
      return `a wedge of ${plain} or bars`;
    case "range":
      return giving.seen ?? "";
    case "shoulders-behind-hands":
    case "heels-of-hands":
    case "free-leg":
    case "arms-forward":
    case "short-of-upright":
    case "bent-elbows":
    case "lower-legs":
    case "turned-hands":
    case "broken-line":
    case "hanging-legs":
      return plain;
  }
}

/** The shape in one sentence. */
export const shapeWords = ({ line }: Pick<Shape, "line">): string => lineWords(line);

/** How far a shape is known, and which check would tell more. */
export function spreadWords(
  { score, size, mostBy }: ShapeSpread,
  { line }: Pick<Shape, "line">,
): string {
  const unit = line.line.includes("split") || line.line.includes("bridge") ? " cm" : "°";
  const sized = size ? sizeWords(line, size, unit) : "";
  return `${sized}Line ${round(score.low)} to ${round(score.high)} of 100. More trials of ${motionOf(mostBy).name.toLowerCase()} would help most.`;
}

/** What lies between the ends: said where they are not one number. */
function sizeWords(line: Line, { low, high }: Between, unit: string): string {
  if (round(low) === round(high)) return "";
  if (line.line === "squat" || line.line === "high-squat")
    return `By the checks' errors between ${levelWords(low)} and ${levelWords(high)}. `;
  return `By the checks' errors between ${round(Math.max(0, low))} and ${round(high)}${unit}. `;
}

const levelWords = (above: number): string =>
  above > 0 ? `${round(above)}° above level` : `${round(-above)}° below`;

function lineWords(line: Line): string {
  switch (line.line) {
    case "handstand":
      return `One straight line over the hands.${onWedge(line.wedge)}`;
    case "handstand-breaks":
      return `The line breaks by about ${round(line.arch)}° in low back and hips to stay over the hands.${onWedge(line.wedge)}`;
    case "handstand-falls":
      return `Flat hands leave no balance: the wrists lack ${round(line.missing)}°.`;
    case "bridge":
      return `An even arch, ${round(line.reachCm)} cm from hands to heels.`;
    case "bridge-low-back":
      return line.taking > line.leaning
        ? `The low back takes ${round(line.taking)}° more; hands and heels stay ${round(line.reachCm)} cm apart.`
        : `The shoulders stay ${round(line.leaning)}° behind the hands; hands and heels stay ${round(line.reachCm)} cm apart.`;
    case "flat-front-split":
      return "Flat, both legs on the floor.";
    case "flat-middle-split":
      return "Flat, both legs out to the sides.";
    case "front-split":
      return `Legs ${round(line.spread)}° apart: ${round(line.gapCm)} cm off the floor, pelvis tipped ${round(line.tilt)}°.`;
    case "middle-split":
      return `Legs ${round(line.spread)}° apart: ${round(line.gapCm)} cm off the floor.`;
    case "squat": {
      const [heels, thighs] = line.oneLeg ? ["Heel", "thigh"] : ["Heels", "thighs"];
      return `${heels} down, ${thighs} ${round(line.below)}° below level, trunk ${round(line.trunk)}° forward.`;
    }
    case "high-squat":
      return line.oneLeg
        ? `With the heel down the thigh stops ${round(line.above)}° above level.`
        : `With the heels down the thighs stop ${round(line.above)}° above level.`;
    case "leg-behind":
      return "The leg level behind, the trunk up.";
    case "leg-behind-leans":
      return `The leg comes level only with the trunk ${round(line.lean)}° forward.`;
    case "upright-legs":
      return "Both legs in one upright line.";
    case "legs-short-of-upright":
      return `The legs open ${round(line.spread)}°: the upper one stays ${round(line.short)}° off upright.`;
    case "fold":
      return "Folded flat on straight legs.";
    case "open-fold":
      return line.fingersCm > 1
        ? `The fold opens by ${round(line.short)}°: fingertips ${round(line.fingersCm)} cm off the floor.`
        : `The fold opens by ${round(line.short)}°: the hands reach the floor, the chest not the legs.`;
    case "pancake":
      return "Chest on the floor between the legs.";
    case "open-pancake":
      return `The pelvis tips ${round(line.tilt)}°: the chest stays about ${round(line.chestCm)} cm up.`;
    case "behind-back-hang":
      return "Hanging with the arms behind, the shoulders open.";
    case "folded-hang":
      return `The shoulders stop ${round(line.short)}° before the open hang.`;
    case "level-support":
      return "Legs level, held.";
    case "high-support":
      return "Legs apart and above level, held.";
    case "lower-support":
      return `The legs hang ${round(line.short)}° lower.`;
    case "leg-up":
      return `The leg holds ${round(line.high)}° ${line.to === "front" ? "in front" : "to the side"}${line.short >= 1 ? `, ${round(line.short)}° short` : ""}.`;
    case "foothold":
      return `A foothold ${round(line.heightCm)} cm up is within reach without leaving the wall.`;
    case "full-rise":
      return "Shin, instep and toes in one upright line.";
    case "full-rise-short":
      return `The instep stays ${round(line.short)}° behind the line.`;
    case "demi-rise":
      return "High on the balls of the feet.";
    case "demi-rise-short":
      return `The heels stop ${round(line.short)}° early.`;
    case "told":
      return line.text;
  }
}

const onWedge = (wedge: number): string => (wedge > 0 ? ` On a wedge of ${round(wedge)}°.` : "");

/** What a line score was made of. */
export const scoreWhy = (shape: Shape, model: Skill["model"]): WhyWords => ({
  rule:
    model === "posed"
      ? "This skill’s line is not solved. The score is 100 less the degrees each joint lacks, by weight. 100 · exp(−Σ weight × shortage / 55°), joint by joint"
      : "100, less whatever the body does instead of the clean line, by its size. 100 · exp(−Σ size / scale)",
  inputs: Object.fromEntries(
    shape.compensations.map((give) => [givingWords(give), `${decimal(give.size, 1)} ${give.unit}`]),
  ),
  source: "segment proportions: Drillis & Contini 1966, in Winter 2009; scales are working figures",
});

/** What a shape was solved from, and what it is answered with. */
export const shapeWhy = (shape: Shape, limits: Limits, assumed: readonly MotionId[]): WhyWords => ({
  rule: "Each joint moves only as far as it was measured. Hands and feet stay put, and the weight stays over the base. What is missing is taken up where bodies take it up",
  inputs: {
    ...Object.fromEntries(
      Object.entries(limits).map(([motion, sides]) => [
        motionOf(motion as MotionId).name,
        Object.entries(sides)
          .map(([side, degrees]) => `${side === "mid" ? "" : `${side} `}${decimal(degrees, 0)}°`)
          .join(", "),
      ]),
    ),
    ...(assumed.length > 0
      ? {
          "not measured, as adults usually have it": assumed
            .map((motion) => motionOf(motion).name.toLowerCase())
            .join(", "),
        }
      : {}),
    "line score": decimal(shape.score, 1),
  },
  source: "segment proportions: Drillis & Contini 1966, in Winter 2009",
});
