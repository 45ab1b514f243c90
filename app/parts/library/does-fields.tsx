import { exposureGroupIds, exposureGroups, type Exposure } from "#core/body/exposures";
import { exposureGroupNames, exposureNames } from "#words/exposures";

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
      <div className="grid gap-x-6 sm:grid-cols-2 lg:grid-cols-3">
        {exposureGroupIds.map((group) => (
          <fieldset key={group} className="py-1">
            <legend className="text-sm text-muted">{exposureGroupNames[group]}</legend>
            {exposureGroups[group].map((one: Exposure) => (
              <label key={one} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-4 shrink-0 accent-[var(--spruce)]"
                  checked={said.includes(one)}
                  onChange={(event) =>
                    set(
                      event.target.checked ? [...said, one] : said.filter((other) => other !== one),
                    )
                  }
                />
                {exposureNames[one]}
              </label>
            ))}
          </fieldset>
        ))}
      </div>
      {does === null ? (
        <button type="button" className="press mt-1" onClick={() => set([])}>
          None of it
        </button>
      ) : null}
    </details>
  );
}
