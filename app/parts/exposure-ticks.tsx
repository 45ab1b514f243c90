import { exposureGroupIds, exposureGroups, type Exposure } from "#core/body/exposures";
import { exposureGroupNames, exposureNames } from "#words/exposures";

/** What a rung can do to a body, to be ticked, family by family; only what is offered, where not all is. */
export function ExposureTicks({
  ticked,
  offered,
  set,
  className = "sm:grid-cols-2",
}: {
  ticked: readonly Exposure[];
  offered?: readonly Exposure[];
  set: (ticked: Exposure[]) => void;
  className?: string;
}) {
  return (
    <div className={`grid gap-x-6 gap-y-1 ${className}`}>
      {exposureGroupIds.map((group) => {
        const own = exposureGroups[group].filter((one) => offered?.includes(one) ?? true);
        if (own.length === 0) return null;
        return (
          <fieldset key={group} className="py-1">
            <legend className="text-sm text-muted">{exposureGroupNames[group]}</legend>
            {own.map((one) => (
              <label key={one} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-4 shrink-0 accent-[var(--spruce)]"
                  checked={ticked.includes(one)}
                  onChange={(event) =>
                    set(
                      event.target.checked
                        ? [...ticked, one]
                        : ticked.filter((other) => other !== one),
                    )
                  }
                />
                {exposureNames[one]}
              </label>
            ))}
          </fieldset>
        );
      })}
    </div>
  );
}
