import { ArrowLeft, Download, Printer } from "lucide-react";
import { Link, useSearchParams } from "react-router";
import { fhirOf } from "../parts/aim/clinician-fhir";
import { download } from "../parts/download";
import { ClinicianPage } from "../parts/aim/clinician-page";
import { athleteView } from "../view";
import type { Route } from "./+types/clinician";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

/** One side of A4 for a clinician, and the answer on it. */
export default function Clinician({ loaderData: view }: Route.ComponentProps) {
  const [query, setQuery] = useSearchParams();
  const named = query.get("named") !== "no";
  return (
    <main
      id="desk"
      className="h-full overflow-y-auto px-4 py-5 sm:px-8 print:h-auto print:overflow-visible print:p-0"
    >
      <div className="no-print mb-4 flex flex-wrap items-center gap-x-5 gap-y-2 border-b border-ink pb-3">
        <Link className="quiet underlined" to={`/at/${view.athlete.id}/aim`}>
          <ArrowLeft size={15} /> Aim
        </Link>
        <label className="flex min-h-10 items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={named}
            onChange={(event) => {
              query.set("named", event.target.checked ? "yes" : "no");
              setQuery(query, { replace: true });
            }}
          />
          with the name
        </label>
        <button type="button" className="press press-main" onClick={() => window.print()}>
          <Printer size={16} aria-hidden="true" /> Print
        </button>
        <button
          type="button"
          className="press"
          onClick={() =>
            download("clinician", fhirOf(view, named), named ? view.athlete.name : null)
          }
        >
          <Download size={16} aria-hidden="true" /> FHIR file
        </button>
        <Link className="quiet underlined" to={`/at/${view.athlete.id}/aim#intake`}>
          Enter the answer
        </Link>
        <span className="text-sm text-muted">It holds health answers: hand it over yourself.</span>
      </div>
      <ClinicianPage view={view} named={named} />
    </main>
  );
}
