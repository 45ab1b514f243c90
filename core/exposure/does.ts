import type { SiteId } from "../body/sites";
import { atRung, type Drill, type Rung } from "../drill/drill";
import { angleAt } from "../figure/pose";
import { exposures, type Exposure } from "../body/exposures";
import { posesOf, shownIn } from "./posed";

/** What a rung does to a body: everything it exposes it to, and the places a roller or a ball presses on. */
export type RungDoes = { exposes: ReadonlySet<Exposure>; presses: readonly SiteId[] };

const known = new WeakMap<Rung, RungDoes>();

/**
 * What a drill does on one rung: what its picture shows, what its position, kind and kit entail, and what the library
 * says beyond that; without what the library says the picture only seems to show.
 */
export function doesOf(drill: Drill, rung: Rung): RungDoes {
  let found = known.get(rung);
  if (!found) {
    const all = new Set([...seenOf(drill, rung), ...(drill.does ?? []), ...rung.does]);
    for (const not of rung.doesNot) all.delete(not);
    const whole = withConsequences(all, drill, rung);
    for (const not of rung.doesNot) whole.delete(not);
    known.set(
      rung,
      (found = {
        exposes: new Set(exposures.filter((one) => whole.has(one))),
        presses: rung.presses.length > 0 ? rung.presses : drill.presses,
      }),
    );
  }
  return found;
}

/** What can be seen of a rung without being told: in its picture, its position, its kind and its kit. */
export const seenOf = (drill: Drill, rung: Rung): Set<Exposure> =>
  withConsequences(
    new Set([...shownIn(rung, atRung(drill, rung).position), ...entailed(drill, rung)]),
    drill,
    rung,
  );

/** Held there by something else than the muscles that move it. */
const isPassive = ({ kind }: Drill): boolean => kind === "static" || kind === "contract-relax";
const isStrong = ({ kind }: Drill): boolean => kind === "strength" || kind === "skill";

/** What follows from position, kind and kit, whatever is drawn. */
function entailed(drill: Drill, rung: Rung): Exposure[] {
  const { position, loadsHands, inverted, serves } = atRung(drill, rung);
  const has = (...kit: readonly string[]) => rung.kit.some((item) => kit.includes(item));
  const serving = (start: string) =>
    serves.some(({ motion, share }) => share >= 0.5 && motion.startsWith(start));
  const ends = isPassive(drill) || drill.kind === "active" || drill.kind === "skill";
  const list: (Exposure | false)[] = [
    isPassive(drill) && "passive-end",
    drill.kind === "active" && "active-end",
    drill.kind === "contract-relax" && "strain",
    drill.kind === "soft-tissue" && has("roller", "half-roller", "ball", "bottle") && "pressed",
    position === "all-fours" && "hands-part",
    position === "all-fours" && "kneeling",
    (position === "kneeling" || position === "half-kneeling") && "kneeling",
    position === "plank" && "hands-full",
    position === "inverted" && "hands-full",
    inverted && "head-low",
    loadsHands && position !== "plank" && position !== "inverted" && "hands-part",
    position === "hanging" && ((rung.picture.lift ?? 0) > 0 ? "hang" : "hang-part"),
    position === "prone" && "belly",
    position === "supine" && "back",
    (position === "inverted" || inverted) && "fall",
    has("weight") && drill.kind !== "soft-tissue" && "weight",
    has("band", "loop-band") && isStrong(drill) && "band",
    rung.loud && "impact",
    ends && serving("shoulder.external-rotation") && "shoulder-out-end",
    ends && serving("shoulder.horizontal-abduction") && "shoulder-out-end",
    ends && serving("shoulder.internal-rotation") && "shoulder-behind-end",
    ends && serving("shoulder.extension") && "shoulder-behind-end",
    ends && serving("wrist.") && "wrist-end",
    ends && serving("toes.") && "toes-end",
    ends && serving("neck.") && "neck-end",
    isPassive(drill) && serving("hip.") && "hip-end",
    position === "split" && "hip-end",
    position === "split" && rung.session?.type === "hold" && "passive-end",
    isPassive(drill) && serving("lumbar.lateral") && "spine-side-end",
    isPassive(drill) && serving("thoracic.rotation") && "spine-turn-end",
    isPassive(drill) && serving("lumbar.extension") && "spine-arch-end",
    drill.kind === "strength" && serving("neck.") && "neck-loaded",
    standsOnOne(drill, rung) && "one-leg",
  ];
  return list.filter((one): one is Exposure => one !== false);
}

/** Standing with one foot drawn clearly off the floor and nothing to hold. */
function standsOnOne(drill: Drill, rung: Rung): boolean {
  if (atRung(drill, rung).position !== "standing") return false;
  return posesOf(rung).some((pose) => {
    const raised = (side: "left" | "right") =>
      Math.abs(angleAt(pose.hip, side) + (pose.pelvis ?? 0)) > 25 ||
      angleAt(pose.hipOut, side) > 25 ||
      angleAt(pose.knee, side) > 60;
    return raised("left") !== raised("right");
  });
}

/** What one exposure makes of another: an end of range under load is loaded there. */
function withConsequences(all: ReadonlySet<Exposure>, drill: Drill, rung: Rung): Set<Exposure> {
  const set = new Set(all);
  const bearing = set.has("hands-full") || set.has("hang") || set.has("hang-part");
  const loaded = bearing || set.has("weight");
  const add = (when: boolean, one: Exposure) => when && set.add(one);
  if (set.has("hands-full")) set.delete("hands-part");
  const standing = ["standing", "half-kneeling", "kneeling"].includes(atRung(drill, rung).position);
  add(standing && set.has("knee-deep"), "knee-loaded");
  add(set.has("inverted"), "head-low");
  add(set.has("inverted"), "fall");
  add(loaded && set.has("shoulder-overhead-end"), "shoulder-overhead-loaded");
  add(loaded && set.has("shoulder-behind-end"), "shoulder-behind-loaded");
  add(loaded && set.has("shoulder-out-end"), "shoulder-out-loaded");
  add(bearing && set.has("spine-arch-end"), "spine-arch-loaded");
  add(set.has("weight") && set.has("spine-bend-end"), "spine-bend-loaded");
  add((set.has("weight") || set.has("band")) && set.has("spine-turn-end"), "spine-turn-loaded");
  add(set.has("hang") && set.has("shoulder-behind-end"), "hang-behind");
  add(set.has("hang-behind"), "shoulder-behind-loaded");
  add(set.has("head-bears"), "neck-loaded");
  add(set.has("hands-full") && set.has("wrist-end") && isStrong(drill), "strain");
  add(set.has("hang") || set.has("near-maximal"), "strain");
  return set;
}

/** Joints whose motions a rung works on by at least this share are worked on purpose. */
export const onPurpose = 0.3;
