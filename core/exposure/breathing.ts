import type { Drill, Rung } from "../drill/drill";
import { doesOf } from "./does";

/** How a rung is breathed: never held, and slow, free, with the movement, or out on the effort. */
export type Breathing = "slow" | "easy" | "with-the-movement" | "out-on-effort" | "out-to-deepen";

/** The breathing of a rung, by what it asks of the body. Working rule. */
export function breathingOf(drill: Drill, rung: Rung): Breathing {
  const { exposes } = doesOf(drill, rung);
  if (drill.kind === "breathing" || drill.kind === "soft-tissue") return "slow";
  if (drill.kind === "static" || drill.kind === "contract-relax") return "out-to-deepen";
  if (exposes.has("strain") || exposes.has("weight") || drill.kind === "strength")
    return "out-on-effort";
  return drill.kind === "pulse" || drill.kind === "skill" ? "easy" : "with-the-movement";
}
