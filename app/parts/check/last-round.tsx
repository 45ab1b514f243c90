import type { Check } from "#core/exchange/records";
import type { AthleteView } from "../../view";
import { RoundVerdicts } from "./row-verdicts";

/** What the round that was just kept says, with everything it was compared with. */
export function LastRound({ view, checks }: { view: AthleteView; checks: readonly Check[] }) {
  const ids = new Set(checks.map(({ id }) => id));
  // Measured twice today: the later one speaks.
  const last = checks.filter(
    (check) =>
      !checks.some(
        (other) =>
          other.protocolId === check.protocolId &&
          other.side === check.side &&
          other.mode === check.mode &&
          other.temperature === check.temperature &&
          (other.at > check.at || (other.at === check.at && other.id > check.id)),
      ),
  );
  return (
    <section className="mt-6" aria-label="What today’s round says">
      <h2 className="text-xl">What today’s round says</h2>
      <RoundVerdicts
        checks={last}
        earlier={view.checks.filter(({ id }) => !ids.has(id))}
        gaps={view.allGaps}
        athlete={view.athlete}
        library={view.library}
        named
      />
    </section>
  );
}
