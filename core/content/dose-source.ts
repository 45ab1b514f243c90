import * as z from "zod/mini";
import { DrillKind } from "../drill/drill";

/** Where the doses of a kind of work come from. */
export const DoseSource = z.object({
  work: z.string(),
  kinds: z.array(DrillKind).check(z.minLength(1)),
  when: z.enum(["warm-up", "session", "week"]),
  rule: z.string(),
  source: z.string(),
});
export type DoseSource = z.infer<typeof DoseSource>;
