import { useMemo } from "react";
import { Link } from "react-router";
import { chiefFindings } from "#core/aim/body-findings";
import { findingsFor } from "#core/situation/findings";
import { foundLines } from "#words/found";
import { capital } from "#words/plain";
import type { AthleteView } from "../../view";

/** So many lines are shown at once. */
const shown = 6;

/** What the checks and the life found of this body beside what the aim asks: it has its place in the preps. */
export function FoundBeside({ view }: { view: AthleteView }) {
  const lines = useMemo(
    () => foundLines(chiefFindings(view.needs, findingsFor(view, view.day)), view.library),
    [view],
  );
  if (lines.length === 0) return null;
  return (
    <section className="mt-6" aria-label="Found beside the aim">
      <h2 className="text-xl">Found beside the aim</h2>
      <ul className="mt-1 list-disc pl-5">
        {lines.slice(0, shown).map((line) => (
          <li key={line}>{capital(line)}</li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-muted">
        {lines.length > shown ? `${lines.length - shown} more. ` : ""}It counts in every prep.{" "}
        <Link className="underlined" to={`/at/${view.athlete.id}/prep`}>
          See what it changes
        </Link>
      </p>
    </section>
  );
}
