import { useMemo } from "react";
import type { Side } from "#core/body/side";
import { hallChecks } from "#core/hall/checks";
import { protocolOf } from "#core/content/library";
import type { Mode } from "#core/content/protocol";
import type { HallView } from "../../hall";
import {
  draftsOf,
  rowKey,
  type DraftCheck,
  type Round,
  type RoundRow,
  type SideEntry,
} from "../check/round";
import { useDraft } from "../use-draft";
import { exchanged, withEntry, type LineEntries } from "./line-entries";

/** A round down the line in the making: what holds for all of it, and what is typed by athlete. */
export type HallRound = {
  base: Omit<Round, "entries" | "added">;
  /** Checks that were put in beside those the aims ask, as row keys. */
  added: string[];
  entries: LineEntries;
};

const remembered = (kept: unknown, blank: HallRound): HallRound | null =>
  typeof kept === "object" && kept !== null ? { ...blank, ...(kept as Partial<HallRound>) } : null;

/** The rows of the hall's round, and everything that can be done to what is typed. */
export function useHallRound(hall: HallView) {
  const { people, library, settings, today } = hall;
  const blank: HallRound = {
    base: {
      temperature: "warm",
      tester: settings.tester,
      instrument: null,
      range: "asked",
      length: settings.length === "fingers" ? "cm" : settings.length,
      minutes: 30,
    },
    added: [],
    entries: {},
  };
  const [round, setRound] = useDraft<HallRound>(`hall-round/${hall.id}`, blank, (kept) =>
    remembered(kept, blank),
  );
  const asked = useMemo(
    () =>
      hallChecks(
        people.map(({ athlete, summary }) => ({ athlete, ...summary })),
        library,
        today,
      ),
    [people, library, today],
  );
  const rows = useMemo(() => {
    const begun = Object.values(round.entries).flatMap((entries) => Object.keys(entries));
    const wanted = [
      ...asked.map(({ protocol, mode }) => rowKey(protocol.id, mode)),
      ...round.added,
      ...begun,
    ];
    return [...new Set(wanted)].flatMap((key): RoundRow[] => {
      const [id, mode] = key.split("/") as [string, Mode];
      const protocol = protocolOf(library, id);
      return protocol ? [{ key, protocol, mode }] : [];
    });
  }, [asked, round.added, round.entries, library]);
  const roundOf = (athleteId: string): Round => ({
    ...round.base,
    added: [],
    entries: round.entries[athleteId] ?? {},
  });
  const drafts = people.map(({ athlete }) => ({
    athleteId: athlete.id,
    ...draftsOf(roundOf(athlete.id), rows, athlete.measures.fingerCm),
  }));
  const ready = drafts.flatMap(({ athleteId, ready: own }) =>
    own.map((draft): DraftCheck & { athleteId: string } => ({ ...draft, athleteId })),
  );
  return {
    round,
    asked,
    rows,
    roundOf,
    ready,
    refused: drafts.reduce((sum, one) => sum + one.refused, 0),
    put: (athleteId: string, key: string, side: Side, entry: SideEntry | undefined) =>
      setRound((old) => ({
        ...old,
        entries: withEntry(old.entries, [athleteId, key, side], entry),
      })),
    add: (key: string) => setRound((old) => ({ ...old, added: [...old.added, key] })),
    change: (base: Partial<HallRound["base"]>) =>
      setRound((old) => ({ ...old, base: { ...old.base, ...base } })),
    /** What was read of one athlete goes to another, or from one side to the other; what was there changes places with it. */
    move: (row: RoundRow, from: [string, Side], to: [string, Side]) =>
      setRound((old) => ({ ...old, entries: exchanged(old.entries, row.key, from, to) })),
    clear: () => setRound((old) => ({ ...old, entries: {} })),
  };
}

export type HallRoundDesk = ReturnType<typeof useHallRound>;
