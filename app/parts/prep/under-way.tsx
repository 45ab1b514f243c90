import { Play } from "lucide-react";
import { Link } from "react-router";
import { clock } from "#core/drill/dose";
import { mayBeDropped, runAt } from "#core/run/run";
import type { Run } from "#core/records/records";
import { now } from "../../clock";
import type { AthleteView } from "../../view";
import type { DoAct } from "../use-act";

/** A run that was left: it is taken up where it stands, ended into the log, or thrown away. */
export function UnderWay({ run, view, act }: { run: Run; view: AthleteView; act: DoAct }) {
  const { time } = runAt(run, view.library, now().getTime());
  return (
    <section
      aria-label="A run under way"
      className="no-print mb-2 flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 border-spruce bg-raised px-4 py-2"
    >
      <p className="font-semibold">
        A run is under way: <span className="figures">{clock(Math.round(time.work))}</span> of work
        so far.
      </p>
      <Link className="press press-main" to={`/at/${view.athlete.id}/run`}>
        <Play size={16} aria-hidden="true" /> Go on
      </Link>
      {mayBeDropped(run) ? (
        <button type="button" className="quiet underlined" onClick={() => act("drop-run", {})}>
          Throw it away
        </button>
      ) : (
        <span className="text-sm text-muted">What hurt in it has to reach the log.</span>
      )}
    </section>
  );
}
