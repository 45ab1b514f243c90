import { unsaid } from "./unsaid";
import type { Dose } from "../drill/dose";
import type { Drill } from "../drill/drill";
import { atRung, rungOf, timesOf } from "../drill/drill";
import type { PrepItem } from "../records/records";
import { drillOf } from "../content/library";
import { against, permittedDown, type GateTerms } from "./permit";
import { withLoad, type Load } from "../doses/load";
import { lighterLoads, workLoad } from "./ramp-load";
import type { PlanRequest } from "./plan";
import { isDeep } from "./warmth";

/** Sets up to the work: how many rungs easier, sets and repetitions. */
const steps = [
  { easier: 2, sets: 2, reps: 2 },
  { easier: 1, sets: 2, reps: 2 },
  { easier: 0, sets: 3, reps: 5 },
] as const;

/** The work sets, where somebody has said them: as many as they say, instead of 3 × 5. */
export type RampWork = { sets: number; reps: number } & Partial<Load>;

/** So many sets at a rung and a load; `easier` counts rungs below the work, `work` tells the work sets. */
export type RampStep = {
  rungId: string;
  name: string;
  easier: number;
  sets: number;
  reps: number;
  load: Load;
  work: boolean;
};

const unloaded: Load = { kg: null, band: null };

/**
 * The sets that lead up to the work on a rung: 2 × 2 two rungs easier where there is one, 2 × 2 one rung
 * easier, then 3 × 5. Lighter weights and easier bands on the work's own rung stand in the place of easier rungs, those
 * nearest to the work first.
 * @param said the work sets that somebody has said
 * @param load what the work is done with, and the loads that lead up to it, the lightest first
 * @example rampOf(pull, "feet-down") // 2 × 2, 2 × 2, 3 × 5: 23 repetitions
 */
export function rampOf(
  drill: Drill,
  rungId: string,
  said?: RampWork,
  { work: own = unloaded, lighter = [] }: { work?: Load; lighter?: readonly Load[] } = {},
): RampStep[] {
  const at = drill.rungs.indexOf(rungOf(drill, rungId));
  return steps.flatMap(({ easier, sets, reps }): RampStep[] => {
    const lighterHere = easier === 0 ? undefined : lighter[lighter.length - easier];
    const below = lighterHere ? 0 : Math.max(0, easier - (easier === 0 ? 0 : lighter.length));
    const rung = drill.rungs[at - below];
    const work = easier === 0;
    const amount = work && said ? { sets: said.sets, reps: said.reps } : { sets, reps };
    return rung
      ? [
          {
            rungId: rung.id,
            name: rung.name,
            easier: below,
            ...amount,
            load: work ? own : (lighterHere ?? unloaded),
            work,
          },
        ]
      : [];
  });
}

/** Rest between ramp sets, and between work sets, seconds. */
const rests = { ramp: 30, work: 60 } as const;
const tempo = 4;

/**
 * The ramp that may be done here: up to the highest permitted rung that is not above the one chosen, by permitted
 * rungs alone. Empty where none is.
 */
export function permittedRamp(
  drill: Drill,
  rungId: string,
  terms: GateTerms & { lastLoads?: ReadonlyMap<string, number> },
  said?: RampWork,
): RampStep[] {
  const rung = permittedDown(drill, rungOf(drill, rungId), terms);
  if (!rung) return [];
  const last = terms.lastLoads?.get(drill.id) ?? null;
  const { place, body } = terms;
  const work = workLoad(rung, said ?? {}, place, last, body.growing);
  // Where the rungs of a ladder are its bands, the rungs lead up.
  const byRungs = drill.rungs.filter(({ band }) => band).length > 1;
  const lighter = work.kg === null && byRungs ? [] : lighterLoads(rung, work, place);
  return rampOf(drill, rung.id, said, { work, lighter })
    .filter((step) => against(terms, { drill, rung: rungOf(drill, step.rungId) }).length === 0)
    .map((step) =>
      step.easier > 0
        ? { ...step, load: workLoad(rungOf(drill, step.rungId), {}, place, null, body.growing) }
        : step,
    );
}

/** What a ramp and its work sets take of the minutes at most. */
const mostOfRamp = 0.55;

const stepSeconds = (drill: Drill, { rungId, reps, work, sets }: RampStep): number =>
  timesOf(drill, rungId) * sets * (reps * tempo + (work ? rests.work : rests.ramp));
const rampSeconds = (drill: Drill, ramp: readonly RampStep[]): number =>
  ramp.reduce((sum, step) => sum + stepSeconds(drill, step), 0);

/** The ramp as far as the minutes go: fewer work sets first, then without its easiest step. */
function inMinutes(
  drill: Drill,
  ramp: readonly RampStep[],
  seconds: number,
  said: boolean,
): RampStep[] {
  let now = [...ramp];
  // Work sets that somebody has said are done as said: only what leads up to them gives way.
  while (now.length > (said ? 1 : 0) && rampSeconds(drill, now) > seconds) {
    const last = now.at(-1)!;
    now =
      last.sets > 1 && !said
        ? [...now.slice(0, -1), { ...last, sets: last.sets - 1 }]
        : now.slice(1);
  }
  return now;
}

/** The ramp of a prep as its items; none where the format has no ramp or no ladder was chosen. */
export function rampItems(request: PlanRequest): PrepItem[] {
  const { format, ramp, library, kept } = request;
  if (!format.ramp || !ramp) return [];
  const drill = drillOf(library, ramp.drillId);
  if (!drill) return [];
  const allowed = permittedRamp(drill, ramp.rungId, request, ramp.work).filter(
    ({ rungId }) => !(request.noDeep && isDeep(drill, rungOf(drill, rungId))),
  );
  const room = mostOfRamp * (request.budget - (request.handOver ?? 0));
  const steps = inMinutes(drill, allowed, room, ramp.work !== undefined);
  return steps.flatMap(({ rungId, easier, sets, reps, load, work }): PrepItem[] => {
    const lighter = !work && easier === 0;
    const id = `${drill.id}~${rungId}${lighter ? `~${load.kg ?? load.band}` : ""}`;
    if (kept.some((item) => item.id === id)) return [];
    const old = rungOf(drill, rungId);
    const dose: Dose = {
      type: "reps",
      sets,
      reps,
      tempo: old.session?.type === "reps" ? old.session.tempo : tempo,
      rest: work ? rests.work : rests.ramp,
    };
    return [
      withLoad(
        {
          id,
          drillId: drill.id,
          rungId,
          ...unsaid,
          phase: "use",
          segment: work ? "work sets" : "ramp",
          dose,
          sides: atRung(drill, old).sided ? ["left", "right"] : [],
          why: [
            work
              ? { why: "work-sets" }
              : lighter
                ? { why: "lighter" }
                : { why: "easier", rungs: easier },
          ],
          serves: drill.serves.map(({ motion }) => motion),
        },
        load,
      ),
    ];
  });
}
