import { useMemo } from "react";
import { hallMember, type HallMember } from "#core/hall/member";
import type { Hall } from "#core/records/records";
import type { HallView } from "../../hall";
import { reader, useReader } from "../use-readings";

/** What everybody of a session does of it, read one after the other beside the page. */
export function useMembers(view: HallView, hall: Hall): ReadonlyMap<string, HallMember> {
  // What is said of anybody holds for the drills, seats and terms as they are; the clock changes none of it.
  const { items, seats, stations, placeId, format, alreadyWarm, budget, people } = hall;
  const said = JSON.stringify([items, seats, stations, placeId, format, alreadyWarm, budget]);
  const members = useMemo(
    () => reader((one) => hallMember(one, hall)),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [said],
  );
  return useReader(
    members,
    people.flatMap(({ athleteId }) => {
      const known = view.states.get(athleteId);
      return known === undefined ? [] : [{ athleteId, state: known }];
    }),
  );
}
