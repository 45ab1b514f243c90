import { noKit } from "#core/records/places";
import type { Place } from "#core/records/records";

/** The choice of a place, of no kit at all, or of neither: then any kit may be used. */
export function PlaceSelect({
  label,
  places,
  ...select
}: { label: string; places: readonly Place[] } & React.SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <label className="grid content-start">
      <span className="label">{label}</span>
      <select {...select} className="field max-w-52">
        <option value="">any kit</option>
        <option value={noKit.id}>{noKit.name}</option>
        {places.map((place) => (
          <option key={place.id} value={place.id}>
            {place.name}
          </option>
        ))}
      </select>
    </label>
  );
}
