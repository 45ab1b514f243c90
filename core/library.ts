import type { Skill } from "./aim/skill";
import type { Drill } from "./drill/drill";
import type { Protocol } from "./measure/protocol";

/** The content the computation works with: the library's packs and the coach's own, merged. */
export type Library = { skills: Skill[]; protocols: Protocol[]; drills: Drill[] };

export const skillOf = (library: Library, id: string): Skill | undefined =>
  library.skills.find((skill) => skill.id === id);
export const protocolOf = (library: Library, id: string): Protocol | undefined =>
  library.protocols.find((protocol) => protocol.id === id);
export const drillOf = (library: Library, id: string): Drill | undefined =>
  library.drills.find((drill) => drill.id === id);

/** The library with packs laid over it; a pack's entry replaces one of the same id. */
export function withPacks(base: Library, packs: readonly Library[]): Library {
  const over = <T extends { id: string }>(lists: readonly (readonly T[])[]): T[] => [
    ...new Map(lists.flat().map((entry) => [entry.id, entry])).values(),
  ];
  return {
    skills: over([base.skills, ...packs.map((pack) => pack.skills)]),
    protocols: over([base.protocols, ...packs.map((pack) => pack.protocols)]),
    drills: over([base.drills, ...packs.map((pack) => pack.drills)]),
  };
}
