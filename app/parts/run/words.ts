import { shutFor } from "#core/run/shut";
import { membersNow } from "#core/run/members";
import { byRung } from "../hall/by-rung";
import { firstName, notch } from "../words";
import { isShut } from "#core/run/shut";
import { rungOf, type Drill } from "#core/drill/drill";
import { breathWords } from "#words/breath";
import type { Breath, Prep, PrepItem, Run } from "#core/records/records";
import { drillOf, type Library } from "#core/content/library";
import { rampSum } from "#core/prep/ramp-sum";
import { bestTries, isCountedStep, isWorkStep, type RunState } from "#core/run/state";
import type { AthleteView } from "../../view";
import type { Step } from "#core/prep/timeline";
import type { Dose } from "#core/drill/dose";
import { againstWords } from "#words/prep";

/** The one word over the number: what to do in this stretch of time. */
export function stepWord(step: Step, dose: Dose, breath: Breath | null = null): string {
  switch (step.kind) {
    case "transition":
      return "get into position";
    case "set-up":
      return "set up";
    case "rest":
      return "rest";
    case "side-change":
      return "other side";
    case "hand-over":
      return "hand over";
    case "own-set":
      return "your set";
    case "on-the-way":
      return "on the way";
    case "until-loose":
      return "until loose";
    case "breath":
      return breath ? breathWords[breath.as] : "breath";
    case "contract":
      return "push";
    case "deepen":
      return "deeper";
    case "work":
      return dose.type === "hold" ? "hold" : step.reps ? `${step.reps} times` : "go";
  }
}

/** Which of how many: "round 2 of 3", "set 1 of 2". */
export function countWord(step: Step, { dose, labels }: Pick<PrepItem, "dose" | "labels">): string {
  if (isWorkStep(step) && labels[step.set - 1])
    return `${labels[step.set - 1]} · ${step.set} of ${step.sets}`;
  if (
    step.sets < 2 ||
    step.kind === "transition" ||
    step.kind === "hand-over" ||
    step.kind === "own-set" ||
    step.kind === "on-the-way" ||
    step.kind === "breath" ||
    step.kind === "set-up" ||
    step.kind === "side-change"
  )
    return "";
  return `${dose.type === "contract-relax" ? "round" : "set"} ${step.set} of ${step.sets}`;
}

/** What everybody does of the present drill: the rung of each, or why it is sat out. */
export function groupLine(
  run: Run,
  state: RunState,
  view: AthleteView,
  item: PrepItem,
  drill: Drill,
): string {
  if (run.hallId) return hallLine(run, state, view.library, item, drill);
  const own = `${firstName(view.athlete.name)}: ${rungOf(drill, item.rungId).name.toLowerCase()}`;
  const others = membersNow(run, state.items).map((member) => {
    const { name, parts } = member;
    if (isShut(item, shutFor(state, member, view.library), view.library))
      return `${firstName(name)} sits out (it hurt)`;
    const part = parts.find(({ itemId }) => itemId === item.id);
    if (part?.rungId === null)
      return `${firstName(name)} sits out (${part.reason ? againstWords(part.reason) : "no reason is known"})`;
    return `${firstName(name)}: ${rungOf(drill, part?.rungId ?? item.rungId).name.toLowerCase()}`;
  });
  return [own, ...others].join(" · ");
}

/**
 * What a hall does of the present drill, rung by rung. What all belong to is nobody's alone; whoever sits out rests, and
 * why is nobody's business on a screen that all can read.
 */
function hallLine(
  run: Run,
  state: RunState,
  library: Library,
  item: PrepItem,
  drill: Drill,
): string {
  const members = membersNow(run, state.items).map((member) =>
    isShut(item, shutFor(state, member, library), library)
      ? { ...member, parts: [{ itemId: item.id, rungId: null, reason: null }] }
      : member,
  );
  const { rungs, out } = byRung(item, members);
  return [
    ...rungs.map(
      ({ rungId, who }) =>
        `${rungOf(drill, rungId).name.toLowerCase()}: ${who.map(({ name, share }) => (item.extra && share ? `${name} (+${notch[share]})` : name)).join(", ")}`,
    ),
    ...(out.length > 0 ? [`rest: ${out.map(({ name }) => name).join(", ")}`] : []),
  ].join(" · ");
}

/** The rung that most of a hall are on, of an item: what the screen shows; the item's own where nobody does it. */
export function mostlyOn(run: Run, state: RunState, item: PrepItem): string {
  const counts = new Map<string, number>();
  for (const { parts } of membersNow(run, state.items)) {
    const rungId = parts.find(({ itemId }) => itemId === item.id)?.rungId;
    if (rungId) counts.set(rungId, (counts.get(rungId) ?? 0) + 1);
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? item.rungId;
}

/** Repetitions of a ramp step by step, done and to do, while its ladder is on: "4 + 4 + 15 = 23, 6 done". */
export function rampSoFar(state: RunState, prep: Prep, library: Library): string | null {
  const present = state.items[state.steps[state.at]?.item ?? -1];
  if (!prep.ramp || present?.drillId !== prep.ramp.drillId) return null;
  const drill = drillOf(library, prep.ramp.drillId);
  if (!drill) return null;
  const steps = state.items.flatMap(({ drillId, dose }) =>
    drillId === drill.id && dose.type === "reps" ? [dose] : [],
  );
  const done = state.entries
    .filter(({ drillId }) => drillId === drill.id)
    .flatMap((entry) => bestTries(entry).map((one) => isCountedStep(entry, one)))
    .reduce((sum, reps) => sum + reps, 0);
  return `${rampSum(steps)}, ${done} done`;
}

/** Sets that a drill got more, in time that those before it did not need. */
export const givenWords = ({ sets }: RunState["given"][number]): string =>
  `${sets === 1 ? "one set" : `${sets} sets`} more: there was time left`;
