import { ArrowLeft, Printer } from "lucide-react";
import { Link, useSearchParams } from "react-router";
import { mondayOf } from "#core/dates/days";
import { SeasonSheet } from "../parts/season/season-sheet";
import { WeekSheet } from "../parts/season/week-sheet";
import { athleteView } from "../view";
import type { Route } from "./+types/season-sheet";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

const names = { week: "The week", season: "The season" } as const;

/** The week or the season on paper. */
export default function SeasonSheetPage({ loaderData: view }: Route.ComponentProps) {
  const [query, setQuery] = useSearchParams();
  const of = query.get("of") === "season" ? "season" : "week";
  const want = query.get("week");
  const monday = mondayOf(want && /^\d{4}-\d{2}-\d{2}$/.test(want) ? want : view.today);
  return (
    <main
      id="desk"
      className="h-full overflow-y-auto px-4 py-5 sm:px-8 print:h-auto print:overflow-visible print:p-0"
    >
      <div className="no-print mb-4 flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-ink pb-3">
        <Link className="quiet underlined" to={`/at/${view.athlete.id}/season/out`}>
          <ArrowLeft size={15} /> The season
        </Link>
        <div role="radiogroup" aria-label="Sheet" className="flex flex-wrap gap-x-4">
          {(Object.keys(names) as (keyof typeof names)[]).map((one) => (
            <label key={one} className="flex min-h-10 items-center gap-1.5">
              <input
                type="radio"
                name="sheet"
                className="size-4 accent-[var(--spruce)]"
                checked={of === one}
                onChange={() => {
                  query.set("of", one);
                  setQuery(query, { replace: true });
                }}
              />
              {names[one]}
            </label>
          ))}
        </div>
        {of === "week" ? (
          <label className="flex items-center gap-2">
            <span className="label">Week of</span>
            <input
              type="date"
              className="field w-36"
              value={monday}
              onChange={(event) => {
                if (!event.target.value) return;
                query.set("week", mondayOf(event.target.value));
                setQuery(query, { replace: true });
              }}
            />
          </label>
        ) : null}
        <button type="button" className="press press-main" onClick={() => window.print()}>
          <Printer size={16} /> Print
        </button>
      </div>
      {of === "week" ? <WeekSheet view={view} monday={monday} /> : <SeasonSheet view={view} />}
    </main>
  );
}
