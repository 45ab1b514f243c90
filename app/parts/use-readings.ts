import { useEffect, useState } from "react";
import { headlineOf } from "#core/aim/headline";
import { skillOf } from "#core/content/library";
import type { DemandGap } from "#core/aim/margin";
import { headlineWords } from "#words/aim";
import { athleteView, type AthleteView } from "../view";

/** Whose record is to be read, and the state that a reading of it holds for. */
export type ToRead = { athleteId: string; state: string };

/** What is read of an athlete, kept as long as nothing of the record changes. */
export type Reader<Reading> = { known: Map<string, Reading>; read: (view: AthleteView) => Reading };

export const reader = <Reading>(read: (view: AthleteView) => Reading): Reader<Reading> => ({
  known: new Map(),
  read,
});

/** An athlete's view; null for whom an undo has taken away since the page was made. */
const viewOrNobody = (athleteId: string): Promise<AthleteView | null> =>
  athleteView(athleteId, new Request(window.location.origin)).catch((error: unknown) => {
    if (error instanceof Response && error.status === 404) return null;
    throw error;
  });

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
        known.set(state, read(view));
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

/** What limits an athlete, in a sentence, and the demand that is first. */
export type TroupeReading = { title: string; first: DemandGap | null };

const limits = reader((view): TroupeReading => {
  const [next] = view.openAims;
  const skill = next && skillOf(view.library, next.aim.skillId);
  const title = skill ? headlineWords(headlineOf(next.gaps), skill).title : "";
  return { title, first: next?.gaps[0] ?? null };
});

/** What limits each of several athletes, said from the whole record as on their own pages. */
export const useReadings = (asked: readonly ToRead[]): ReadonlyMap<string, TroupeReading> =>
  useReader(limits, asked);
