import type { BodyPlace } from "../body/sites";
import type { Check, Log, PainKind } from "../records/records";
import { comfortLimit } from "./pain";
import { isSharp } from "./pain-kinds";

/** What hurt at one place since a day: how often, how much at most, of which kinds, when last. */
export type PainAt = {
  /** Null where nobody pointed. */
  place: BodyPlace | null;
  /** The words beside it, where nobody pointed. */
  words: string;
  times: number;
  worst: number;
  kinds: readonly PainKind[];
  last: string;
};

/** Pains by place since a day, in training and while measuring, the worst first. */
export function painsSince(
  logs: readonly Log[],
  checks: readonly Check[],
  since: string,
  until: string,
): PainAt[] {
  const told = [
    ...logs.flatMap(({ on, items }) =>
      items.map(({ pain, painAt, painPlace, painKind }) => ({
        on,
        pain,
        place: painAt,
        words: painPlace,
        kind: painKind,
      })),
    ),
    ...checks.map(({ on, pain, painAt, painKind }) => ({
      on,
      pain,
      place: painAt,
      words: "",
      kind: painKind,
    })),
  ].filter(
    ({ pain, on, place, kind }) =>
      on >= since &&
      on <= until &&
      // What a stretch feels like is no pain, unless it was sharp or somebody pointed at it.
      (pain > comfortLimit || isSharp(kind) || (pain > 0 && place !== null)),
  );
  const found = new Map<string, PainAt>();
  for (const { on, pain, place, words, kind } of told) {
    const key = place ? `${place.site}/${place.side}` : words.trim().toLowerCase();
    const known = found.get(key);
    found.set(key, {
      place,
      words: words.trim(),
      times: (known?.times ?? 0) + 1,
      worst: Math.max(known?.worst ?? 0, pain),
      kinds: [...new Set([...(known?.kinds ?? []), ...(kind ? [kind] : [])])],
      last: known && known.last > on ? known.last : on,
    });
  }
  return [...found.values()].sort((a, b) => b.worst - a.worst || b.times - a.times);
}
