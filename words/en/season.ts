import type { MethodChange, MethodReason } from "#core/season/method";
import type { Named, PlanBreach } from "#core/schedule/plan-rules";
import type { Repair, Warning } from "#core/season/warnings";
import type { WorkKind } from "#core/doses/ledger";
import { jointWords, slotName, slotWords } from "./slots";
import { longDay } from "./days";
import { lockWords } from "./pain";
import { capital, many } from "./plain";
import { placeWords } from "./places";

/** What a plan breaks, in a sentence. */
export function planBreachWords(breach: PlanBreach): string {
  const { broken } = breach;
  switch (broken.rule) {
    case "away":
      return `${longDay(broken.on)} is a day away or ill: nothing is planned.`;
    case "rest-day":
      return `${longDay(broken.on)} is a day of ${broken.day}: circles only, no ${slotName(broken.slot)}.`;
    case "show":
      if (broken.kind === "conditioning")
        return `${longDay(broken.on)} is ${broken.daysBefore === 0 ? "the show" : "the day before the show"}: no conditioning set.`;
      return broken.daysBefore === 0
        ? `${longDay(broken.on)} is the day of the show: no long hold.`
        : `${longDay(broken.on)} is ${many(broken.daysBefore, "day")} before the show: no long hold in the last 48 hours.`;
    case "before-training":
      return `On ${longDay(broken.on)} long holds would come before the ${broken.training.kind} at ${broken.training.starts}: put them after it.`;
    case "into-training":
      return `On ${longDay(broken.on)} the ${slotName(broken.slot)} at ${broken.slot.starts} runs into the ${broken.training.kind} at ${broken.training.starts}.`;
    case "clash":
      return `On ${longDay(broken.on)} the ${both(broken.slots)} run into each other.`;
    case "one-a-day":
      return `${longDay(broken.on)} has ${broken.count} ${slotWords[broken.kind]}s: one a day.`;
    case "minutes":
      return `${longDay(broken.on)} has ${broken.minutes} minutes of preps; the day has ${broken.most}.`;
    case "neighbours":
      return `The ${jointWords(broken.joint)} is held long on ${longDay(broken.on)} and again on ${longDay(broken.next)}: a day of rest belongs between.`;
    case "too-often":
      return `The ${jointWords(broken.joint)} is held long on ${broken.days} days in the seven from ${longDay(broken.from)}; ${broken.most} at most.`;
    case "sets-neighbours":
      return `Conditioning sets on ${longDay(broken.on)} and ${longDay(broken.next)}: a day of rest belongs between.`;
    case "sets-a-week":
      return `${broken.count} conditioning sets in the week of ${longDay(broken.monday)}; ${broken.most === 3 ? "three" : broken.most} at most.`;
  }
}

const both = ([a, b]: readonly [Named, Named]): string => `${slotName(a)} and the ${slotName(b)}`;

/** A warning: what it says, and why it matters. */
export function warningWords({ warns }: Pick<Warning, "warns">): { says: string; why: string } {
  switch (warns.of) {
    case "plan":
      return {
        says: planBreachWords(warns.first),
        why:
          warns.more > 0
            ? `And ${warns.more} more in the weeks to come.`
            : "The rest of the plan keeps every rule.",
      };
    case "missed":
      return {
        says: "Last week was missed: this week begins lower.",
        why: "Range falls back after a break. Half the sessions, shorter, then build up again.",
      };
    case "stale":
      return {
        says: `Sessions for the ${jointWords(warns.joint)} are still planned.`,
        why: "By today’s aims and checks it needs none, or pain has stopped it.",
      };
    case "shut":
      return {
        says: `${capital(warns.place ? placeWords(warns.place) : "what it worked on")} is stopped: ${lockWords(warns.because)}.`,
        why: `${warns.more > 0 ? `And ${warns.more} more. ` : ""}Nothing is planned for it until a person clears it with a reason; see a clinician.`,
      };
    case "plateau":
      return {
        says: `${warns.what} has stopped moving${warns.more > 0 ? `, and ${warns.more} more` : ""}.`,
        why: "More of the same will not help: the record says what to change first.",
      };
    case "sore":
      return {
        says: `The ${jointWords(warns.joint)} has been sore ${warns.level}/10 since ${longDay(warns.since)}.`,
        why: "Its next dose is already a third less. A lighter week rests it more.",
      };
    case "hard-days":
      return {
        says: warns.neighbours
          ? `The ${jointWords(warns.joint)} was held ten minutes or more on two days in a row.`
          : `The ${jointWords(warns.joint)} had ${warns.days} hard days in seven.`,
        why: `At most ${warns.most} in seven, none on two days in a row.`,
      };
    case "too-full":
      return {
        says: `${warns.done} of ${warns.planned} preps were done in the last ${warns.weeks} weeks.`,
        why: "A smaller plan that is kept does more than a fuller one that is not.",
      };
    case "measure":
      return {
        says: `${warns.what} can next show a change on ${longDay(warns.on)}; no round of checks is planned then.`,
        why: "Earlier, a change would be smaller than the error.",
      };
    case "pulls":
      return {
        says: `${warns.pull} pulls to ${warns.push} pushes in ${warns.days} days.`,
        why: "Sports that use the front of the body most need about three pulls to a push.",
      };
  }
}

/** What one press does about a warning. */
export function repairWords(repair: Repair): string {
  switch (repair.do) {
    case "place":
      return "Place the rest again";
    case "lighter":
      return "Make this week lighter";
    case "fewer":
      return `Plan ${many(repair.perWeek, "mobility session")} a week`;
    case "measure":
      return "Put a round in that week";
    case "pull":
      return "Plan one more conditioning set";
    case "see":
      return repair.at === "aim" ? "See what is stopped" : "See what to change";
  }
}

const workWords: Record<WorkKind, string> = {
  stretch: "held and contract–relax stretches",
  active: "active work at the end of the range",
  loaded: "loaded work",
  light: "circles, soft tissue and swings",
};
const minutes = (seconds: number): string => `${Math.round(seconds / 60)} min`;

/** What the athlete's own record says for a change of method. */
export function methodReasonWords(reason: MethodReason): string {
  switch (reason.found) {
    case "nothing-logged":
      return `Nothing was logged for it in ${reason.weeks} weeks.`;
    case "mostly":
      return `${minutes(reason.seconds)} of ${minutes(reason.all)} in ${reason.weeks} weeks were ${workWords[reason.kind]}.`;
    case "one-rung":
      return `${reason.drill} was done on one level (${reason.rung}) in ${reason.sessions} sessions.`;
    case "too-few-sessions":
      return "No drill was done often enough to tell.";
    case "not-both-modes":
      return "Active and passive range were not both measured: not known.";
    case "one-mode":
      return "This check has only one mode: not known.";
    case "share":
      return `${Math.round(reason.share * 100)} % of the passive range is reached actively.`;
    case "weeks":
      return [
        reason.without
          ? `Every one of the last ${reason.of} weeks was worked.`
          : `${reason.worked} of the last ${reason.of} weeks were worked.`,
        reason.sore > 0
          ? `The ${jointWords(reason.joint)} was sore above ${reason.above}/10 on ${many(reason.sore, "noted day")}.`
          : "",
      ]
        .filter(Boolean)
        .join(" ");
  }
}

/** What to change. */
export function methodChangeWords(change: MethodChange): string {
  switch (change.to) {
    case "work":
      return `Another kind of work: ${workWords[change.kind]}${change.drill ? `, for instance ${change.drill.toLowerCase()}` : ""}.`;
    case "leverage":
      return "Another position or a longer lever: the next level, or another drill of the same kind.";
    case "measure-both":
      return "Measure both: below four fifths, strength at the end of the range comes first.";
    case "strength":
      return "Strength at the end of the range before more stretching.";
    case "stretch":
      return "Strength already reaches the range there is: more stretch is needed.";
    case "lighter":
      return "A lighter week, then the same work again.";
  }
}
