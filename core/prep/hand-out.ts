import { drillOf } from "../content/library";
import { rungOf } from "../drill/drill";
import type { Against } from "../records/reasons";
import type { Prep } from "../records/records";
import { against } from "./permit";
import type { PlanRequest } from "./plan";

/** A prep as it may be handed out on this day, and what was held back of it, with the first reason. */
export type HandedOut = { prep: Prep; heldBack: { drill: string; reason: Against }[] };

/** The prep without what the gate refuses: a sheet on a wall is followed without anybody asking again. */
export function handedOut(prep: Prep, request: PlanRequest): HandedOut {
  const heldBack: HandedOut["heldBack"] = [];
  const items = prep.items.filter((item) => {
    const drill = drillOf(request.library, item.drillId);
    if (!drill) return true;
    const rung = rungOf(drill, item.rungId);
    const [reason] = against(request, { drill, rung, dose: item.dose });
    if (reason) heldBack.push({ drill: drill.name, reason });
    return !reason;
  });
  return { prep: { ...prep, items }, heldBack };
}
