import { drillOf } from "../content/library";
import { rungOf } from "../drill/drill";
import { against } from "../prep/permit";
import type { Against } from "../records/reasons";
import type { GroupMember, Hall } from "../records/records";
import type { Situation } from "../situation/situation";
import { membersIn } from "./in-step";
import { mindOf } from "./mind";

/** What one of a hall does of it as of now, as the gate has it: in step, and what it refuses of the seats. */
export type HallMember = GroupMember & {
  /** Seats that are not to be taken any more, by round, and why. */
  barred: ReadonlyMap<number, Against>;
};

/** Reads one of a hall anew: what was planned may have been shut since. */
export function hallMember(situation: Situation, hall: Hall): HallMember {
  const mind = mindOf(situation, hall);
  const [member] = membersIn(hall.items, [mind], situation.library);
  const barred = new Map<number, Against>();
  for (const seat of hall.seats) {
    if (seat.athleteId !== situation.athlete.id) continue;
    const station = hall.stations.find(({ id }) => id === seat.stationId);
    const drill = station && drillOf(situation.library, station.drillId);
    const [reason] = drill
      ? against(mind.request, { drill, rung: rungOf(drill, seat.rungId), dose: seat.dose })
      : [];
    if (reason) barred.set(seat.round, reason);
  }
  return { ...member!, barred };
}
