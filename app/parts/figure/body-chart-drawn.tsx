import { useMemo, useState, type MouseEvent, type PointerEvent } from "react";
import { bodyPlaces, type BodyPlace } from "#core/body/sites";
import { bodyView, type BodyView } from "#core/figure/places";
import { placeWords } from "#words/places";
import { capital } from "#words/plain";
import { InkBody } from "./body";

export type BodyChartProps = {
  label: string;
  chosen: readonly BodyPlace[];
  pick: (place: BodyPlace) => void;
};

const keyOf = ({ site, side }: BodyPlace): string => `${site}/${side ?? ""}`;

/**
 * The body from the front and from the back: a place is tapped on it, or chosen by name. `many` places stay chosen
 * until they are tapped again.
 */
export function BodyChartDrawn({ label, chosen, pick }: BodyChartProps) {
  const keys = chosen.map(keyOf);
  const known = chosen.map(placeWords).map(capital).join(", ");
  return (
    <fieldset>
      <legend className="label">{label}</legend>
      <div className="mt-1 flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="grid w-full max-w-80 grid-cols-2 gap-x-2">
          <View view="front" keys={keys} pick={pick} />
          <View view="back" keys={keys} pick={pick} />
        </div>
        <div className="grid min-w-48 flex-1 gap-2">
          <p aria-live="polite" className="min-h-[24px] font-bold">
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

/** A tap this near a place means it, in the drawing's units. */
const reach = 9;

/** One view of the body: a tap takes the nearest place. The keyboard has the list of names. */
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
  const [over, setOver] = useState<BodyPlace | null>(null);
  const { left, right, top } = drawing.bounds;
  const [x, width, height] = [left - 7, right - left + 14, 3 - top + 4];
  const nearest = (event: PointerEvent<SVGSVGElement> | MouseEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const at = [
      x + ((event.clientX - box.left) / box.width) * width,
      top - 4 + ((event.clientY - box.top) / box.height) * height,
    ] as const;
    const away = (spot: { x: number; y: number }) => Math.hypot(spot.x - at[0], spot.y - at[1]);
    const [best] = [...spots].sort((a, b) => away(a) - away(b));
    return best && away(best) <= reach ? best.place : null;
  };
  return (
    <figure className="m-0">
      <svg
        viewBox={`${x} ${top - 4} ${width} ${height}`}
        className="w-full cursor-pointer touch-manipulation"
        role="img"
        aria-label={`The body from the ${view}`}
        onClick={(event) => {
          const place = nearest(event);
          if (place) pick(place);
        }}
        onPointerMove={(event) => setOver(nearest(event))}
        onPointerLeave={() => setOver(null)}
      >
        <InkBody drawing={drawing} ink="var(--far)" far="var(--far)" />
        {spots.map(({ place, x: cx, y: cy }) => {
          const on = keys.includes(keyOf(place));
          return (
            <circle
              key={keyOf(place)}
              cx={cx}
              cy={cy}
              r={on ? 3 : 1.8}
              fill={on ? "var(--clay)" : over === place ? "var(--tape)" : "var(--paper)"}
              stroke="var(--ink)"
              strokeWidth={on ? 1 : 0.6}
            />
          );
        })}
      </svg>
      <figcaption className="flex justify-between text-xs text-muted">
        <span>{view === "front" ? "R" : "L"}</span>
        <span>{over ? placeWords(over) : view}</span>
        <span>{view === "front" ? "L" : "R"}</span>
      </figcaption>
    </figure>
  );
}
