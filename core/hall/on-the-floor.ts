import type { StationRound } from "../records/hall";
import type { GroupMember, Hall, PrepItem } from "../records/records";
import type { Mind } from "./mind";
import { quickSeats } from "./seats";
import { seatModel, seatingOf, seatsOf, type StationTerms } from "./stations";

/** What changes while a hall is at its stations. */
export type FloorChange =
  | { do: "person"; athleteId: string; from: number; until: number | null }
  | { do: "minutes"; seconds: number };

/** A round shorter than this is not begun. Working figure. */
const shortestWork = 45;

/** The rounds that other minutes leave: as they were laid, the last seconds shared out among them. */
export function roundsLeft(seconds: number, { work, change }: StationRound): StationRound[] {
  const count = Math.floor(seconds / (work + change));
  if (count === 0) {
    const rest = seconds - change;
    return rest >= shortestWork ? [{ work: rest, change }] : [];
  }
  const left = seconds - count * (work + change);
  return Array.from({ length: count }, (_, n) => ({
    work: work + Math.floor(left / count) + (n < left % count ? 1 : 0),
    change,
  }));
}

/**
 * The session with who is there, or with other minutes after the round that is on. Who is where follows: see `reseated`.
 * @param round the round that is on; −1 before the first
 * @param name what somebody who is new is called
 */
export function changedFloor(hall: Hall, round: number, change: FloorChange, name: string): Hall {
  if (change.do === "minutes") {
    const kept = hall.rounds.slice(0, round + 1);
    return { ...hall, rounds: [...kept, ...roundsLeft(change.seconds, hall.laid)] };
  }
  const { athleteId, from, until } = change;
  const there = hall.people.some((one) => one.athleteId === athleteId);
  return {
    ...hall,
    people: there
      ? hall.people.map((one) => (one.athleteId === athleteId ? { ...one, from, until } : one))
      : [...hall.people, { athleteId, name, from, until }],
  };
}

/** Who is where from the next round on; what is over and what is on stay as they are. */
export function reseated(
  hall: Hall,
  minds: readonly Mind[],
  terms: StationTerms,
  before: { items: readonly PrepItem[]; members: readonly GroupMember[] },
  round: number,
): Hall {
  const rounds = hall.rounds.length;
  const asked = { ...terms, people: hall.people };
  const open = seatModel(minds, hall.stations, rounds, asked, before);
  const done = seatingOf(open, hall.seats).map((row) => row.slice(0, Math.max(0, round + 1)));
  const model = seatModel(minds, hall.stations, rounds, asked, before, done);
  const past = hall.seats.filter((seat) => seat.round <= round);
  const next = seatsOf(model, quickSeats(model)).filter((seat) => seat.round > round);
  return { ...hall, seats: [...past, ...next], proven: false };
}
