import type { Athlete } from "#core/records/athlete";

/** Athletes to be ticked. */
export function PeopleTicks({
  people,
  ticked,
  set,
  className,
}: {
  people: readonly Pick<Athlete, "id" | "name">[];
  ticked: readonly string[];
  set: (ids: readonly string[]) => void;
  className: string;
}) {
  return (
    <div className={className}>
      {people.map(({ id, name }) => (
        <label key={id} className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={ticked.includes(id)}
            onChange={(event) =>
              set(event.target.checked ? [...ticked, id] : ticked.filter((one) => one !== id))
            }
          />
          {name}
        </label>
      ))}
    </div>
  );
}
