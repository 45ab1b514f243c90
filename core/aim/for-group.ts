import * as z from "zod/mini";
import { withoutDefault } from "../records/without-default";
import { ageOn, type Athlete } from "../records/athlete";
import { Aim } from "../records/records";
import { SomeSchools } from "../content/schools";
import { skillOf, type Library } from "../content/library";

/** What can be given to a whole group at once. */
export const ForGroup = z.discriminatedUnion("gives", [
  z.object({
    gives: z.literal("aim"),
    ...z.pick(Aim, { skillId: true, quality: true, side: true, by: true }).shape,
    hips: withoutDefault(Aim.shape.hips),
  }),
  z.object({ gives: z.literal("place"), placeId: z.nullable(z.string()) }),
  z.object({ gives: z.literal("schools"), schools: SomeSchools }),
  /** A session that is kept for several, from now on for these too. */
  z.object({ gives: z.literal("sequence"), prepId: z.string() }),
  z.object({ gives: z.literal("intake") }),
]);
export type ForGroup = z.infer<typeof ForGroup>;

/** What becomes of one athlete: it is given, changed from what was, there already, or not for somebody so young. */
export type Given = { then: "given" | "changed" | "has" } | { then: "too-young"; from: number };

/** What of an athlete decides what becomes of them. */
export type Receiver = {
  athlete: Athlete;
  aims: readonly Aim[];
  /** Identifiers of the sessions that are kept for them. */
  sequences: readonly string[];
};

/**
 * What a gift to a group comes to for one athlete, before it is done and when it is.
 * @param today the day it is given, YYYY-MM-DD
 */
export function givenTo(
  what: ForGroup,
  { athlete, aims, sequences }: Receiver,
  library: Library,
  today: string,
): Given {
  switch (what.gives) {
    case "aim": {
      const from = skillOf(library, what.skillId)?.fromAge ?? null;
      if (from !== null && ageOn(athlete, today) < from) return { then: "too-young", from };
      const known = aims.find(
        (aim) => !aim.closedOn && aim.skillId === what.skillId && aim.side === what.side,
      );
      if (!known) return { then: "given" };
      const same =
        known.by === what.by && known.quality === what.quality && known.hips === what.hips;
      return { then: same ? "has" : "changed" };
    }
    case "place":
      return { then: athlete.placeId === what.placeId ? "has" : changedFrom(athlete.placeId) };
    case "schools": {
      const entries = Object.entries(what.schools);
      const own = athlete.schools as Record<string, unknown>;
      if (entries.every(([key, value]) => own[key] === value)) return { then: "has" };
      return { then: entries.some(([key]) => own[key] !== undefined) ? "changed" : "given" };
    }
    case "sequence":
      return { then: sequences.includes(what.prepId) ? "has" : "given" };
    case "intake":
      return { then: athlete.intakeAsked === today ? "has" : changedFrom(athlete.intake) };
  }
}

const changedFrom = (before: unknown): "given" | "changed" =>
  before === null || before === undefined ? "given" : "changed";
