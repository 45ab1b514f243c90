import type { Library } from "../content/library";
import { breaches, mustBeMended, type Breach, type OrderTerms } from "../prep/order";
import type { GateTerms } from "../prep/permit";
import type { GroupMember, Prep, Run } from "../records/records";

declare const letThrough: unique symbol;
/** A prep that the gate has let through: only `throughTheGate` makes one, and only one can be begun. */
export type PermittedPrep = Prep & { readonly [letThrough]: true };

/**
 * The prep as it may be begun now, or every rule of safety that it breaks; the gate is asked as of this moment. What is
 * advised of the order keeps nobody from it.
 */
export function throughTheGate(
  prep: Prep,
  library: Library,
  terms: OrderTerms & { gate: GateTerms },
): { prep: PermittedPrep } | { breaches: Breach[] } {
  const broken = mustBeMended(breaches(prep.items, library, terms));
  return broken.length > 0 ? { breaches: broken } : { prep: prep as PermittedPrep };
}

/** A run of a prep, begun at a moment. */
export const beginRun = (
  prep: PermittedPrep,
  about: {
    id: string;
    athleteId: string;
    growing: boolean;
    at: string;
    group: GroupMember[];
  },
): Run => ({
  kind: "run",
  id: about.id,
  athleteId: about.athleteId,
  prep,
  growing: about.growing,
  events: [{ type: "start", at: about.at }],
  group: about.group,
});

/**
 * The run of a hall session: its drills belong to nobody alone, and everybody is a member whom the own gate lets do
 * what it lets.
 */
export const beginHall = (
  prep: Prep,
  members: GroupMember[],
  about: { id: string; hallId: string; at: string },
): Run => ({
  kind: "run",
  id: about.id,
  athleteId: prep.athleteId,
  prep,
  growing: false,
  events: [{ type: "start", at: about.at }],
  group: members,
  hallId: about.hallId,
});
