import type { LengthUnit } from "#core/content/units";
import { useDraft } from "../use-draft";
import type { Round } from "./round";

/** A round of an earlier version of the application lacks what was added since: the blank fills it. */
const remembered = (kept: unknown, blank: Round): Round | null =>
  typeof kept === "object" && kept !== null ? { ...blank, ...(kept as Partial<Round>) } : null;

/** The round in the making; what is typed survives a reload and a closed tab until it is kept. */
export function useRound(athleteId: string, settings: { tester: string; length: LengthUnit }) {
  const blank: Round = {
    temperature: "warm",
    tester: settings.tester,
    instrument: null,
    range: "asked",
    length: settings.length,
    minutes: 15,
    added: [],
    entries: {},
  };
  const [round, setRound] = useDraft<Round>(`round/${athleteId}`, blank, (kept) =>
    remembered(kept, blank),
  );
  return {
    round,
    setRound,
    clear: () => setRound((now) => ({ ...now, entries: {}, added: [] })),
  };
}
