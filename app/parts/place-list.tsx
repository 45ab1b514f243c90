import { Plus } from "lucide-react";
import { usualPlaces } from "#library/usual-places";
import { KitItem } from "#core/drill/kit";
import type { Place } from "#core/records/records";
import { BandsAndWeights, KitCounts } from "./place-kit";
import { useAct } from "./use-act";

/** Places with their kit: a prep uses only what its place has. */
export function PlaceList({ places }: { places: readonly Place[] }) {
  const { act } = useAct();
  const keep = (place: Omit<Place, "kind" | "id"> & { id: string | null }) =>
    act("save-place", place);
  return (
    <section id="places" className="mt-10">
      <h2 className="text-xl">Places and their kit</h2>
      <p className="text-sm text-muted">
        A prep uses only what its place has, or says what it replaced. “No kit” can be chosen for
        any prep without a place.
      </p>
      <ul className="mt-2 border-t border-line">
        {places.map((place) => (
          <li
            key={place.id}
            className="grid gap-x-6 gap-y-1 border-b border-line py-3 sm:grid-cols-[15rem_1fr]"
          >
            <input
              className="field self-start font-semibold"
              defaultValue={place.name}
              aria-label="Name of the place"
              onBlur={(event) => {
                const name = event.target.value.trim();
                if (name && name !== place.name) keep({ ...place, name });
              }}
            />
            <fieldset className="flex flex-wrap items-center gap-x-4 gap-y-1">
              <legend className="sr-only">Kit at {place.name}</legend>
              {KitItem.options.map((item) => (
                <label key={item} className="flex min-h-9 items-center gap-1.5">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--spruce)]"
                    checked={place.kit.includes(item)}
                    onChange={(event) =>
                      keep({
                        ...place,
                        kit: event.target.checked
                          ? [...place.kit, item]
                          : place.kit.filter((other) => other !== item),
                      })
                    }
                  />
                  {item.replace("-", " ")}
                </label>
              ))}
            </fieldset>
            <KitCounts place={place} keep={(changed) => keep({ ...place, ...changed })} />
            <BandsAndWeights place={place} keep={(changed) => keep({ ...place, ...changed })} />
            <p className="flex flex-wrap items-center gap-x-5 gap-y-1 text-sm sm:col-start-2">
              <label className="flex min-h-9 items-center gap-2">
                room for
                <select
                  className="field !min-h-9"
                  value={place.space}
                  onChange={(event) =>
                    keep({ ...place, space: event.target.value as Place["space"] })
                  }
                >
                  <option value="spot">one spot, about 1.2 × 1.2 m</option>
                  <option value="mat">a mat</option>
                  <option value="room">a way across the room</option>
                </select>
              </label>
              <PlaceTick
                text="silent: neighbours below"
                on={place.silent}
                set={(silent) => keep({ ...place, silent })}
              />
              <PlaceTick
                text="no floor: standing only"
                on={place.noFloor}
                set={(noFloor) => keep({ ...place, noFloor })}
              />
            </p>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
        <span className="label">Add a place</span>
        {usualPlaces.map((usual) => (
          <button
            key={usual.name}
            type="button"
            className="quiet underlined"
            onClick={() => keep({ id: null, ...usual })}
          >
            <Plus size={15} aria-hidden="true" /> {usual.name.toLowerCase()}
          </button>
        ))}
      </p>
    </section>
  );
}

function PlaceTick({ text, on, set }: { text: string; on: boolean; set: (on: boolean) => void }) {
  return (
    <label className="flex min-h-9 items-center gap-1.5">
      <input
        type="checkbox"
        className="size-4 accent-[var(--spruce)]"
        checked={on}
        onChange={(event) => set(event.target.checked)}
      />
      {text}
    </label>
  );
}
