import type { BodyPlace } from "#core/body/sites";
import type { PainKind } from "#core/records/records";
import { painKinds } from "#words/pain";
import { BodyChart } from "./body-chart";

/** Of a pain that was given a number: what kind it is, and where on the body. */
export function PainDetails({
  label,
  kind,
  place,
  setKind,
  setPlace,
}: {
  label: string;
  kind: PainKind | null;
  place: BodyPlace | null;
  setKind: (kind: PainKind | null) => void;
  setPlace: (place: BodyPlace | null) => void;
}) {
  return (
    <div className="my-1 grid gap-1 border-l-4 border-clay pl-3">
      <label className="grid max-w-56">
        <span className="label">What kind</span>
        <select
          className="field"
          aria-label={`${label}: what kind of pain`}
          value={kind ?? ""}
          onChange={(event) => setKind((event.target.value || null) as PainKind | null)}
        >
          <option value="">not said</option>
          {(Object.entries(painKinds) as [PainKind, string][]).map(([key, text]) => (
            <option key={key} value={key}>
              {text}
            </option>
          ))}
        </select>
      </label>
      <BodyChart
        label={label}
        chosen={place ? [place] : []}
        pick={(one) => setPlace(place?.site === one.site && place.side === one.side ? null : one)}
      />
    </div>
  );
}
