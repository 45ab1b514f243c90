import * as z from "zod/mini";

export const JointId = z.enum([
  "wrist",
  "fingers",
  "forearm",
  "elbow",
  "shoulder",
  "neck",
  "thoracic",
  "lumbar",
  "hip",
  "knee",
  "ankle",
  "toes",
]);
export type JointId = z.infer<typeof JointId>;

/** What is known of a joint motion: one joint moving one way, in degrees from the neutral standing position. */
export type MotionRow = {
  joint: JointId;
  /** Full name, as a column heading. */
  name: string;
  /** Plural body part for headlines: "The shoulders hold it back". */
  part: string;
  /** False for what the body does as a whole. */
  sided?: boolean;
  /**
   * What an adult usually has of it, degrees: what an unmeasured joint is drawn with, dotted. Middle of the normal
   * active range of adults (working figures; shin angle in a lunge for the ankle).
   */
  usual: number;
  /**
   * The motions that lengthen the muscles which make it: what is contracted by the one is stretched by the others.
   * Straight-leg lifts shorten the front of the hip, so hip extension stretches it. Empty where none does.
   */
  opposes: readonly string[];
};

export type Motion<Id extends string = MotionId> = Omit<MotionRow, "opposes" | "sided"> & {
  id: Id;
  sided: boolean;
  opposes: readonly Id[];
};

/** Makes the schema and the look-up of motions from their rows. @throws when a row speaks of a motion that has none */
export function motionRegistry<Id extends string>(rows: Record<Id, MotionRow>) {
  const ids = Object.keys(rows) as [Id, ...Id[]];
  const known = (id: string): id is Id => Object.hasOwn(rows, id);
  const table = new Map(
    ids.map((id): [Id, Motion<Id>] => {
      const { opposes, sided = true, ...row } = rows[id];
      const stray = opposes.find((other) => !known(other));
      if (stray) throw new Error(`${id} opposes ${stray}, which is no motion`);
      return [id, { ...row, id, sided, opposes: opposes.filter(known) }];
    }),
  );
  return {
    Id: z.enum(ids),
    of(id: Id): Motion<Id> {
      const found = table.get(id);
      if (!found) throw new Error(`no motion called ${id}`);
      return found;
    },
  };
}

/** Every joint motion. Demands, protocols and drills refer to them by these identifiers; a new one is a row. */
export const motionRows = {
  "neck.rotation": {
    joint: "neck",
    name: "Neck rotation",
    part: "neck turn",
    usual: 70,
    opposes: [],
  },
  "neck.lateral-flexion": {
    joint: "neck",
    name: "Neck side bend",
    part: "sides of the neck",
    usual: 40,
    opposes: [],
  },
  "shoulder.flexion": {
    joint: "shoulder",
    name: "Shoulder flexion",
    part: "shoulders",
    usual: 172,
    opposes: ["shoulder.extension"],
  },
  "shoulder.extension": {
    joint: "shoulder",
    name: "Shoulder extension",
    part: "fronts of the shoulders",
    usual: 55,
    opposes: ["shoulder.flexion"],
  },
  "shoulder.external-rotation": {
    joint: "shoulder",
    name: "Shoulder outward rotation",
    part: "shoulders turning out",
    usual: 90,
    opposes: ["shoulder.internal-rotation"],
  },
  "shoulder.internal-rotation": {
    joint: "shoulder",
    name: "Shoulder inward rotation",
    part: "shoulders turning in",
    usual: 70,
    opposes: ["shoulder.external-rotation"],
  },
  "shoulder.horizontal-abduction": {
    joint: "shoulder",
    name: "Shoulder horizontal reach",
    part: "chest and fronts of the shoulders",
    usual: 30,
    opposes: [],
  },
  "elbow.extension": {
    joint: "elbow",
    name: "Elbow extension",
    part: "elbows",
    usual: 0,
    opposes: [],
  },
  "forearm.supination": {
    joint: "forearm",
    name: "Forearm turning, palm up",
    part: "forearms turning up",
    usual: 80,
    opposes: ["forearm.pronation"],
  },
  "forearm.pronation": {
    joint: "forearm",
    name: "Forearm turning, palm down",
    part: "forearms turning down",
    usual: 80,
    opposes: ["forearm.supination"],
  },
  "wrist.extension": {
    joint: "wrist",
    name: "Wrist extension",
    part: "wrists",
    usual: 70,
    opposes: ["wrist.flexion"],
  },
  "wrist.flexion": {
    joint: "wrist",
    name: "Wrist flexion",
    part: "backs of the wrists",
    usual: 80,
    opposes: ["wrist.extension"],
  },
  "wrist.radial-deviation": {
    joint: "wrist",
    name: "Wrist toward the thumb",
    part: "wrists toward the thumb",
    usual: 20,
    opposes: ["wrist.ulnar-deviation"],
  },
  "wrist.ulnar-deviation": {
    joint: "wrist",
    name: "Wrist toward the little finger",
    part: "wrists toward the little finger",
    usual: 30,
    opposes: ["wrist.radial-deviation"],
  },
  "fingers.extension": {
    joint: "fingers",
    name: "Finger extension",
    part: "fingers",
    usual: 30,
    opposes: [],
  },
  "thoracic.extension": {
    joint: "thoracic",
    name: "Upper-back extension",
    part: "upper back",
    sided: false,
    usual: 14,
    opposes: [],
  },
  "thoracic.rotation": {
    joint: "thoracic",
    name: "Upper-back rotation",
    part: "upper back in the turn",
    usual: 40,
    opposes: [],
  },
  "lumbar.lateral-flexion": {
    joint: "lumbar",
    name: "Trunk side bend",
    part: "sides of the trunk",
    usual: 25,
    opposes: ["lumbar.lateral-flexion"],
  },
  "lumbar.extension": {
    joint: "lumbar",
    name: "Low-back extension",
    part: "low back",
    sided: false,
    usual: 25,
    opposes: [],
  },
  "hip.flexion": {
    joint: "hip",
    name: "Hip flexion, knee bent",
    part: "hips in the fold",
    usual: 118,
    opposes: ["hip.extension"],
  },
  "hip.flexion-straight": {
    joint: "hip",
    name: "Hip flexion, straight leg",
    part: "hamstrings",
    usual: 80,
    opposes: ["hip.extension"],
  },
  "hip.extension": {
    joint: "hip",
    name: "Hip extension",
    part: "hip flexors",
    usual: 18,
    opposes: ["hip.flexion", "hip.flexion-straight"],
  },
  "hip.abduction": {
    joint: "hip",
    name: "Hip abduction",
    part: "inner thighs",
    usual: 45,
    opposes: ["hip.abduction", "hip.straddle"],
  },
  "hip.straddle": {
    joint: "hip",
    name: "Straddle in sitting",
    part: "inner thighs and hamstrings",
    usual: 42,
    opposes: ["hip.abduction", "hip.straddle"],
  },
  "hip.external-rotation": {
    joint: "hip",
    name: "Hip outward rotation",
    part: "hips turning out",
    usual: 45,
    opposes: ["hip.internal-rotation"],
  },
  "hip.internal-rotation": {
    joint: "hip",
    name: "Hip inward rotation",
    part: "hips turning in",
    usual: 40,
    opposes: ["hip.external-rotation"],
  },
  "knee.flexion": {
    joint: "knee",
    name: "Knee flexion",
    part: "fronts of the thighs",
    usual: 137,
    opposes: ["knee.extension"],
  },
  "knee.extension": {
    joint: "knee",
    name: "Knee extension",
    part: "knees",
    usual: 0,
    opposes: ["knee.flexion"],
  },
  "ankle.dorsiflexion": {
    joint: "ankle",
    name: "Ankle bend",
    part: "ankles",
    usual: 38,
    opposes: ["ankle.plantarflexion"],
  },
  "ankle.plantarflexion": {
    joint: "ankle",
    name: "Ankle point",
    part: "ankles in the point",
    usual: 50,
    opposes: ["ankle.dorsiflexion"],
  },
  "ankle.inversion": {
    joint: "ankle",
    name: "Foot turning in",
    part: "outer ankles",
    usual: 30,
    opposes: ["ankle.eversion"],
  },
  "ankle.eversion": {
    joint: "ankle",
    name: "Foot turning out",
    part: "inner ankles",
    usual: 18,
    opposes: ["ankle.inversion"],
  },
  "toes.extension": {
    joint: "toes",
    name: "Big-toe extension",
    part: "big toes",
    usual: 70,
    opposes: [],
  },
} as const satisfies Record<string, MotionRow>;

const registry = motionRegistry<keyof typeof motionRows>(motionRows);

export const MotionId = registry.Id;
export type MotionId = keyof typeof motionRows;

/** The description of a motion. Every identifier the schema accepts has one. */
export const motionOf = registry.of;
