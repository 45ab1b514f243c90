import type { Skill } from "./skill";
import type { MotionId } from "../body/motions";
import type { Drill } from "../drill/drill";
import type { Format } from "./format";
import type { MotionPrior } from "./motion-prior";
import type { Protocol } from "./protocol";

/** The content the computation works with: the library's packs and the coach's own, merged. */
export type Library = {
  skills: Skill[];
  protocols: Protocol[];
  drills: Drill[];
  formats: Format[];
  /** What is believed of how motions answer to training. */
  priors: readonly MotionPrior[];
};

/** What a coach can add of their own. */
export type Content = Omit<Library, "priors">;

/** The part of a library that speaks of drills alone. */
export type Drills = Pick<Library, "drills">;

export const skillOf = (library: Library, id: string): Skill | undefined =>
  library.skills.find((skill) => skill.id === id);
export const protocolOf = (library: Library, id: string): Protocol | undefined =>
  library.protocols.find((protocol) => protocol.id === id);
export const formatOf = (library: Library, id: string): Format | undefined =>
  library.formats.find((format) => format.id === id);
const drillIndex = new WeakMap<readonly Drill[], Map<string, Drill>>();

/** A drill by its identifier; looked up in an index, for the planner asks often. */
export function drillOf(library: Drills, id: string): Drill | undefined {
  let index = drillIndex.get(library.drills);
  if (!index)
    drillIndex.set(
      library.drills,
      (index = new Map(library.drills.map((drill) => [drill.id, drill]))),
    );
  return index.get(id);
}

/** The library with packs laid over it; a pack's entry replaces one of the same id. */
export function withPacks(base: Library, packs: readonly Content[]): Library {
  if (packs.length === 0) return base;
  const over = <T extends { id: string }>(lists: readonly (readonly T[])[]): T[] => [
    ...new Map(lists.flat().map((entry) => [entry.id, entry])).values(),
  ];
  return {
    skills: over([base.skills, ...packs.map((pack) => pack.skills)]),
    protocols: over([base.protocols, ...packs.map((pack) => pack.protocols)]),
    drills: over([base.drills, ...packs.map((pack) => pack.drills)]),
    formats: over([base.formats, ...packs.map((pack) => pack.formats)]),
    priors: base.priors,
  };
}

/** The drills that serve a motion, those that give it most first. */
export const drillsFor = (library: Library, motion: MotionId): Drill[] => {
  const share = (drill: Drill) =>
    drill.serves.find((served) => served.motion === motion)?.share ?? 0;
  return library.drills.filter((drill) => share(drill) > 0).sort((a, b) => share(b) - share(a));
};
