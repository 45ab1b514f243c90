import { useEffect, useState } from "react";
import type { AthleteView } from "../view";
import type { TroupeReading } from "./troupe-reading";

/** Whose record is to be read, and the state that a reading of it holds for. */
export type ToRead = { athleteId: string; state: string };

/** What is read of an athlete, kept as long as nothing of the record changes. */
export type Reader<Reading> = {
  known: Map<string, Reading>;
  read: (view: AthleteView) => Reading | Promise<Reading>;
};

export const reader = <Reading>(read: Reader<Reading>["read"]): Reader<Reading> => ({
  known: new Map(),
  read,
});

/**
 * An athlete's view; null for whom an undo has taken away since the page was made. What makes it is fetched beside the
 * page: the names stand before anything is reckoned.
 */
async function viewOrNobody(athleteId: string): Promise<AthleteView | null> {
  const { athleteView } = await import("../view");
  return athleteView(athleteId, new Request(window.location.origin)).catch((error: unknown) => {
    if (error instanceof Response && error.status === 404) return null;
    throw error;
  });
}

/**
 * Reads several athletes' whole records, one after the other beside the page, from the top; those that were read
 * before are there at once.
 */
export function useReader<Reading>(
  { known, read }: Reader<Reading>,
  asked: readonly ToRead[],
): ReadonlyMap<string, Reading> {
  const question = JSON.stringify(asked);
  const [, again] = useState(0);
  useEffect(() => {
    let left = false;
    void (async () => {
      for (const { athleteId, state } of JSON.parse(question) as readonly ToRead[]) {
        if (known.has(state)) continue;
        // The page comes first: what was pressed meanwhile is answered before the next is read.
        await new Promise((done) => setTimeout(done, 0));
        if (left) return;
        const view = await viewOrNobody(athleteId);
        if (!view) continue;
        known.set(state, await read(view));
        if (left) return;
        again((count) => count + 1);
      }
    })();
    return () => {
      left = true;
    };
  }, [question, known, read]);
  return new Map(
    asked.flatMap(({ athleteId, state }) => {
      const reading = known.get(state);
      return reading === undefined ? [] : [[athleteId, reading] as const];
    }),
  );
}

const limits = reader<TroupeReading>(async (view) =>
  (await import("./troupe-reading")).troupeReading(view),
);

/** What limits each of several athletes, said from the whole record as on their own pages. */
export const useReadings = (asked: readonly ToRead[]): ReadonlyMap<string, TroupeReading> =>
  useReader(limits, asked);
