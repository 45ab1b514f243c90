import { pullPush } from "#core/doses/ledger";
import type { AthleteView } from "../../view";

/** Pulling and pushing side by side; near three to one where the front of the body does most of the work. */
export function PullPush({ view }: { view: AthleteView }) {
  const spans = [7, 28].map((days) => ({
    days,
    ...pullPush(view.logs, view.library, view.day, days),
  }));
  return (
    <section aria-label="Pull and push" className="mt-4">
      <h2 className="text-xl">Pull : push</h2>
      <dl className="mt-1 grid grid-cols-[6rem_1fr] items-center gap-x-4 gap-y-1 text-sm">
        {spans.map(({ days, pull, push }) => (
          <div key={days} className="contents">
            <dt>last {days} days</dt>
            <dd className="flex items-center gap-3">
              {pull + push === 0 ? (
                <span className="text-muted">no counted pulling or pushing</span>
              ) : (
                <>
                  <span
                    className="flex h-4 w-40 max-w-[45vw] border border-ink"
                    role="img"
                    aria-label={`${pull} pulls, ${push} pushes`}
                  >
                    <span
                      className="bg-ink"
                      style={{ width: `${(100 * pull) / (pull + push)}%` }}
                    />
                  </span>
                  <span className="figures">
                    {pull} : {push}
                    {push > 0 && pull > 0 ? `  =  ${(pull / push).toFixed(1)} : 1` : ""}
                  </span>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
      <p className="text-sm text-muted">
        Repetitions, both sides. One-sided and front-dominant sports keep near 3 : 1.
      </p>
    </section>
  );
}
