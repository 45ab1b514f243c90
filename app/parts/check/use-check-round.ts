import { useMemo } from "react";
import { protocolOf } from "#core/content/library";
import type { Mode, Protocol } from "#core/content/protocol";
import { lockedMotions } from "#core/safety/pain";
import { inOrder, proposeRound, type RoundProposal } from "#core/aim/round";
import type { AthleteView } from "../../view";
import { rowsOf, type Round, type RoundRow } from "./round";
import { proposedWords } from "#words/aim";

export type RoundRows = {
  proposal: RoundProposal;
  /** The rows of the round, in order of position. */
  rows: RoundRow[];
  /** Why a row was proposed, by its check. */
  because: Map<string, string>;
  /** Checks that the aims ask and the round leaves out. */
  resting: Protocol[];
  /** Every other check of the library. */
  others: Protocol[];
};

/** The rows of the round: what is proposed, what the user put in, and what something is typed for. */
export function useRoundRows(
  view: Pick<AthleteView, "allGaps" | "checks" | "library" | "locks" | "today">,
  round: Round,
  wish: string,
): RoundRows {
  const { allGaps, checks, library, locks, today } = view;
  const proposal = useMemo(
    () =>
      proposeRound({
        gaps: allGaps,
        checks,
        library,
        minutes: round.minutes,
        today,
        locked: lockedMotions(locks),
        instrument: round.instrument,
      }),
    [allGaps, checks, library, round.minutes, round.instrument, today, locks],
  );
  const typed = Object.keys(round.entries).join("|");
  const { range, added } = round;
  return useMemo(() => {
    const askedMode = (id: string): Mode | null =>
      allGaps.find(({ protocolId }) => protocolId === id)?.demand.mode ?? null;
    const wanted: [string, Mode | null][] = proposal.items.map(({ protocolId, mode }) => [
      protocolId,
      mode,
    ]);
    for (const id of [...added, ...(wish ? [wish] : [])])
      if (!wanted.some(([one]) => one === id)) wanted.push([id, askedMode(id)]);
    const asking = wanted.flatMap(([id, mode]) => {
      const protocol = protocolOf(library, id);
      return protocol ? rowsOf(protocol, range, mode) : [];
    });
    // A check asked passive and active is two rows; one range for the whole round makes them one again.
    const chosen = [...new Map(asking.map((row) => [row.key, row])).values()];
    const begun = typed === "" ? [] : typed.split("|").flatMap((key) => begunRow(key, chosen));
    const rows = inOrder([...chosen, ...begun]);
    const inRound = new Set(rows.map(({ protocol }) => protocol.id));
    const asked = new Set(allGaps.map(({ protocolId }) => protocolId));
    return {
      proposal,
      rows,
      because: new Map(proposal.items.map((item) => [item.protocolId, proposedWords(item)])),
      resting: library.protocols.filter(({ id }) => asked.has(id) && !inRound.has(id)),
      others: library.protocols.filter(({ id }) => !asked.has(id) && !inRound.has(id)),
    };

    /** A row that something was typed for under another choice of range stays until it is kept. */
    function begunRow(key: string, rowsSoFar: readonly RoundRow[]): RoundRow[] {
      if (rowsSoFar.some((row) => row.key === key)) return [];
      const [id, mode] = key.split("/") as [string, Mode];
      const protocol = protocolOf(library, id);
      return protocol ? [{ key, protocol, mode }] : [];
    }
  }, [proposal, library, allGaps, range, added, wish, typed]);
}
