import { motionOf, type JointId, type MotionId } from "../body/motions";
import { drillsFor, type Library } from "../content/library";
import { againstPlace } from "../prep/permit";
import type { Place } from "../records/records";
import type { SquadRow } from "./squad";

/** Athletes who can work together today, the joint they share, and where there is most to do for it. */
export type ProposedGroup = {
  /** Null for those who are short of nothing that was measured. */
  joint: JointId | null;
  /** What of the joint they are short of, most first. */
  motions: readonly MotionId[];
  members: readonly string[];
  /** The place with the most drills for it; null where no place was given. */
  placeId: string | null;
  /** Drills that the place's kit and room allow for it. */
  drills: number;
};

/** What each joint is worth to an athlete: the sum of what is really short of it. */
function worthsOf({ gaps }: SquadRow): Map<JointId, number> {
  const worths = new Map<JointId, number>();
  for (const gap of gaps) {
    if (gap.verdict !== "short") continue;
    const { joint } = motionOf(gap.demand.motion);
    worths.set(joint, (worths.get(joint) ?? 0) + gap.limiter);
  }
  return worths;
}

/**
 * Groups for today: the joints that together are worth most to all, each athlete with the one of them that is worth
 * most to him. Who is short of none of them stands apart.
 * @param most so many groups at most
 * @param places where they could train
 */
export function proposedGroups(
  rows: readonly SquadRow[],
  { most, places, library }: { most: number; places: readonly Place[]; library: Library },
): ProposedGroup[] {
  const worths = new Map(rows.map((row) => [row.athleteId, worthsOf(row)]));
  const chosen = jointsFor([...worths.values()], most);
  const members = new Map<JointId | null, string[]>();
  for (const { athleteId } of rows) {
    const own = worths.get(athleteId)!;
    const [best] = chosen
      .filter((joint) => (own.get(joint) ?? 0) > 0)
      .sort((a, b) => own.get(b)! - own.get(a)!);
    const joint = best ?? null;
    members.set(joint, [...(members.get(joint) ?? []), athleteId]);
  }
  return [...chosen, null].flatMap((joint): ProposedGroup[] => {
    const who = members.get(joint);
    if (!who) return [];
    const motions = joint ? shortIn(joint, rows, who) : [];
    const best = places
      .map((place) => ({ placeId: place.id, drills: drillsAt(place, motions, library) }))
      .sort((a, b) => b.drills - a.drills)[0];
    return [
      { joint, motions, members: who, placeId: best?.placeId ?? null, drills: best?.drills ?? 0 },
    ];
  });
}

/** The joints, one after the other, each the one that adds most to what everybody gets from the best of those chosen. */
function jointsFor(worths: readonly ReadonlyMap<JointId, number>[], most: number): JointId[] {
  const chosen: JointId[] = [];
  const all = [...new Set(worths.flatMap((own) => [...own.keys()]))];
  const bestOf = (own: ReadonlyMap<JointId, number>, joints: readonly JointId[]) =>
    Math.max(0, ...joints.map((joint) => own.get(joint) ?? 0));
  while (chosen.length < most) {
    const added = all
      .filter((joint) => !chosen.includes(joint))
      .map((joint) => ({
        joint,
        gain: worths.reduce(
          (sum, own) => sum + bestOf(own, [...chosen, joint]) - bestOf(own, chosen),
          0,
        ),
      }))
      .sort((a, b) => b.gain - a.gain)[0];
    if (!added || added.gain <= 0) break;
    chosen.push(added.joint);
  }
  return chosen;
}

/** The motions of a joint that its group is short of, by how many are. */
function shortIn(joint: JointId, rows: readonly SquadRow[], who: readonly string[]): MotionId[] {
  const counts = new Map<MotionId, number>();
  for (const { athleteId, gaps } of rows)
    if (who.includes(athleteId))
      for (const { verdict, demand } of gaps)
        if (verdict === "short" && motionOf(demand.motion).joint === joint)
          counts.set(demand.motion, (counts.get(demand.motion) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1]).map(([motion]) => motion);
}

/** So many drills for these motions can be done at a place, on one rung at least. */
const drillsAt = (place: Place, motions: readonly MotionId[], library: Library): number =>
  new Set(
    motions
      .flatMap((motion) => drillsFor(library, motion))
      .filter((drill) => drill.rungs.some((rung) => againstPlace(place, drill, rung).length === 0))
      .map(({ id }) => id),
  ).size;
