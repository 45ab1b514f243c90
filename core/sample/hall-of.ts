import { bothSides } from "../body/side";
import { drillOf, type Library } from "../content/library";
import { atRung } from "../drill/drill";
import { fillExactly } from "../prep/fill";
import { unsaid } from "../prep/unsaid";
import type { Hall, PrepItem } from "../records/records";
import type { Cast } from "./cast";

/** A session of today for a group, its first rungs at their doses of a warm-up, filled to the second. */
export function hallOf(
  { id, groupId, budget, drills }: Cast["halls"][number],
  { groups, performers }: Cast,
  library: Library,
  today: string,
): Hall[] {
  const group = groups.find((one) => one.id === groupId);
  if (!group) return [];
  const items = drills.flatMap((drillId): PrepItem[] => {
    const drill = drillOf(library, drillId);
    const rung = drill?.rungs[0];
    if (!drill || !rung?.warmUp) return [];
    return [
      {
        id: drillId,
        drillId,
        rungId: rung.id,
        ...unsaid,
        phase: drill.phase,
        segment: "",
        dose: rung.warmUp,
        sides: atRung(drill, rung).sided ? [...bothSides] : [],
        why: [],
        serves: drill.serves.map(({ motion }) => motion),
      },
    ];
  });
  return [
    {
      kind: "hall",
      id,
      on: today,
      groupId,
      name: group.name,
      placeId: group.placeId,
      way: "in-step",
      budget,
      format: "",
      alreadyWarm: false,
      dropped: [],
      people: group.members.map((athleteId) => ({
        athleteId,
        name: performers.find((one) => one.id === athleteId)?.name ?? athleteId,
        from: 0,
        until: null,
      })),
      items: fillExactly(items, { budget, library }),
      stations: [],
      laid: { stations: 6, work: 150, change: 20 },
      rounds: [],
      seats: [],
      proven: false,
      events: [],
      loggedOn: null,
    },
  ];
}
