import type { Athlete } from "#core/records/athlete";

/** Who runs along by the same clock; each at the own rung, with an own log. */
export function AlongChoice({
  others,
  along,
  choose,
}: {
  others: readonly Athlete[];
  along: readonly string[];
  choose: (ids: string[]) => void;
}) {
  if (others.length === 0) return null;
  return (
    <fieldset>
      <legend className="text-lg text-[#c9c3b3]">
        Who runs along? One clock for all, each at the own level; everybody gets a log.
      </legend>
      <div className="mt-2 flex flex-wrap gap-2">
        {others.map(({ id, name }) => (
          <label
            key={id}
            className="flex min-h-14 cursor-pointer items-center border border-[#4a504f] px-4 text-lg has-checked:border-[#e9d9a6] has-checked:bg-[#e9d9a6] has-checked:font-semibold has-checked:text-[#0e1213] has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-[#e9d9a6]"
          >
            <input
              type="checkbox"
              className="sr-only"
              checked={along.includes(id)}
              onChange={(event) =>
                choose(
                  event.target.checked ? [...along, id] : along.filter((other) => other !== id),
                )
              }
            />
            {name}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
