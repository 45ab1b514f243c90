import type { Dose } from "../drill/dose";
import { atRung, onRung, rungOf, type Drill, type Rung } from "../drill/drill";
import { drillOf } from "../content/library";
import { weakestPart, withWeakest } from "./weakest-part";
import type { Log, PrepItem } from "../records/records";
import type { Because } from "../records/reasons";
import { sidesFirst } from "./item";
import { doesOf } from "../exposure/does";
import { held, longestStay, permittedDown } from "./permit";
import { mayGoOn } from "./stays";
import type { PlanRequest } from "./plan";
import type { PartAmount, TypedAmount, TypedLine } from "./typed";
import { unsaid } from "./unsaid";
import { startRung } from "./start";
import { uniquely } from "./whole";

/** A typed line with the drill it means; the rung where the words name one. */
export type LaidLine = { line: TypedLine; drillId: string | null; rungId: string | null };

/** A repetition of something of which nobody has said how slow it is, seconds. */
const usualTempo = 3;
const usualRest = 10;

/**
 * A coach's own session, in his order, with his figures. What was not said is the usual of the drill; the rung is the one
 * that was named, else the athlete's own. A line of no drill is left out; a break belongs to the drill before it.
 */
export function laid(lines: readonly LaidLine[], request: PlanRequest): PrepItem[] {
  const items: PrepItem[] = [];
  for (const { line, drillId, rungId } of lines) {
    if (line.is === "break") {
      const last = items.at(-1);
      if (last)
        items[items.length - 1] = {
          ...last,
          breath: { seconds: (last.breath?.seconds ?? 0) + line.seconds, as: line.as },
        };
      continue;
    }
    const drill = drillId ? drillOf(request.library, drillId) : undefined;
    if (drill) items.push(laidItem(line, drill, rungId, request, items.length));
  }
  return uniquely(items);
}

type DrillLine = Extract<TypedLine, { is: "drill" }>;

function laidItem(
  line: DrillLine,
  drill: Drill,
  rungId: string | null,
  request: PlanRequest,
  at: number,
): PrepItem {
  const rung = rungId ? rungOf(drill, rungId) : ownRung(drill, request);
  const { sided, serves } = atRung(drill, rung);
  const ways = line.each && !sided && line.parts.length === 0;
  const dose = doseTyped(line, drill, rung, request, ways);
  return {
    id: `${drill.id}~${at}`,
    drillId: drill.id,
    rungId: rung.id,
    phase: drill.phase,
    segment: line.round > 0 ? `round ${line.round}` : "",
    dose,
    ...unsaid,
    sides: sided ? sidesFirst(null, request) : [],
    labels: ways ? ["one way", "other way"] : line.parts.map(({ label }) => label),
    amounts: amountsOf(line, dose.type === "reps"),
    untilLoose:
      line.untilLoose &&
      mayGoOn(drill, doesOf(drill, rung).exposes) &&
      longestStay(request.body, drill, rung) === null,
    pace: line.pace,
    why: [{ why: "typed" }, ...taken(line)],
    serves: serves.map(({ motion }) => motion),
  };
}

/** The amount of each part, where they are not all alike; seconds and repetitions at the usual tempo where they are mixed. */
function amountsOf({ parts, tempo }: DrillLine, counted: boolean): number[] {
  const each = tempo ?? usualTempo;
  const amounts = parts.map(({ amount }) =>
    "bare" in amount
      ? amount.bare
      : "reps" in amount
        ? Math.round(amount.reps * (counted ? 1 : each))
        : Math.max(1, Math.round(amount.seconds / (counted ? each : 1))),
  );
  return amounts.every((amount) => amount === amounts[0]) ? [] : amounts;
}

/** A part's amount as it is meant: a bare figure is counted where the drill usually is. */
const meant = (amount: PartAmount, usual: Dose | null): TypedAmount =>
  "bare" in amount
    ? usual?.type === "reps"
      ? { reps: amount.bare }
      : { seconds: amount.bare }
    : amount;

const taken = ({ kg, band }: DrillLine): Because[] => [
  ...(kg !== null ? [{ why: "takes-weight" as const, kg }] : []),
  ...(band !== null ? [{ why: "takes-band" as const, strength: band, kg: null }] : []),
];

/** The rung that the athlete has reached, or the highest below it that is permitted; the first where none is. */
function ownRung(drill: Drill, request: PlanRequest): Rung {
  const next = request.nextSteps.get(drill.id);
  const begin = startRung(drill, request.experience ?? { years: null, sports: [] });
  const wanted = next ? rungOf(drill, next.rungId) : drill.rungs[begin]!;
  return permittedDown(drill, wanted, request) ?? wanted;
}

/** The dose as it was typed, over what is usual of the rung. */
function doseTyped(
  line: DrillLine,
  drill: Drill,
  rung: Rung,
  { format }: PlanRequest,
  ways: boolean,
): Dose {
  const usual =
    (format.doses === "warm-up" ? rung.warmUp : rung.session) ?? rung.session ?? rung.warmUp;
  const first = line.parts[0]?.amount;
  const amount = first ? meant(first, usual) : line.amount;
  const sets = line.parts.length > 0 ? line.parts.length : ways ? 2 : line.sets;
  const paced = (dose: Dose): Dose =>
    dose.type === "contract-relax"
      ? { ...dose, rounds: Math.min(6, line.sets ?? dose.rounds) }
      : {
          ...dose,
          sets: sets ?? (amount === null ? dose.sets : 1),
          rest: ways ? 0 : restOf(line, dose.rest, sets),
          ...(dose.type === "reps" && line.tempo !== null ? { tempo: line.tempo } : {}),
        };
  if (amount === null) return usual ? paced(usual) : paced(ofAmount({ reps: 10 }, drill, usual));
  return paced(ofAmount(amount, drill, usual));
}

const restOf = ({ rest, parts }: DrillLine, usual: number, sets: number | null): number =>
  rest ?? (parts.length > 0 ? 0 : (sets ?? 1) > 1 ? usual || usualRest : usual);

function ofAmount(amount: TypedAmount, drill: Drill, usual: Dose | null): Dose {
  if ("reps" in amount)
    return {
      type: "reps",
      sets: 1,
      reps: amount.reps,
      tempo: usual?.type === "reps" ? usual.tempo : usualTempo,
      rest: usual && "rest" in usual ? usual.rest : usualRest,
    };
  const still = held(drill) || usual?.type === "hold";
  return {
    type: still ? "hold" : "time",
    sets: 1,
    seconds: still ? Math.max(3, amount.seconds) : Math.max(5, amount.seconds),
    rest: usual && "rest" in usual ? usual.rest : usualRest,
  };
}

/**
 * A standing session as the log has carried it on: each drill on the rung that comes next, with its figures where they
 * are of the same kind. What nobody has logged stays as it was written.
 */
export const carriedOn = (
  items: readonly PrepItem[],
  { nextSteps, library }: Pick<PlanRequest, "nextSteps" | "library">,
  logs: readonly Log[] = [],
  day = "9999-12-31",
): PrepItem[] =>
  items.map((plain) => {
    const weakest = weakestPart(logs, plain.drillId, plain.labels, day);
    const item = weakest ? withWeakest(plain, weakest) : plain;
    const next = nextSteps.get(item.drillId);
    const drill = drillOf(library, item.drillId);
    if (!next || !drill || next.change === "same" || next.change === "stop") return item;
    const on = onRung(item, drill, rungOf(drill, next.rungId));
    return { ...on, dose: withAmount(item.dose, next.dose) };
  });

function withAmount(dose: Dose, next: Dose): Dose {
  if (dose.type === "reps" && next.type === "reps") return { ...dose, reps: next.reps };
  if (dose.type === "hold" && next.type === "hold") return { ...dose, seconds: next.seconds };
  return dose;
}
