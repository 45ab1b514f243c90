import { rungOf, type Drill } from "../drill/drill";
import { against } from "../prep/permit";
import type { PlanRequest } from "../prep/plan";
import type { PrepItem } from "../records/records";
import type { Against } from "../records/reasons";

/** Why an item may not be done by this athlete here and now; none where it may. */
export const itemBarred = (item: PrepItem, drill: Drill, request: PlanRequest): Against[] =>
  against(request, { drill, rung: rungOf(drill, item.rungId), dose: item.dose });
