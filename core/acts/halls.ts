import * as z from "zod/mini";
import { hallLog } from "../hall/log";
import { hallMember } from "../hall/member";
import { hallTermsOf, seatsAsked } from "../hall/terms";
import { mindOf, prepIn, type Mind } from "../hall/mind";
import { membersIn, planInStep, settled } from "../hall/in-step";
import { seatBreaches } from "../hall/seats";
import { planStations, seatingOf } from "../hall/stations";
import { changedFloor, reseated } from "../hall/on-the-floor";
import { HallEvent, Seat, StationsLaid } from "../records/hall";
import { Hall, PainKind, type GroupMember } from "../records/records";
import { Pain } from "../records/athlete";
import { plainSettings } from "../records/settings";
import { beginHall } from "../run/begin";
import { does, gone, momentless, nothing, rule, type Outcome, type Scene } from "./act";

/** Everybody of a session: their records are read. */
const ofHall = ({ id }: { id: string }, { get }: Pick<Scene, "get">): string[] =>
  (get("hall", id)?.people ?? []).map(({ athleteId }) => athleteId);

/** What the planner has to know beside the athletes. */
const termsOf = (scene: Scene, hall: Hall) =>
  hallTermsOf(hall, {
    places: scene.all("place"),
    settings: scene.get("settings", "settings") ?? plainSettings,
    library: scene.library,
  });

const mindsOf = (scene: Scene, hall: Hall): Mind[] =>
  hall.people
    .filter(({ athleteId }) => scene.get("athlete", athleteId))
    .map(({ athleteId }) => mindOf(scene.situation(athleteId), termsOf(scene, hall)));

/** The session planned anew for whoever is in it. */
function plannedAnew(scene: Scene, hall: Hall): Hall {
  const [minds, terms] = [mindsOf(scene, hall), termsOf(scene, hall)];
  if (hall.way === "in-step")
    return {
      ...hall,
      items: planInStep(minds, terms).items,
      stations: [],
      rounds: [],
      seats: [],
      proven: false,
    };
  const { items, stations, rounds, seats } = planStations(minds, terms);
  return { ...hall, items, stations, rounds, seats, proven: false };
}

/** Plans a session for several, or plans it anew with other terms. Answers with its identifier. */
const planHall = rule({
  sent: z.object({
    id: z.nullable(z.string()),
    groupId: z.nullable(z.string()),
    name: z.string().check(z.maxLength(300)),
    along: z.array(z.string()).check(z.minLength(1), z.maxLength(200)),
    way: Hall.shape.way,
    budget: Hall.shape.budget,
    placeId: z.nullable(z.string()),
    format: z.optional(z.string().check(z.maxLength(80))),
    alreadyWarm: z.optional(z.boolean()),
    laid: z.optional(StationsLaid),
  }),
  others: ({ along }) => along,
  decide: (scene, { id, along, ...sent }): Outcome<{ id: string }> => {
    const found = id ? scene.get("hall", id) : null;
    // What was begun or logged stays what it was: planned anew it is another session.
    const known = found && found.loggedOn === null && found.events.length === 0 ? found : null;
    const people = along.flatMap((athleteId) => {
      const athlete = scene.get("athlete", athleteId);
      return athlete ? [{ athleteId, name: athlete.name, from: 0, until: null }] : [];
    });
    if (people.length === 0) return gone("athlete");
    const hall: Hall = {
      kind: "hall",
      id: known?.id ?? scene.newId("hall"),
      on: known?.on ?? scene.today,
      groupId: sent.groupId,
      name: sent.name,
      placeId: sent.placeId,
      way: sent.way,
      budget: sent.budget,
      format: sent.format ?? "",
      alreadyWarm: sent.alreadyWarm ?? false,
      dropped: found?.dropped ?? [],
      people,
      items: [],
      stations: [],
      laid: sent.laid ?? found?.laid ?? { stations: 4, work: 150, change: 20 },
      rounds: [],
      seats: [],
      proven: false,
      events: [],
      loggedOn: null,
    };
    return {
      does: { does: "hall", name: hall.name },
      put: [plannedAnew(scene, hall)],
      answer: { id: hall.id },
    };
  },
});

/** Changes a session by hand: a drill out, another in its place, up or down. */
const changeHall = rule({
  sent: z.object({
    id: z.string(),
    change: z.discriminatedUnion("do", [
      z.object({ do: z.literal("drop"), drillId: z.string() }),
      z.object({ do: z.literal("another"), drillId: z.string() }),
      z.object({
        do: z.literal("move"),
        itemId: z.string(),
        by: z.union([z.literal(1), z.literal(-1)]),
      }),
      z.object({ do: z.literal("let-in-again") }),
    ]),
  }),
  others: ofHall,
  decide: (scene, { id, change }) => {
    const hall = scene.get("hall", id);
    if (!hall) return gone("hall");
    const label = { does: "hall", name: hall.name } as const;
    if (change.do === "let-in-again")
      return does(label, [plannedAnew(scene, { ...hall, dropped: [] })]);
    if (change.do === "another" || hall.way === "stations") {
      if (change.do === "move") return nothing;
      const dropped = [...new Set([...hall.dropped, change.drillId])];
      return does(label, [plannedAnew(scene, { ...hall, dropped })]);
    }
    const items =
      change.do === "drop"
        ? hall.items.filter(({ drillId }) => drillId !== change.drillId)
        : moved(hall.items, change.itemId, change.by);
    const dropped =
      change.do === "drop" ? [...new Set([...hall.dropped, change.drillId])] : hall.dropped;
    const { items: now } = settled(items, mindsOf(scene, hall), termsOf(scene, hall));
    return does(label, [{ ...hall, items: now, dropped }]);
  },
});

function moved<Item extends { id: string }>(
  items: readonly Item[],
  id: string,
  by: 1 | -1,
): Item[] {
  const at = items.findIndex((one) => one.id === id);
  const to = at + by;
  if (at < 0 || to < 0 || to >= items.length) return [...items];
  const next = [...items];
  [next[at], next[to]] = [next[to]!, next[at]!];
  return next;
}

/** Takes the seating that the solver found. One that the gate or the kit does not allow is not taken. */
const takeSeats = rule({
  sent: z.object({ id: z.string(), seats: z.array(Seat).check(z.maxLength(6000)) }),
  others: ofHall,
  decide: (scene, { id, seats }): Outcome<{ taken: boolean }> => {
    const hall = scene.get("hall", id);
    if (!hall) return gone("hall");
    const model = seatsAsked(hall, mindsOf(scene, hall), termsOf(scene, hall));
    if (seatBreaches(model, seatingOf(model, seats)).length > 0)
      return { does: null, put: [], answer: { taken: false } };
    return { does: null, put: [{ ...hall, seats, proven: true }], answer: { taken: true } };
  },
});

/** On the floor, at stations: somebody late, gone or back, or other minutes from now on. What is over stays. */
const changeFloor = rule({
  sent: z.object({
    id: z.string(),
    /** The round that is on; −1 before the first. */
    round: z.int().check(z.minimum(-1), z.maximum(60)),
    change: z.discriminatedUnion("do", [
      z.object({
        do: z.literal("person"),
        athleteId: z.string(),
        from: z.int().check(z.minimum(0), z.maximum(60)),
        until: z.nullable(z.int().check(z.minimum(-1), z.maximum(60))),
      }),
      /** Seconds from the end of the round that is on. */
      z.object({
        do: z.literal("minutes"),
        seconds: z.int().check(z.minimum(0), z.maximum(14400)),
      }),
    ]),
  }),
  others: (sent, look) => [
    ...ofHall(sent, look),
    ...(sent.change.do === "person" ? [sent.change.athleteId] : []),
  ],
  decide: (scene, { id, round, change }) => {
    const hall = scene.get("hall", id);
    if (!hall) return gone("hall");
    const athlete = change.do === "person" ? scene.get("athlete", change.athleteId) : null;
    const next = changedFloor(hall, round, change, athlete?.name ?? "");
    const [minds, terms] = [mindsOf(scene, next), termsOf(scene, next)];
    const before = { items: next.items, members: membersIn(next.items, minds, scene.library) };
    return does({ does: "hall", name: hall.name }, [
      next.way === "stations" ? reseated(next, minds, terms, before, round) : next,
    ]);
  },
});

/** Adds what just happened to the hall's clock. */
const hallHappen = rule({
  sent: z.object({
    id: z.string(),
    events: z.array(momentless(HallEvent)).check(z.minLength(1)),
  }),
  decide: (scene, { id, events }): Outcome<null> => {
    const hall = scene.get("hall", id);
    if (!hall) return gone("hall");
    const told = events.map((event) => ({ ...event, at: scene.moment }));
    return {
      does: null,
      put: [{ ...hall, events: [...hall.events, ...told] }],
      quietly: true,
      answer: null,
    };
  },
});

/** Opens the run of a session in step: one clock, everybody on the own rung. Answers with whose page it runs on. */
const startHall = rule({
  sent: z.object({ id: z.string() }),
  others: ofHall,
  decide: (scene, { id }): Outcome<{ athleteId: string }> => {
    const hall = scene.get("hall", id);
    if (!hall) return gone("hall");
    const runsOf = (athleteId: string) => scene.all("run", athleteId);
    const under = hall.people.find(({ athleteId }) =>
      runsOf(athleteId).some((run) => run.hallId === hall.id),
    );
    if (under) return { does: null, put: [], answer: { athleteId: under.athleteId } };
    const minds = mindsOf(scene, { ...hall, on: scene.today });
    const members = membersIn(hall.items, minds, scene.library);
    // On whose page it runs: somebody who has none under way, and sits out least, for other minutes are planned from there.
    const [leader] = members
      .filter(({ athleteId }) => runsOf(athleteId).length === 0)
      .sort((a, b) => satOut(a) - satOut(b));
    if (!leader) return gone("athlete");
    const terms = { ...termsOf(scene, hall), on: scene.today };
    const prep = prepIn(terms, scene.library, leader.athleteId, scene.newId("prep"));
    const run = beginHall({ ...prep, items: hall.items }, members, {
      id: scene.newId("run"),
      hallId: hall.id,
      at: scene.moment,
    });
    return { does: null, put: [run], answer: { athleteId: leader.athleteId } };
  },
});

const satOut = ({ parts }: Pick<GroupMember, "parts">): number =>
  parts.filter(({ rungId }) => rungId === null).length;

/** Logs a session for all at once: as planned, or as the run has it, but for what differed. */
const logHall = rule({
  sent: z.object({
    id: z.string(),
    differed: z
      .array(
        z.object({
          athleteId: z.string(),
          absent: z.boolean(),
          out: z.array(z.string()).check(z.maxLength(200)),
          hurt: z.nullable(
            z.object({ drillId: z.string(), level: Pain, kind: z.nullable(PainKind) }),
          ),
          note: z.string().check(z.maxLength(2000)),
        }),
      )
      .check(z.maxLength(200)),
  }),
  others: ofHall,
  decide: (scene, { id, differed }): Outcome<{ logged: number }> => {
    const hall = scene.get("hall", id);
    if (!hall) return gone("hall");
    const members = hall.people
      .filter(({ athleteId }) => scene.get("athlete", athleteId))
      .map(({ athleteId }) => hallMember(scene.situation(athleteId), hall));
    const asPlanned = { absent: false, out: [], hurt: null, note: "" };
    const logs = members.map((member) => {
      const known =
        scene.all("log", member.athleteId).find(({ hallId }) => hallId === hall.id) ?? null;
      const own = differed.find(({ athleteId }) => athleteId === member.athleteId) ?? asPlanned;
      return { known, log: hallLog(hall, member, own, known, scene.newId("log")) };
    });
    const put = logs.flatMap(({ log }) => log ?? []);
    return {
      does: { does: "log-hall", name: hall.name },
      put: [...put, { ...hall, loggedOn: scene.today }],
      remove: logs.flatMap(({ known, log }) => (known && !log ? [`log/${known.id}`] : [])),
      answer: { logged: put.length },
    };
  },
});

/** Takes a session away; what was logged of it stays. */
const removeHall = rule({
  sent: z.object({ id: z.string() }),
  decide: (scene, { id }) => {
    const hall = scene.get("hall", id);
    return hall ? does({ does: "hall", name: hall.name }, [], [`hall/${id}`]) : gone("hall");
  },
});

export const hallActs = {
  "plan-hall": planHall,
  "change-hall": changeHall,
  "take-seats": takeSeats,
  "change-floor": changeFloor,
  "hall-happen": hallHappen,
  "start-hall": startHall,
  "log-hall": logHall,
  "remove-hall": removeHall,
};
