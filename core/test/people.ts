import { unsaid } from "../prep/unsaid";
import { newAthlete, type Athlete } from "../records/athlete";
import type { Aim, Check, Log, LogItem, Prep, PrepItem } from "../records/records";
import type { Dose } from "../drill/dose";
import { blankPrep } from "../prep/blank";
import { library } from "../../library/index";

/** Invented records for tests: each takes only what the test is about. */
export const athlete = (over: Partial<Athlete> = {}): Athlete => ({
  ...newAthlete("a1", {
    name: "Test Athlete",
    discipline: "hand-balancer",
    bornOn: "1998-03-01",
    statureCm: 165,
    massKg: 58,
    dominantSide: "right",
    placeId: null,
    years: null,
  }),
  intake: {
    on: "2026-09-01",
    yes: [],
    where: [],
    note: "",
    growthSpurt: false,
    beighton: 2,
    clearances: [],
  },
  ...over,
});

export const aim = (over: Partial<Aim> = {}): Aim => ({
  kind: "aim",
  id: "aim1",
  athleteId: "a1",
  skillId: "handstand",
  quality: "clean",
  side: "mid",
  by: "2026-12-15",
  since: "2026-09-14",
  closedOn: null,
  outcome: null,
  hips: "square",
  overrides: [],
  targets: [],
  ...over,
});

let count = 0;
export const check = (over: Partial<Check> = {}): Check => ({
  kind: "check",
  id: `c${(count += 1)}`,
  athleteId: "a1",
  protocolId: "shoulder-flexion",
  protocolVersion: 1,
  side: "left",
  mode: "passive",
  temperature: "warm",
  instrument: "goniometer",
  tester: "T",
  on: "2026-11-10",
  at: "2026-11-10T10:00:00.000Z",
  trials: [158, 158],
  typed: null,
  ownError: 0,
  read: "",
  pain: 0,
  painAt: null,
  painKind: null,
  seen: [],
  note: "",
  ...over,
});

export const protocol = (id: string) => library.protocols.find((p) => p.id === id)!;
export const skill = (id: string) => library.skills.find((s) => s.id === id)!;
export const drill = (id: string) => library.drills.find((d) => d.id === id)!;

export const item = (drillId: string, dose: Dose, over: Partial<PrepItem> = {}): PrepItem => ({
  id: drillId,
  drillId,
  rungId: drill(drillId).rungs[0]!.id,
  ...unsaid,
  phase: drill(drillId).phase,
  segment: "",
  dose,
  sides: drill(drillId).sided ? ["left", "right"] : [],
  why: [],
  serves: [],
  ...over,
});

export const prep = (items: PrepItem[], over: Partial<Prep> = {}): Prep =>
  blankPrep({
    id: "p1",
    athleteId: "a1",
    session: "warm-up",
    on: "2026-11-24",
    budget: 900,
    items,
    ...over,
  });

export const logItem = (drillId: string, over: Partial<LogItem> = {}): LogItem => ({
  drillId,
  rungId: drill(drillId).rungs[0]!.id,
  planned: { type: "reps", sets: 1, reps: 8, tempo: 4, rest: 0 },
  done: "done",
  seconds: 0,
  sets: [],
  load: null,
  painAt: null,
  painKind: null,
  form: "clean",
  pain: 0,
  painPlace: "",
  sharp: false,
  looseAt: null,
  band: null,
  bySide: [],
  labels: [],
  note: "",
  ...over,
});

export const log = (on: string, items: LogItem[], over: Partial<Log> = {}): Log => ({
  kind: "log",
  id: `l${(count += 1)}`,
  athleteId: "a1",
  prepId: null,
  on,
  minutes: 15,
  items,
  note: "",
  ...over,
});
