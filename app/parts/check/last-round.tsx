import type { Check } from "#core/records/records";
import { comparable } from "#core/measure/change";
import type { AthleteView } from "../../view";
import { longDay } from "#words/days";
import { RoundVerdicts } from "./row-verdicts";

/** What the last round says, today's or an earlier one, against everything it may be compared with. */
export function LastRound({ view }: { view: AthleteView }) {
  const day = view.checks.reduce(
    (latest, { on }) => (on > latest && on <= view.day ? on : latest),
    "",
  );
  if (day === "") return null;
  const checks = view.checks.filter(({ on }) => on === day);
  const name = day === view.today ? "today’s round" : `the round of ${longDay(day)}`;
  const last = checks.filter((check) => !checks.some((other) => replaces(other, check)));
  const ids = new Set(last.map(({ id }) => id));
  return (
    <section className="mt-6" aria-label={`What ${name} says`}>
      <h2 className="text-xl">What {name} says</h2>
      <RoundVerdicts
        checks={last}
        earlier={view.checks.filter(({ id, on }) => on <= day && !ids.has(id))}
        gaps={view.allGaps}
        athlete={view.athlete}
        library={view.library}
        named
      />
    </section>
  );
}

/** Measured twice on a day: the later one speaks. */
const replaces = (other: Check, check: Check): boolean =>
  comparable(other, check) &&
  (other.at > check.at || (other.at === check.at && other.id > check.id));
