import { useEffect, useState } from "react";
import type { LengthUnit } from "#core/measure/units";
import type { Round } from "./round";

const nameOf = (athleteId: string, notebook: string) => `round/${notebook}/${athleteId}`;

/** A round of an earlier version of the application lacks what was added since: the blank fills it. */
function remembered(name: string, blank: Round): Round {
  try {
    const kept = JSON.parse(sessionStorage.getItem(name) ?? "null") as Partial<Round> | null;
    return { ...blank, ...kept };
  } catch {
    return blank;
  }
}

/** The round in the making; what is typed survives a reload until it is kept. */
export function useRound(
  athleteId: string,
  notebook: string,
  settings: { tester: string; length: LengthUnit },
) {
  const name = nameOf(athleteId, notebook);
  const [round, setRound] = useState<Round>(() =>
    remembered(name, {
      temperature: "warm",
      tester: settings.tester,
      instrument: null,
      range: "asked",
      length: settings.length,
      minutes: 15,
      added: [],
      entries: {},
    }),
  );
  useEffect(() => {
    sessionStorage.setItem(name, JSON.stringify(round));
  }, [name, round]);
  return {
    round,
    setRound,
    clear: () => setRound((now) => ({ ...now, entries: {}, added: [] })),
  };
}
