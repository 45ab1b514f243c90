import { useMemo, useState } from "react";
import { bodyPlaces, type BodyPlace } from "#core/body/sites";
import { bodyView, type BodyView } from "#core/figure/places";
import { placeWords } from "#words/places";
import { capital } from "#words/plain";
import { InkBody } from "./body";

const keyOf = ({ site, side }: BodyPlace): string => `${site}/${side ?? ""}`;

/**
 * The body from the front and from the back: a place is tapped on it, or chosen by name. `many` places stay chosen
 * until they are tapped again.
 */
export function BodyChart({
  label,
  chosen,
  pick,
}: {
  label: string;
  chosen: readonly BodyPlace[];
  pick: (place: BodyPlace) => void;
}) {
  const keys = chosen.map(keyOf);
  const known = chosen.map(placeWords).map(capital).join(", ");
  return (
    <fieldset>
      <legend className="label">{label}</legend>
      <div className="mt-1 flex flex-wrap items-start gap-x-4">
        <View view="front" keys={keys} pick={pick} />
        <View view="back" keys={keys} pick={pick} />
        <div className="grid min-w-40 flex-1 gap-2">
          <p aria-live="polite" className="min-h-6 font-bold">
            {known || <span className="font-normal text-muted">Tap where it is.</span>}
          </p>
          <select
            className="field"
            aria-label={`${label}, by name`}
            value=""
            onChange={(event) => {
              const place = bodyPlaces.find((one) => keyOf(one) === event.target.value);
              if (place) pick(place);
            }}
          >
            <option value="">by name …</option>
            {bodyPlaces.map((place) => (
              <option key={keyOf(place)} value={keyOf(place)}>
                {placeWords(place)}
              </option>
            ))}
          </select>
        </div>
      </div>
    </fieldset>
  );
}

/** One view of the body. Its places are for thumb and mouse; the keyboard has the list of names. */
function View({
  view,
  keys,
  pick,
}: {
  view: BodyView;
  keys: readonly string[];
  pick: (place: BodyPlace) => void;
}) {
  const { drawing, spots } = useMemo(() => bodyView(view), [view]);
  const [over, setOver] = useState<string | null>(null);
  const { left, right, top } = drawing.bounds;
  const [x, width, height] = [left - 5, right - left + 10, 3 - top + 4];
  return (
    <figure className="m-0">
      <svg
        viewBox={`${x} ${top - 4} ${width} ${height}`}
        className="h-72 w-auto touch-manipulation"
        role="img"
        aria-label={`The body from the ${view}`}
      >
        <InkBody drawing={drawing} ink="var(--far)" far="var(--far)" />
        {spots.map(({ place, x: cx, y: cy }) => {
          const key = keyOf(place);
          const on = keys.includes(key);
          return (
            <g
              key={key}
              className="cursor-pointer"
              onClick={() => pick(place)}
              onPointerEnter={() => setOver(key)}
              onPointerLeave={() => setOver(null)}
            >
              <title>{placeWords(place)}</title>
              <circle cx={cx} cy={cy} r="4.4" fill="transparent" />
              <circle
                cx={cx}
                cy={cy}
                r={on ? 3 : 1.9}
                fill={on ? "var(--clay)" : over === key ? "var(--tape)" : "var(--paper)"}
                stroke="var(--ink)"
                strokeWidth={on ? 1 : 0.6}
              />
            </g>
          );
        })}
      </svg>
      <figcaption className="flex justify-between text-xs text-muted">
        <span>{view === "front" ? "R" : "L"}</span>
        <span>{view}</span>
        <span>{view === "front" ? "L" : "R"}</span>
      </figcaption>
    </figure>
  );
}
