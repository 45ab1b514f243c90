import { drillOf } from "#core/content/library";
import { quotasToday } from "#core/progress/quota";
import type { Prep } from "#core/records/records";
import type { AthleteView } from "../../view";
import type { DoAct } from "../use-act";

/** The numbers a day: what is done of them, what this prep holds, and what is left to put somewhere. */
export function QuotaLines({
  view,
  prep,
  editable,
  act,
}: {
  view: AthleteView;
  prep: Prep;
  editable: boolean;
  act: DoAct;
}) {
  const all = quotasToday(view.athlete.quotas, view.logs, prep, view.preps, view.library);
  if (all.length === 0) return null;
  return (
    <ul className="no-print mt-1 text-sm" aria-label="Numbers a day">
      {all.map(({ quota, done, planned, elsewhere, left }) => {
        const name = drillOf(view.library, quota.drillId)?.name ?? quota.drillId;
        return (
          <li key={quota.drillId} className="flex flex-wrap items-baseline gap-x-3">
            <span>
              {name}: <b className="figures">{quota.reps}</b> a day, {done} done, {planned} here
              {elsewhere > 0 ? `, ${elsewhere} in other preps today` : ""},{" "}
              <b className="figures">{left}</b> left.
            </span>
            {editable && left > 0 ? (
              <button
                type="button"
                className="underlined min-h-8"
                onClick={() => act("put-quota", { prep, drillId: quota.drillId })}
              >
                Put them here
              </button>
            ) : null}
            {editable ? (
              <button
                type="button"
                className="underlined min-h-8"
                onClick={() => act("set-quota", { drillId: quota.drillId, reps: null })}
              >
                No more {name.toLowerCase()} a day
              </button>
            ) : null}
          </li>
        );
      })}
    </ul>
  );
}
