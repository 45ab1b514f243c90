import { bandStrengths, strengthOf, type Band } from "#core/drill/band";
import type { Place } from "#core/records/records";
import { bandWords } from "#words/bands";
import { readNumber } from "./words";

type Kit = Pick<Place, "bands" | "weights" | "counts">;

/** What is enough for everybody wherever it is: nobody counts walls. */
const uncounted = new Set(["wall", "climbing-wall"]);

/** How many there are of each piece of kit, where several train at once; empty: enough for everybody. */
export function KitCounts({ place, keep }: { place: Place; keep: (kit: Partial<Kit>) => void }) {
  const counts = place.counts ?? [];
  const countable = place.kit.filter((item) => !uncounted.has(item));
  if (countable.length === 0) return null;
  return (
    <details className="text-sm sm:col-start-2">
      <summary className="inline-flex min-h-9 items-center text-muted">
        how many of each
        {counts.length > 0
          ? `: ${counts.map(({ item, count }) => `${count} ${item.replace("-", " ")}`).join(", ")}`
          : ", for several at once"}
      </summary>
      <fieldset className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <legend className="sr-only">How many at {place.name}; empty is enough for everybody</legend>
        {countable.map((item) => (
          <label key={item} className="flex min-h-9 items-center gap-1.5">
            <input
              className="field figures !min-h-8 w-12 text-center"
              inputMode="numeric"
              defaultValue={counts.find((one) => one.item === item)?.count ?? ""}
              placeholder="–"
              onBlur={(event) => {
                const count = Math.round(readNumber(event.target.value));
                const others = counts.filter((one) => one.item !== item);
                const now = count >= 1 && count <= 200 ? [...others, { item, count }] : others;
                if (JSON.stringify(now) !== JSON.stringify(counts)) keep({ counts: now });
              }}
            />
            {item.replace("-", " ")}
          </label>
        ))}
      </fieldset>
    </details>
  );
}

/** The bands and the weights that a place has: which strengths, and which kilograms. Empty: any that is asked for. */
export function BandsAndWeights({
  place,
  keep,
}: {
  place: Place;
  keep: (kit: Partial<Kit>) => void;
}) {
  const banded = place.kit.includes("band") || place.kit.includes("loop-band");
  return (
    <div className="grid gap-1 text-sm sm:col-start-2">
      {banded ? <Bands place={place} keep={keep} /> : null}
      {place.kit.includes("weight") ? (
        <label className="flex min-h-9 flex-wrap items-center gap-2">
          weights, kg
          <input
            className="field figures !min-h-9 w-48"
            defaultValue={place.weights.join(", ")}
            placeholder="any"
            aria-label={`Weights at ${place.name}, kilograms`}
            onBlur={(event) => {
              const weights = readWeights(event.target.value);
              if (weights.join() !== place.weights.join()) keep({ weights });
            }}
          />
        </label>
      ) : null}
    </div>
  );
}

/** @example readWeights("2; 4,5 8") // [2, 4.5, 8]: a comma between digits is a decimal one */
export const readWeights = (typed: string): number[] =>
  [
    ...new Set(
      typed
        .split(/[;\s]+|,\s+/)
        .filter((text) => text !== "")
        .map(readNumber)
        .filter((kg) => kg > 0 && kg <= 200),
    ),
  ].sort((a, b) => a - b);

function Bands({ place, keep }: { place: Place; keep: (kit: Partial<Kit>) => void }) {
  const has = (strength: Band["strength"]) =>
    place.bands.find((band) => band.strength === strength);
  const put = (band: Band) =>
    keep({
      bands: bandStrengths.flatMap((strength) =>
        strength === band.strength
          ? [band]
          : place.bands.filter((one) => one.strength === strength),
      ),
    });
  return (
    <fieldset className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <legend className="sr-only">Bands at {place.name}</legend>
      <span>bands</span>
      {bandStrengths.map((strength) => {
        const band = has(strength);
        return (
          <span key={strength} className="flex min-h-9 items-center gap-1.5">
            <label className="flex items-center gap-1.5">
              <input
                type="checkbox"
                className="size-4 accent-[var(--spruce)]"
                checked={band !== undefined}
                onChange={(event) =>
                  event.target.checked
                    ? put({ strength, kg: null })
                    : keep({ bands: place.bands.filter((one) => one !== band) })
                }
              />
              {bandWords(strength)}
            </label>
            {band ? (
              <input
                className="field figures !min-h-8 w-16"
                defaultValue={band.kg ?? ""}
                placeholder="kg"
                aria-label={`${bandWords(strength)} band: kilograms at twice its length`}
                onBlur={(event) => {
                  const kg = readNumber(event.target.value);
                  const known = kg > 0 && kg <= 150 ? kg : null;
                  if (known === band.kg) return;
                  // A pull that belongs to another strength is that band.
                  const named = known === null ? strength : strengthOf(known);
                  keep({
                    bands: [
                      ...place.bands.filter((one) => one !== band && one.strength !== named),
                      { strength: named, kg: known },
                    ],
                  });
                }}
              />
            ) : null}
          </span>
        );
      })}
    </fieldset>
  );
}
