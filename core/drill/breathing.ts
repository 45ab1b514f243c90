import * as z from "zod/mini";
import { motionOf } from "../body/motions";
import type { Drill } from "./drill";

/** How to breathe while something is done. */
export const BreathMode = z.enum(["belly", "upper-ribs", "out-on-effort"]);
export type BreathMode = z.infer<typeof BreathMode>;

/** A share of its work that makes a drill one of the upper back. */
const mostly = 0.5;

/**
 * The usual way to breathe in a drill: into the belly where one stays, out on the effort where one works, into the upper
 * ribs where the upper back is moved. Null where it does not matter. Working rules.
 */
export function breathModeOf({ kind, serves }: Pick<Drill, "kind" | "serves">): BreathMode | null {
  switch (kind) {
    case "breathing":
    case "static":
    case "contract-relax":
      return "belly";
    case "active":
    case "strength":
    case "skill":
      return "out-on-effort";
    case "circles":
    case "dynamic":
      return serves.some(
        ({ motion, share }) => share >= mostly && motionOf(motion).joint === "thoracic",
      )
        ? "upper-ribs"
        : null;
    default:
      return null;
  }
}
