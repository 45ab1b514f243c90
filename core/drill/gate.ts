import * as z from "zod/mini";

/** What is done when a fault is seen: slower, fewer, less of the range, or a rung down. */
export const GateAsk = z.enum(["slower", "fewer", "less-range", "rung-down"]);
export type GateAsk = z.infer<typeof GateAsk>;

/** A fault to look for, what to do then in words, and which of the four that is. */
export const Gate = z.object({
  see: z.string(),
  then: z.string(),
  ask: z._default(GateAsk, "less-range"),
});
export type Gate = z.infer<typeof Gate>;

/**
 * Reads what a coach typed as one of the four: where a gate is typed, or was kept before it said so itself. Nothing
 * else decides by its words.
 */
export function readAsk(typed: string): GateAsk {
  if (/slow|tempo|pause/i.test(typed)) return "slower";
  if (/rung|levels? (down|lower)|easier|earlier|step back|both feet|knees down/i.test(typed))
    return "rung-down";
  return /fewer|stop the set|end the set|\brest\b/i.test(typed) ? "fewer" : "less-range";
}
