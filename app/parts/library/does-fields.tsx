import type { Exposure } from "#core/body/exposures";
import { exposureNames } from "#words/exposures";
import { ExposureTicks } from "../exposure-ticks";

/** What a drill of one's own does to a body: said once, so that the gate can look. Saying "none of it" is an answer. */
export function DoesFields({
  does,
  set,
}: {
  does: Exposure[] | null;
  set: (does: Exposure[]) => void;
}) {
  const said = does ?? [];
  return (
    <details className="mt-4 border-l-4 border-tape pl-3" open={does === null}>
      <summary className="min-h-9 cursor-pointer py-1">
        <span className="label">What it does to a body</span>{" "}
        {does === null
          ? "not said yet: until it is, nobody gets it"
          : said.length === 0
            ? "none of it"
            : said.map((one) => exposureNames[one]).join(", ")}
      </summary>
      <ExposureTicks ticked={said} set={set} className="sm:grid-cols-2 lg:grid-cols-3" />
      {does === null ? (
        <button type="button" className="press mt-1" onClick={() => set([])}>
          None of it
        </button>
      ) : null}
    </details>
  );
}
