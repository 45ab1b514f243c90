import { atRung, rungOf, type Drill, type Rung } from "../drill/drill";
import { workSeconds, type Dose } from "../drill/dose";
import { doesOf } from "../exposure/does";
import type { Exposure } from "../body/exposures";
import type { PrepItem } from "../records/records";
import { drillOf, type Drills } from "../content/library";

/** What has to be worked before the hands carry: bending back, turning the forearms, the fingers. */
export type HandsPart = "wrist" | "forearm" | "fingers";
export const handsParts: readonly HandsPart[] = ["wrist", "forearm", "fingers"];

/** Seconds of each part, by how much the hands are going to carry. Working figures. */
const wanted = {
  part: { wrist: 12, forearm: 6, fingers: 6 },
  full: { wrist: 20, forearm: 12, fingers: 10 },
  hard: { wrist: 24, forearm: 14, fingers: 12 },
} as const;
/** What asks most of wrists and fingers. */
const hardest: readonly Exposure[] = ["inverted", "near-maximal", "fists", "hand-backs", "one-arm"];
/** Fingers before hanging and climbing, seconds. */
const fingersFirst = 8;

export type HandsReady = Record<HandsPart, number>;
export const unready: HandsReady = { wrist: 0, forearm: 0, fingers: 0 };

/** Seconds of each part that have to stand before a rung; what prepares the hands by itself asks for none. */
export function handsBefore(drill: Drill, rung: Rung): HandsReady {
  if (drill.preparesHands) return unready;
  const { exposes } = doesOf(drill, rung);
  const onHands = exposes.has("hands-full") || exposes.has("hands-part");
  if (onHands && hardest.some((one) => exposes.has(one))) return wanted.hard;
  if (exposes.has("hands-full")) return wanted.full;
  if (exposes.has("hang") || exposes.has("hang-part") || drill.region === "climbing")
    return { ...unready, fingers: fingersFirst };
  return exposes.has("hands-part") ? wanted.part : unready;
}

/** What a dose of a rung prepares of the hands, seconds. */
export function readies(drill: Drill, rung: Rung, dose: Dose): HandsReady {
  const work = workSeconds(dose);
  const by = (test: (motion: string) => boolean): number =>
    atRung(drill, rung).serves.reduce(
      (sum, { motion, share }) => (test(motion) ? sum + share * work : sum),
      0,
    );
  return {
    wrist: by((motion) => motion === "wrist.extension"),
    forearm: by((motion) => motion.startsWith("forearm.")),
    fingers: by((motion) => motion.startsWith("fingers.")),
  };
}

/** A prep's items so far, as they have prepared the hands. */
export function readyAfter(items: readonly PrepItem[], library: Drills): HandsReady {
  return items.reduce((sum, item) => {
    const drill = drillOf(library, item.drillId);
    return drill ? plus(sum, readies(drill, rungOf(drill, item.rungId), item.dose)) : sum;
  }, unready);
}

export const plus = (a: HandsReady, b: HandsReady): HandsReady => ({
  wrist: a.wrist + b.wrist,
  forearm: a.forearm + b.forearm,
  fingers: a.fingers + b.fingers,
});

/** The parts that are short of what a rung asks before it. */
export const unreadyParts = (ready: HandsReady, asked: HandsReady): HandsPart[] =>
  handsParts.filter((part) => ready[part] + 0.01 < asked[part]);
