import { unsaid } from "#core/prep/unsaid";
import { describe, expect, it } from "vitest";
import { drillOf } from "../core/content/library";
import { bandFor, type BandStrength } from "../core/drill/band";
import { writeDose, type Dose } from "../core/drill/dose";
import { atRung, type Drill, type Rung } from "../core/drill/drill";
import type { KitItem } from "../core/drill/kit";
import { JointId, motionOf } from "../core/body/motions";
import { fetched } from "../core/exposure/stand-ins";
import { clockedPlan } from "../core/prep/clocked";
import { variantsIn } from "../core/prep/variants-in";
import { breaches } from "../core/prep/order";
import { longestStay } from "../core/prep/permit";
import { rampOf } from "../core/prep/ramp";
import { rampSum } from "../core/prep/ramp-sum";
import type { PrepItem } from "../core/records/records";
import { seasoned, wellToday } from "../core/test/bodies";
import { asked, placeWith } from "../core/test/planning";
import { library } from "./index";

/** A way of working as people lay it out: where, with what, and each drill with its dose, in order. */
type Way = {
  name: string;
  doses: "before" | "session";
  kit: KitItem[];
  bands: BandStrength[];
  /** "drill/rung: dose" */
  items: string[];
};

const ways: Way[] = [
  {
    name: "turning hips at the edge of a meadow, with one ball",
    doses: "before",
    kit: ["ball"],
    bands: [],
    items: [
      "pulse/march: 2:00",
      "leg-swings/free: 1 × 10",
      "side-swings/free: 1 × 8",
      "hip-circles/standing: 1 × 4",
      "seat-ball/ball: 0:45",
      "knee-drops/lying: 1 × 10",
      "leg-circles-lying/long: 1 × 8",
      "toes-in-and-out/fans: 1 × 12",
      "ball-squeeze/lying: 1 × 10",
      "turn-out-lifts/prone: 1 × 8",
    ],
  },
  {
    name: "a beginner’s wrists: every motion, and the fingers",
    doses: "before",
    kit: [],
    bands: [],
    items: [
      "pulse/march: 2:00",
      "finger-waves/open-close: 1 × 15",
      "finger-waves/glides: 1 × 8",
      "wrist-circles/fists: 1 × 10",
      "thumb-side-pulls/free: 1 × 8",
      "forearm-turn-reach/free: 1 × 6",
      "hand-folds/free: 1 × 8",
      "heels-of-hands/press: 1 × 8",
      "finger-opening/free: 1 × 20",
      "finger-singles/bent: 1 × 10 s",
      "forearm-stretches/bent: 2 × 10 s",
      "hands-ready/standing: 1 × 12",
    ],
  },
  {
    name: "rope haulers, with bands",
    doses: "session",
    kit: ["wall", "mat", "band", "loop-band", "towel"],
    bands: ["thin", "medium", "thick"],
    items: [
      "pulse/skip: 3:00",
      "hands-ready/standing: 1 × 12",
      "cat-camel/knees: 2 × 10",
      "open-book/knees: 2 × 8",
      "pull-aparts/palms-up: 2 × 25",
      "straight-arm-pulldowns/kneel: 2 × 15",
      "rotation-out-band/low: 1 × 30",
      "letter-holds/w: 3 × 15 s",
      "hip-fold/tops: 2 × 12",
      "hip-flexor/tuck: 2 × 30 s",
      "ankle-bend/free: 1 × 10",
    ],
  },
  {
    name: "rope haulers, without bands",
    doses: "session",
    kit: ["wall", "mat"],
    bands: [],
    items: [
      "pulse/skip: 3:00",
      "hands-ready/standing: 1 × 12",
      "cat-camel/knees: 2 × 10",
      "open-book/knees: 2 × 8",
      "letter-holds/w: 3 × 15 s",
      "prone-swimmers/half: 2 × 8",
      "wall-slides/front: 2 × 10",
      "rotation-in-hold/hand: 2 × 10",
      "hip-fold/tops: 2 × 12",
      "hip-flexor/tuck: 2 × 30 s",
      "knee-over-toes/standing: 2 × 10",
      "ankle-bend/free: 1 × 10",
    ],
  },
  {
    name: "an ankle: free, loaded, on a slope, with a ball, marching",
    doses: "session",
    kit: ["wall", "mat", "weight", "slope", "ball", "chair"],
    bands: [],
    items: [
      "pulse/march: 3:00",
      "ankle-circles/sitting: 2 × 10",
      "ankle-bend/free: 1 × 10",
      "ankle-bend/weighted: 1 × 10",
      "calf-slope/slope: 2 × 30 s",
      "shin-lifts/sitting: 2 × 20",
      "rises/both: 2 × 15",
      "ankle-return/march: 2 × 25",
    ],
  },
  {
    name: "the wall, from the way there to easy ground",
    doses: "before",
    kit: ["wall", "climbing-wall", "edge", "towel", "ball"],
    bands: [],
    items: [
      "grip-squeeze/soft: 1 × 15",
      "finger-waves/wave: 1 × 8",
      "run/easy: 2:00",
      "leg-swings/free: 1 × 10",
      "hip-circles/standing: 1 × 4",
      "shoulder-circles/blades: 1 × 8",
      "three-planes/long: 1 × 8",
      "wrist-circles/fists: 1 × 10",
      "thumb-side-pulls/free: 1 × 8",
      "forearm-turn-reach/free: 1 × 6",
      "edge-pulls/pull: 2 × 10 s",
      "easy-ground/traverse: 2:00",
      "easy-ground/quiet: 2:00",
      "easy-ground/down: 2:00",
      "easy-ground/varied: 3:00",
    ],
  },
  {
    name: "before the tips of the toes: ankles, turnout, seat, trunk, long stretches",
    doses: "session",
    kit: ["wall", "mat", "loop-band", "ball", "towel"],
    bands: ["thin", "medium", "thick"],
    items: [
      "pulse/march: 3:00",
      "ankle-circles/point: 2 × 8",
      "foot-band/pointed: 2 × 12",
      "short-foot/standing: 2 × 12",
      "toe-lifts/big: 2 × 12",
      "rises/both: 2 × 15",
      "ball-balance/held: 3 × 10 s",
      "clamshell/band: 2 × 12",
      "turn-out-lifts/prone: 2 × 10",
      "seat-bridge/both: 2 × 12",
      "side-plank/knees: 2 × 20 s",
      "hollow/tuck: 3 × 20 s",
      "turnout-prep/lying: 2 × 10",
      "hamstring-hold/doorway: 2 × 45 s",
      "hip-flexor/shift: 2 × 30 s",
      "butterfly-stages/opened: 2 × 45 s",
      "sit-on-heels/heels: 2 × 30 s",
    ],
  },
  {
    name: "a juggler’s shoulder in three hand positions",
    doses: "session",
    kit: ["band", "towel", "mat"],
    bands: ["thin", "medium", "thick"],
    items: [
      "pulse/march: 3:00",
      "shoulder-circles/arms: 2 × 6",
      "rotation-out-band/low: 1 × 30",
      "rotation-out-band/middle: 1 × 25",
      "rotation-out-band/high: 1 × 25",
      "rotation-in-band/low: 2 × 15",
      "pull-aparts/palms-up: 2 × 25",
      "pull-aparts/palms-down: 2 × 20",
      "serratus-reach/free: 2 × 12",
    ],
  },
  {
    name: "bands, then wrists, then the hands",
    doses: "session",
    kit: ["wall", "mat", "band"],
    bands: ["thin", "medium", "thick"],
    items: [
      "pulse/skip: 3:00",
      "pull-aparts/palms-up: 2 × 25",
      "overhead-shrugs/standing: 2 × 15",
      "hands-ready/standing: 1 × 12",
      "wrist-rocks/near: 4 × 12",
      "blade-rounds/circles: 1 × 12",
      "wrist-side-rocks/out: 2 × 8",
      "palm-lifts/fingers: 2 × 10",
      "fist-to-flat/knees: 2 × 8",
      "knuckle-raises/all-fours: 2 × 12",
      "handstand-exits/step-down: 2 × 4",
      "wall-line/half: 3 × 20 s",
    ],
  },
  {
    name: "half-kneeling at home, with a household weight",
    doses: "session",
    kit: ["wall", "mat", "bottle", "backpack"],
    bands: [],
    items: [
      "pulse/march: 3:00",
      "hip-flexor/tuck: 2 × 30 s",
      "half-kneel-turn/turn: 2 × 8",
      "half-kneel-turn/arms: 2 × 8",
      "halo/bottle: 2 × 8",
      "overhead-press/weight: 3 × 6",
      "kneel-swimmers/half: 2 × 6",
      "hip-flexor-side/arm: 2 × 30 s",
      "kneel-swimmers/tall: 2 × 8",
    ],
  },
  {
    name: "a circle of fifteen for the whole body",
    doses: "before",
    kit: [],
    bands: [],
    items: [
      "pulse/march: 2:00",
      "neck-circles/turn: 1 × 6",
      "shoulder-circles/arms: 1 × 6",
      "elbow-swings/circles: 1 × 10",
      "wrist-circles/fists: 1 × 10",
      "finger-waves/open-close: 1 × 15",
      "rib-pushes/free: 1 × 8",
      "side-bends/arm: 1 × 8",
      "three-planes/small: 1 × 10",
      "cat-camel/knees: 1 × 10",
      "hip-circles/standing: 1 × 4",
      "squat-to-stand/hands: 1 × 6",
      "toes-in-and-out/fans: 1 × 12",
      "ankle-circles/standing: 1 × 6",
      "foot-waves/one: 1 × 12",
    ],
  },
  {
    name: "morning circles of every joint",
    doses: "session",
    kit: [],
    bands: [],
    items: [
      "neck-circles/turn: 1 × 10",
      "shoulder-circles/arms: 2 × 6",
      "elbow-swings/turns: 1 × 12",
      "wrist-circles/fists: 2 × 10",
      "finger-waves/open-close: 1 × 20",
      "segment-wave/kneeling: 2 × 8",
      "spine-wave/free: 2 × 8",
      "rib-pushes/free: 1 × 15",
      "hip-circles/all-fours: 2 × 6",
      "knee-straight-swings/lying: 2 × 12",
      "ankle-circles/point: 2 × 8",
      "foot-waves/prance: 2 × 15",
    ],
  },
  {
    name: "fillers between sets",
    doses: "before",
    kit: ["wall"],
    bands: [],
    items: [
      "shake-outs/one-up: 0:30",
      "heels-of-hands/press: 1 × 8",
      "rib-pushes/free: 1 × 8",
      "serratus-reach/forearms: 1 × 8",
      "segment-wave/kneeling: 1 × 6",
      "ankle-circles/standing: 1 × 6",
      "finger-singles/bent: 1 × 10 s",
    ],
  },
  {
    name: "an elbow, before the warm-up",
    doses: "session",
    kit: ["weight", "stick", "chair", "mat"],
    bands: [],
    items: [
      "pulse/march: 3:00",
      "forearm-ball/hand: 1:00",
      "elbow-swings/turns: 1 × 12",
      "forearm-turn-reach/free: 2 × 8",
      "wrist-lowers/light: 3 × 10",
      "wrist-lowers-back/light: 3 × 10",
      "forearm-turns/light: 3 × 10",
      "forearm-stretches/straight: 2 × 45 s",
    ],
  },
  {
    name: "five segments of a dance class",
    doses: "session",
    kit: ["wall", "mat", "ball"],
    bands: [],
    items: [
      "side-steps/reach: 2:30",
      "three-planes/long: 1 × 10",
      "side-bends/crossed: 2 × 6",
      "rib-pushes/square: 2 × 8",
      "neck-circles/turn: 1 × 10",
      "shoulder-circles/blades: 2 × 8",
      "hollow-rocks/tuck: 2 × 15",
      "side-plank/knees: 2 × 20 s",
      "arch-rocks/hold: 3 × 15 s",
      "rises/both: 2 × 15",
      "ball-balance/held: 3 × 10 s",
      "hip-flexor-side/over: 2 × 45 s",
      "straddle-sit/free: 2 × 30 s",
      "hamstring-hold/sitting: 2 × 30 s",
    ],
  },
  {
    name: "an evening toward the front split",
    doses: "session",
    kit: ["wall", "mat", "strap", "box", "block"],
    bands: [],
    items: [
      "run/easy: 3:00",
      "pulse/skip: 3:00",
      "leg-swings/large: 2 × 10",
      "hip-circles/lying: 2 × 8",
      "hip-flexor/shift: 2 × 30 s",
      "hip-flexor-deepen/press: 3 × (10 + 30 s)",
      "hamstring/strap: 2 × (10 + 30 s)",
      "hamstring/step: 3 × (10 + 30 s)",
      "split-series/blocks: 3 × 30 s",
      "split-series/floor: 3 × 30 s",
      "split-slides/lunge: 2 × 8",
      "settle/knees: 1:00",
    ],
  },
  {
    name: "four areas, three pulls to a push",
    doses: "session",
    kit: ["wall", "mat", "chair", "band", "bar"],
    bands: ["thin", "medium", "thick"],
    items: [
      "pulse/skip: 3:00",
      "neck-ready/nods: 2 × 8",
      "neck-hold/ear: 2 × 20 s",
      "hip-flexor/tuck: 2 × 30 s",
      "seat-bridge/both: 2 × 12",
      "hands-ready/standing: 1 × 12",
      "wrist-rocks/near: 4 × 12",
      "pull-aparts/palms-up: 2 × 25",
      "pull-aparts/palms-down: 2 × 20",
      "straight-arm-pulldowns/kneel: 2 × 15",
      "active-hang/feet: 3 × 15 s",
      "blade-pulls/feet: 3 × 8",
      "push-plus/knees: 3 × 8",
    ],
  },
  {
    name: "a hand-balancer’s wrists, near to far",
    doses: "session",
    kit: ["wall", "mat"],
    bands: [],
    items: [
      "pulse/march: 3:00",
      "finger-waves/open-close: 1 × 20",
      "wrist-circles/fists: 2 × 10",
      "forearm-turn-reach/free: 2 × 8",
      "wrist-rocks/wall: 3 × 12",
      "wrist-rocks/near: 4 × 12",
      "wrist-rocks/far: 4 × 10",
      "hands-ready/lean: 1 × 12",
      "knuckle-raises/all-fours: 2 × 12",
      "knuckle-raises/far: 2 × 10",
      "knuckle-raises/plank: 2 × 6",
      "fist-to-flat/over: 3 × 6",
      "wrist-press-deepen/floor: 3 × (10 + 10 s)",
    ],
  },
];

type Line = { drill: Drill; rung: Rung; dose: Dose; said: string; path: string };

function lineOf(text: string, doses: Way["doses"]): Line {
  const [path, said] = text.split(": ", 2) as [string, string];
  const [drillId, rungId] = path.split("/") as [string, string];
  const drill = drillOf(library, drillId)!;
  const rung = drill.rungs.find(({ id }) => id === rungId)!;
  const dose = doses === "before" ? rung.warmUp : (rung.session ?? rung.warmUp);
  return { drill, rung, dose: dose!, said: text.slice(path.length + 2) || said, path };
}

const itemOf = ({ drill, rung, dose }: Line, n: number): PrepItem => ({
  id: `${drill.id}~${n}`,
  drillId: drill.id,
  rungId: rung.id,
  ...unsaid,
  phase: drill.phase,
  segment: "",
  dose,
  sides: atRung(drill, rung).sided ? ["left", "right"] : [],
  why: [],
  serves: [],
});

/** Rules that nothing passes by; the rest of the order is advice. */
const hard = ["cold", "wrists-first", "hands-week", "not-permitted"];

describe("ways of working, from the library alone", () => {
  for (const way of ways)
    it(`${way.name}: each drill on its rung with its dose, with the kit there is, in a safe order`, () => {
      const lines = way.items.map((text) => lineOf(text, way.doses));
      for (const { path, dose, said } of lines) expect(writeDose(dose), path).toBe(said);
      const bands = way.bands.map((strength) => ({ strength, kg: null }));
      for (const { drill, rung, path } of lines) {
        expect(fetched(drill, rung, way.kit), path).not.toBeNull();
        if (rung.band && bands.length > 0)
          expect(bandFor(rung.band, bands)?.strength, path).toBeDefined();
      }
      const place = placeWith(way.kit, { bands });
      const wrong = breaches(lines.map(itemOf), library, {
        // Fillers stand in the rests of a training.
        alreadyWarm: way.name.startsWith("fillers"),
        gate: { body: seasoned, place },
      }).filter(({ rule }) => hard.includes(rule.why));
      expect(wrong.map(({ drill, rule }) => `${drill}: ${JSON.stringify(rule)}`)).toEqual([]);
    });

  it("morning circles move every joint", () => {
    const way = ways.find(({ name }) => name.startsWith("morning circles"))!;
    const joints = new Set(
      way.items.flatMap((text) => {
        const { drill, rung } = lineOf(text, way.doses);
        return atRung(drill, rung).serves.map(({ motion }) => motionOf(motion).joint);
      }),
    );
    expect([...joints].sort()).toEqual([...JointId.options].sort());
  });

  it("three pulls to a push are counted", () => {
    const way = ways.find(({ name }) => name.startsWith("four areas"))!;
    const sum = (force: "pull" | "push") =>
      way.items
        .map((text) => lineOf(text, way.doses))
        .filter(({ drill }) => drill.force === force)
        .reduce((all, { dose }) => all + (dose.type === "reps" ? dose.sets * dose.reps : 0), 0);
    expect(sum("pull") / sum("push")).toBeGreaterThanOrEqual(3);
  });

  it("ten long stays for the whole body may each be two minutes or more", () => {
    const stays =
      "chest-to-wall/desk hand-behind/rest turn-hold/lying side-reach/cross hip-flexor/tuck knee-in-pull/lying shin-parallel/lying straddle-sit/wall hamstring-hold/doorway calf-slope/wall".split(
        " ",
      );
    for (const path of stays) {
      const { drill, rung } = lineOf(`${path}: `, "session");
      expect(drill.kind, path).toBe("static");
      expect(rung.session, path).not.toBeNull();
      expect(longestStay(wellToday, drill, rung) ?? Infinity, path).toBeGreaterThanOrEqual(120);
    }
    const joints = stays.flatMap((path) =>
      lineOf(`${path}: `, "session").drill.serves.map(({ motion }) => motionOf(motion).joint),
    );
    for (const joint of ["shoulder", "thoracic", "lumbar", "hip", "ankle"])
      expect(joints).toContain(joint);
  });

  it("a pull-up ramp goes through three bands, and takes the band that helps as much or more", () => {
    const pull = drillOf(library, "pull-ramp")!;
    const ramp = rampOf(pull, "band-thin");
    expect(ramp.map(({ rungId, sets, reps }) => `${rungId} ${sets} × ${reps}`)).toEqual([
      "band 2 × 2",
      "band-medium 2 × 2",
      "band-thin 3 × 5",
    ]);
    expect(rampSum(ramp)).toBe("4 + 4 + 15 = 23");
    const with_ = (...strengths: BandStrength[]) =>
      ramp.map(
        ({ rungId }) =>
          bandFor(
            pull.rungs.find(({ id }) => id === rungId)!.band!,
            strengths.map((strength) => ({ strength, kg: null })),
          )?.strength ?? null,
      );
    expect(with_("thin", "medium", "thick")).toEqual(["thick", "medium", "thin"]);
    // A thinner band helps less than was asked, and is not taken for it.
    expect(with_("thin")).toEqual([null, null, "thin"]);
    expect(with_("thick")).toEqual(["thick", "thick", "thick"]);
  });

  it("four clocked families have another set of variants each day of a month", () => {
    const request = asked("handstand", "clocked-families");
    const recent: string[][] = [];
    const seen = new Set<string>();
    for (let day = 0; day < 30; day += 1) {
      const plan = clockedPlan({ ...request, turn: day, recent: [...recent].reverse() });
      const set = variantsIn(plan.items);
      expect(plan.variants).toBeGreaterThan(30);
      seen.add([...set].sort().join(" "));
      recent.push(set);
    }
    expect(seen.size).toBe(30);
  });
});
