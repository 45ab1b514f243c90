import { useEffect, useState } from "react";
import type { Round } from "./round";

const nameOf = (athleteId: string, notebook: string) => `round/${notebook}/${athleteId}`;

function remembered(name: string): Round | null {
  try {
    return JSON.parse(sessionStorage.getItem(name) ?? "null") as Round | null;
  } catch {
    return null;
  }
}

/** The round in the making; what is typed survives a reload until it is kept. */
export function useRound(athleteId: string, notebook: string, tester: string) {
  const name = nameOf(athleteId, notebook);
  const blank: Round = {
    temperature: "warm",
    tester,
    instrument: null,
    mode: "passive",
    entries: {},
  };
  const [round, setRound] = useState<Round>(() => remembered(name) ?? blank);
  useEffect(() => {
    if (Object.keys(round.entries).length > 0) sessionStorage.setItem(name, JSON.stringify(round));
    else sessionStorage.removeItem(name);
  }, [name, round]);
  return { round, setRound, clear: () => setRound((now) => ({ ...now, entries: {} })) };
}
