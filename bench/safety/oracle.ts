import { ageOn, type Athlete } from "../../core/records/athlete";
import type { Log, Place, PrepItem } from "../../core/records/records";
import type { Drill, Rung } from "../../core/drill/drill";
import type { Library } from "../../core/content/library";

/**
 * A careful clinician's reading of a prep, written apart from the gate: it looks at positions, pictures, kit and the
 * names of ladders, and shares no table, no figure and no function of judgement with it. A list of what is wrong.
 */
export type Judged = {
  athlete: Athlete;
  logs: readonly Log[];
  place: Place | null;
  on: string;
  alreadyWarm: boolean;
  library: Library;
};

const dayNumber = (day: string): number => Date.parse(day) / 86_400_000;

/** Ladders by what a clinician sees in them; a rung as "drill/rung". */
const headDown = [
  /^(wall-line|line-shifts|press-leans|pike-series|rolls)\//,
  /^bent-arm-prep\/(head|wall)/,
  /^bridge-series\/(box|lifts|one)/,
  /^back-walkover-parts\//,
  /^ring-turns\/(tuck|behind|pike)/,
  /^cartwheel-parts\/(box|line)/,
  /^standing-split-parts\/(wall|free)/,
  /^(handstand-exits|kick-up|hand-balance-pulls|hand-shapes|forearm-stand|headstand)\//,
  /^overhead-shrugs\/(pike|wall)/,
  /^chest-stand\/full/,
  /^falls\/(forward|jump-roll)/,
];
const heavyHands = [
  /^(wall-line|line-shifts|press-leans|planche-leans|support-series|support-hold|bent-arm-prep)\//,
  /^push-ramp\/(box|knees|floor|raised)/,
  /^bridge-series\/(box|lifts|one)/,
  /^back-walkover-parts\/(kick|free)/,
  /^cartwheel-parts\/(box|line)/,
  /^(knuckle-raises|fist-work|blade-raises)\/plank/,
  /^(handstand-exits|kick-up|hand-balance-pulls|hand-shapes|headstand|planche-parts|plank-taps)\//,
  /^overhead-shrugs\/(pike|wall)/,
  /^push-plus\/(knees|floor)/,
  /^blade-spreads\/plank/,
];
const hangsBehind = /^ring-turns\/(tuck|behind|pike)/;
const bridges = /^(bridge-series\/(box|lifts|one)|back-walkover-parts\/|chest-stand\/)/;
const ringWork = /^ring-turns\//;
const deepSplits = /^(split-series|over-split-series|middle-split-series)\//;
const passiveSkills =
  /^(split-series|over-split-series|middle-split-series|pancake-series\/(block|chest)|pike-series|standing-split-parts|leg-up-series\/(lying|wall))\/?/;
const arched =
  /^(bridge-series\/(box|lifts|one)|back-walkover-parts|press-up-prone\/(half|full)|leg-behind-series|chest-stand)/;
const jumps =
  /^(run\/|pulse\/(skip|jacks)|cartwheel-parts\/(box|line)|back-walkover-parts\/(kick|free)|landings\/(jump|box|one)|hops\/|leaps\/|toes-in-and-out\/hops|falls\/jump-roll)/;
/** What a child, or anybody new to it, reaches only over weeks. */
const guarded =
  /^(ring-turns\/(tuck|behind|pike)|planche-leans\/(plank|box)|over-split-series\/(back|standing)|bridge-series\/(lifts|one)|back-walkover-parts\/(kick|free)|line-shifts\/(wall|fingers)|wall-line\/(half|full)|kick-up\/|hand-balance-pulls\/|hand-shapes\/|headstand\/|front-lever\/|planche-parts\/|chest-stand\/|edge-pulls\/(half|toes|two-hand)|muscle-up-parts\/(turn|slow-down)|handstand-exits\/(turn-out|free-turn))/;

/** Ladders that nobody begins without another one behind them. */
const comesAfter: readonly (readonly [RegExp, string])[] = [
  [/^kick-up\//, "handstand-exits"],
  [/^headstand\//, "neck-ready"],
  [/^front-lever\//, "active-hang"],
  [/^planche-parts\//, "planche-leans"],
  [/^chest-stand\//, "bridge-series"],
  [/^leaps\//, "landings"],
  [/^hand-shapes\//, "wall-line"],
];

type Seen = { drill: Drill; rung: Rung; path: string; position: string; item: PrepItem };

const any = (list: readonly RegExp[], path: string): boolean => list.some((one) => one.test(path));

const servesJoint = ({ drill, rung }: Seen, joint: string): boolean =>
  (rung.serves ?? drill.serves).some(
    ({ motion, share }) => motion.startsWith(`${joint}.`) && share >= 0.4,
  );
const passive = ({ drill, path }: Seen): boolean =>
  drill.kind === "static" || drill.kind === "contract-relax" || passiveSkills.test(path);
const isOnHands = ({ drill, rung, path, position }: Seen): boolean =>
  any(heavyHands, path) ||
  position === "plank" ||
  position === "inverted" ||
  (rung.loadsHands ?? drill.loadsHands) === true ||
  (position === "all-fours" &&
    !/elbow|forearm/.test(`${rung.name} ${rung.steps.join(" ")}`.toLowerCase()));
const kneels = ({ position }: Seen): boolean =>
  position === "kneeling" || position === "half-kneeling";
const stay = ({ dose }: PrepItem): number =>
  dose.type === "hold" || dose.type === "time"
    ? dose.seconds
    : dose.type === "contract-relax"
      ? dose.deepen
      : 0;
const workOf = ({ dose }: PrepItem): number =>
  dose.type === "reps"
    ? dose.sets * dose.reps * dose.tempo
    : dose.type === "contract-relax"
      ? dose.rounds * (dose.contract + dose.deepen)
      : dose.sets * dose.seconds;

/** What each condition forbids, in a clinician's own words made into tests. */
const forbids: Record<string, (seen: Seen) => boolean> = {
  pressure: (s) =>
    any(headDown, s.path) ||
    s.position === "inverted" ||
    (s.position === "hanging" && !!s.rung.picture.lift) ||
    s.rung.kit.includes("weight"),
  pregnancy: (s) =>
    any(headDown, s.path) ||
    s.position === "prone" ||
    jumps.test(s.path) ||
    any(heavyHands, s.path) ||
    (s.position === "hanging" && !!s.rung.picture.lift),
  bone: (s) =>
    /^rolls\//.test(s.path) ||
    jumps.test(s.path) ||
    any(headDown.slice(0, 1), s.path) ||
    bridges.test(s.path) ||
    (s.drill.kind === "soft-tissue" && s.rung.kit.includes("roller")),
  connective: (s) =>
    passive(s) || bridges.test(s.path) || (s.position === "hanging" && !!s.rung.picture.lift),
  medicine: (s) =>
    passive(s) ||
    jumps.test(s.path) ||
    (s.drill.kind === "soft-tissue" && s.rung.kit.includes("roller")),
  spine: (s) =>
    arched.test(s.path) ||
    /^rolls\//.test(s.path) ||
    jumps.test(s.path) ||
    s.rung.kit.includes("weight") ||
    s.position === "inverted",
  hernia: (s) => s.rung.kit.includes("weight") || any(heavyHands, s.path) || jumps.test(s.path),
  energy: (s) => jumps.test(s.path) || s.rung.kit.includes("weight"),
  thinners: (s) =>
    (s.drill.kind === "soft-tissue" && s.rung.kit.includes("roller")) ||
    jumps.test(s.path) ||
    s.position === "inverted",
  steroids: (s) => jumps.test(s.path) || s.rung.kit.includes("weight") || bridges.test(s.path),
  "older-new": (s) => jumps.test(s.path) || s.position === "inverted" || hangsBehind.test(s.path),
  "nerve-signs": (s) => passive(s) || arched.test(s.path) || jumps.test(s.path),
  replacement: (s) => jumps.test(s.path),
  "recent-injury": (s) => passive(s) || any(heavyHands, s.path) || s.position === "hanging",
  "unstable-joint": (s) => passive(s) || any(heavyHands, s.path) || s.position === "hanging",
};
const stopsAll = ["saddle", "heart-effort", "concussion", "unwell"];

/** What a place that hurts must not do. */
const bears: Record<string, (seen: Seen) => boolean> = {
  wrist: (s) => isOnHands(s) || servesJoint(s, "wrist") || s.position === "hanging",
  fingers: (s) => servesJoint(s, "fingers") || s.position === "hanging" || any(heavyHands, s.path),
  shoulder: (s) =>
    servesJoint(s, "shoulder") || any(heavyHands, s.path) || s.position === "hanging",
  elbow: (s) => servesJoint(s, "elbow") || any(heavyHands, s.path),
  knee: (s) => kneels(s) || servesJoint(s, "knee") || jumps.test(s.path),
  ankle: (s) => servesJoint(s, "ankle") || jumps.test(s.path),
  heel: (s) => servesJoint(s, "ankle") || jumps.test(s.path),
  hip: (s) => servesJoint(s, "hip"),
  hamstring: (s) =>
    (s.rung.serves ?? s.drill.serves).some(
      ({ motion, share }) => motion === "hip.flexion-straight" && share >= 0.4,
    ),
  lumbar: (s) => servesJoint(s, "lumbar") || arched.test(s.path),
  thoracic: (s) => servesJoint(s, "thoracic"),
  neck: (s) =>
    servesJoint(s, "neck") ||
    /^(bent-arm-prep\/head|headstand\/|neck-ready\/|chest-stand\/)/.test(s.path),
};
const sharp = ["sharp", "pinching", "spreading", "joint-line", "numb"];
const grows = ["wrist", "heel", "knee", "lumbar"];

/** What stands in for what, the narrowest reading. */
const standsIn: Record<string, readonly string[]> = {
  mat: ["towel"],
  box: ["chair"],
  chair: ["box"],
  stick: ["broom"],
  roller: ["half-roller", "ball", "bottle"],
  "half-roller": ["roller", "towel"],
  ball: ["bottle"],
  strap: ["band", "towel"],
  band: ["strap", "towel"],
  "loop-band": ["band"],
  block: ["books"],
  wedge: ["slope", "books"],
  slope: ["wedge", "books"],
  weight: ["backpack", "bottle"],
  bar: ["rings"],
  rings: ["bar"],
};

function kitWrong({ drill, rung, path }: Seen, place: Place): string[] {
  return rung.kit.flatMap((wanted) => {
    if (place.kit.includes(wanted)) return [];
    const found = (standsIn[wanted] ?? []).filter(
      (one) => place.kit.includes(one as typeof wanted) && !rung.exact.includes(wanted),
    );
    if (found.length === 0) return [`kit: ${wanted} is not there`];
    const under =
      /^(roller|beside-spine)\//.test(path) &&
      found.every((one) => one === "ball" || one === "bottle");
    if (under) return ["kit: something small under the spine"];
    if (
      found.every((one) => one === "chair") &&
      (any(heavyHands, path) || (drill.loadsHands && wanted === "box"))
    )
      return ["kit: a chair under what carries"];
    return found.every((one) => one === "towel") && drill.kind === "dynamic"
      ? ["kit: a towel that slides"]
      : [];
  });
}

/** What is wrong with one thing that is to be done; empty where nothing is. */
function wrongWith(seen: Seen, judged: Judged): string[] {
  const { athlete, logs, on, place } = judged;
  const { path, drill, rung, item } = seen;
  const wrong: string[] = [];
  const { intake } = athlete;
  const age = ageOn(athlete, on);
  const growing = age < 18 || intake?.growthSpurt === true;
  const rest = drill.kind === "breathing";
  const cleared = new Map(
    (intake?.clearances ?? [])
      .filter((one) => one.on <= on && (one.until === null || one.until >= on))
      .map((one) => [one.question as string, one]),
  );
  if (!intake && !rest) {
    if (
      any(headDown, path) ||
      any(heavyHands, path) ||
      seen.position === "hanging" ||
      jumps.test(path) ||
      passive(seen) ||
      rung.kit.includes("weight") ||
      (drill.kind === "soft-tissue" && rung.kit.includes("roller"))
    )
      wrong.push("no intake, and not harmless");
  }
  for (const question of intake?.yes ?? []) {
    if (rest) continue;
    const lifted = cleared.has(question);
    if (stopsAll.includes(question)) {
      if (!lifted) wrong.push(`${question}: everything but rest stops`);
      continue;
    }
    const at = intake!.where.find((one) => one.question === question)?.places ?? [];
    const test = forbids[question];
    if (!lifted && at.length === 0 && test?.(seen)) wrong.push(`${question} is not cleared`);
    if (!lifted)
      for (const { site } of at) if (bears[site]?.(seen)) wrong.push(`${question} at the ${site}`);
    // A clearance that names nothing lifts nothing.
    if (lifted && cleared.get(question)!.allows.length === 0 && at.length === 0 && test?.(seen))
      wrong.push(`${question}: cleared for nothing`);
  }
  const loose = (intake?.beighton ?? 0) >= (age < 16 ? 6 : age > 50 ? 4 : 5);
  if (loose && !cleared.has("loose") && (passive(seen) || hangsBehind.test(path)))
    wrong.push("loose joints held at their end");
  if (growing && !cleared.has("growing")) {
    if (hangsBehind.test(path)) wrong.push("growing, and hanging behind");
    if (passive(seen) && stay(item) > 60) wrong.push("growing, and a stay over a minute");
  }
  for (const log of logs)
    for (const one of log.items) {
      const where = one.painAt;
      if (!where || !bears[where.site]) continue;
      const bad =
        one.pain > 5 ||
        one.sharp ||
        sharp.includes(one.painKind ?? "") ||
        (growing && one.pain > 0 && one.painKind !== "stretch" && grows.includes(where.site));
      const let_ = athlete.clearances.some(
        (c) =>
          c.covers.includes(log.id) &&
          c.place?.site === where.site &&
          (c.place.side === null || c.place.side === where.side),
      );
      if (bad && !let_ && !rest && bears[where.site]!(seen))
        wrong.push(`${where.site} hurt on ${log.on}`);
    }
  if (place) {
    wrong.push(...kitWrong(seen, place));
    if (place.silent && rung.loud) wrong.push("heard through the floor");
    if (place.noFloor && !["standing", "hanging"].includes(seen.position)) wrong.push("no floor");
  }
  const never =
    seen.position === "hanging" ||
    seen.position === "inverted" ||
    any(heavyHands, path) ||
    bridges.test(path) ||
    ringWork.test(path);
  const neverStill =
    passive(seen) &&
    ["wrist", "neck", "toes", "lumbar"].some((joint) =>
      (rung.serves ?? drill.serves).some(
        ({ motion, share }) =>
          motion.startsWith(`${joint}.`) && motion !== "lumbar.lateral-flexion" && share >= 0.5,
      ),
    );
  if ((never || neverStill) && stay(item) >= 60)
    wrong.push("a hang, an inversion or an end range by the minute");
  const vouched = (id: string) => athlete.nextChosen.some(({ drillId }) => drillId === id);
  const daysOf = (id: string) =>
    new Set(
      logs
        .filter((log) => log.on <= on)
        .filter(({ items }) => items.some((one) => one.drillId === id && one.done === "done"))
        .map((log) => log.on),
    ).size;
  for (const [ladder, first] of comesAfter)
    if (ladder.test(path) && !vouched(drill.id) && !vouched(first))
      if (daysOf(first) < 2 && daysOf(drill.id) < 2) wrong.push(`without ${first} first`);
  if (guarded.test(path) && !athlete.nextChosen.some(({ drillId }) => drillId === drill.id)) {
    const at = drill.rungs.indexOf(rung);
    const days = (rungs: readonly Rung[]) => [
      ...new Set(
        logs.flatMap((log) =>
          log.on <= on &&
          log.items.some(
            (one) =>
              one.drillId === drill.id &&
              one.done === "done" &&
              rungs.some(({ id }) => id === one.rungId),
          )
            ? [log.on]
            : [],
        ),
      ),
    ];
    const there = days(drill.rungs.slice(at));
    const below = days(drill.rungs.slice(Math.max(0, at - 1), at));
    const since = below.length > 0 ? dayNumber(on) - dayNumber([...below].sort()[0]!) : 0;
    if (there.length < 2 && at > 0 && since < 14) wrong.push("too soon for this rung");
  }
  return wrong;
}

/** Everything that is wrong with a list of items, done in this order. */
export function wrongIn(items: readonly PrepItem[], judged: Judged): string[] {
  const { library, alreadyWarm } = judged;
  const wrong: string[] = [];
  let raised = 0;
  const hands = { wrist: 0, forearm: 0, fingers: 0 };
  if (new Set(items.map(({ id }) => id)).size < items.length) wrong.push("one id twice");
  for (const item of items) {
    const drill = library.drills.find(({ id }) => id === item.drillId)!;
    const rung = drill.rungs.find(({ id }) => id === item.rungId)!;
    const path = `${drill.id}/${rung.id}`;
    const seen: Seen = { drill, rung, path, position: rung.position ?? drill.position, item };
    for (const one of wrongWith(seen, judged)) wrong.push(`${path}: ${one}`);
    const deep = deepSplits.test(path) || bridges.test(path) || ringWork.test(path);
    if (!alreadyWarm && deep && raised < 240) wrong.push(`${path}: deep, after ${raised} s`);
    if (!alreadyWarm && passive(seen) && stay(item) > 20 && raised < 120)
      wrong.push(`${path}: held ${stay(item)} s after ${raised} s`);
    if (isOnHands(seen) && !drill.preparesHands && path !== "side-plank") {
      const sum = hands.wrist + hands.forearm + hands.fingers;
      if (hands.wrist === 0 || hands.forearm === 0 || hands.fingers === 0)
        wrong.push(`${path}: hands not ready`);
      else if (any(heavyHands, path) && sum < 30) wrong.push(`${path}: hands ready for less`);
    }
    if (drill.phase === "raise") raised += workOf(item);
    for (const { motion, share } of rung.serves ?? drill.serves) {
      if (motion === "wrist.extension") hands.wrist += share * workOf(item);
      if (motion.startsWith("forearm.")) hands.forearm += share * workOf(item);
      if (motion.startsWith("fingers.")) hands.fingers += share * workOf(item);
    }
  }
  return wrong;
}
