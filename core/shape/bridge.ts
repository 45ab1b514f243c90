import type { Pose } from "../figure/pose";
import { remembered } from "../stats/remembered";
import { leastOf } from "./least";
import { assembled, joint, rootOf, type Joint, type Ranges, type Shape } from "./shape";
import { sideViewOf } from "./side-view";

/** Degrees that cost the line about two thirds of its score: arms off upright, low back beyond what is asked, heels of the hands. */
const armScale = 60;
const backScale = 120;
const handScale = 90;
/** The low back is found this closely, degrees. */
const closely = 0.002;
/** Arms further off upright than this are drawn no further, degrees. */
const furthest = 85;

/**
 * A bridge from the side: hands and feet flat on one floor, shins upright, arms straight.
 *
 * Shoulders, upper back and hips bend as far as they have, up to what is asked. Hands and feet then meet one floor by
 * what the low back bends and by how far the arms lean toward the feet, for shoulders that are not over the hands need
 * less bend; the wrists bend by that lean on top of 90°, and where they lack it the heels of the hands come up. Of all
 * bridges that close, the one that spoils the line least. All of it is told beside the bridge of a body with just what
 * is asked, whose arms lean too: in this chain of straight segments nobody's shoulders come quite over the hands.
 */
export function bridgeShape(ranges: Ranges, statureCm: number): Shape {
  const shoulder = joint(ranges, "shoulder.flexion", "shoulder", "both", 185);
  const upper = joint(ranges, "thoracic.extension", "thoracic", "both", 30);
  const lowBack = joint(ranges, "lumbar.extension", "lumbar", "both", 45);
  const hip = joint(ranges, "hip.extension", "hip", "both", 20);
  const wrist = joint(ranges, "wrist.extension", "wrist", "both", 90);
  const clean = cleanBridge([shoulder, upper, hip, wrist, lowBack]);
  const own = bestBridge(
    {
      shoulder: shoulder.used,
      upper: Math.max(0, upper.used),
      hip: hip.used,
      wrist: wrist.have,
      lowBack: Math.max(0, lowBack.have),
    },
    clean,
  );
  const view = sideViewOf(own.pose);
  const reach = Math.abs(view.arm.right.wrist[0] - view.leg.right.heel[0]) * statureCm;
  const { lowBack: taking, lean: leaning, lifted } = beyond(own, clean);
  return assembled({
    pose: own.pose,
    view: 0,
    balanced: null,
    base: null,
    tapeCm: reach,
    joints: [shoulder, upper, lowBack, hip, { ...wrist, short: lifted }],
    gives: [
      {
        at: "lumbar",
        side: "right",
        giving: { gives: "lumbar" },
        size: taking,
        unit: "°",
        scale: backScale,
      },
      {
        at: "shoulder",
        side: "right",
        giving: { gives: "shoulders-behind-hands" },
        size: leaning,
        unit: "°",
        scale: armScale,
      },
      {
        at: "wrist",
        side: "right",
        giving: { gives: "heels-of-hands" },
        size: lifted,
        unit: "°",
        scale: handScale,
      },
    ],
    line:
      taking + leaning < 1
        ? { line: "bridge", reachCm: reach }
        : { line: "bridge-low-back", taking, leaning, reachCm: reach },
  });
}

/** What a bridge is made of, degrees; the low back may bend beyond what is asked, at its cost. */
type Parts = {
  shoulder: number;
  upper: number;
  hip: number;
  wrist: number;
  lowBack: number;
};

/** A bridge: what the low back bends, how far the arms lean toward the feet, how far the heels of the hands are up. */
type Bridge = { lowBack: number; lean: number; lifted: number; pose: Pose };

type Given = Pick<Bridge, "lowBack" | "lean" | "lifted">;

/** By how much more than the clean bridge each of the three gives. */
const beyond = (own: Given, clean: Given): Given => ({
  lowBack: Math.max(0, own.lowBack - clean.lowBack),
  lean: Math.max(0, own.lean - clean.lean),
  lifted: Math.max(0, own.lifted - clean.lifted),
});

const costOf = ({ lowBack, lean, lifted }: Given): number =>
  lowBack / backScale + lean / armScale + lifted / handScale;

/** The bridge that spoils the line least beside the clean one, over what the low back bends more than that. */
function bestBridge(parts: Parts, clean: Given): Bridge {
  const at = (lowBack: number) => closed(parts, lowBack);
  const least = Math.min(clean.lowBack, parts.lowBack);
  const cost = (lowBack: number) => costOf(beyond(at(lowBack), clean));
  return at(leastOf(cost, least, parts.lowBack, closely));
}

/** The bridge of a body with just what is asked, all of it used. */
const cleanBridge = remembered(
  (joints: readonly [Joint, Joint, Joint, Joint, Joint]): Bridge => {
    const [shoulder, upper, hip, wrist, lowBack] = joints.map(({ asked }) => asked) as [
      number,
      number,
      number,
      number,
      number,
    ];
    return closed({ shoulder, upper, hip, wrist, lowBack }, lowBack);
  },
  (joints) => joints.map(({ asked }) => asked).join(),
);

/** The bridge that a bend of the low back gives: the arms lean until hands and feet are on one floor. */
function closed(parts: Parts, lowBack: number): Bridge {
  const lean = rootOf((by) => openBy(poseOf(parts, lowBack, by)), 0, furthest);
  const lifted = Math.max(0, flatHands + lean - parts.wrist);
  return { lowBack, lean, lifted, pose: poseOf(parts, lowBack, lean) };
}

const flatHands = 90;

/** How far the hands are above the feet, statures; below them where negative. */
function openBy(pose: Pose): number {
  const { arm, leg } = sideViewOf(pose);
  return arm.right.wrist[1] - leg.right.heel[1];
}

function poseOf({ shoulder, upper, hip, wrist }: Parts, lowBack: number, lean: number): Pose {
  const pelvis = lowBack + upper + shoulder - 360 + lean;
  const knee = -pelvis - hip;
  return {
    pelvis,
    lowBack,
    upperBack: upper,
    hip: -hip,
    knee,
    ankle: 0,
    shoulder,
    wrist: Math.min(wrist, flatHands + lean),
    neck: 18,
  };
}
