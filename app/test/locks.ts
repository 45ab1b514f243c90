import { drillOf } from "#core/content/library";
import type { Prep } from "#core/records/records";
import { lockedIn } from "#core/prep/permit";
import type { AthleteView } from "../view";

/** The drills of a prep that work on a motion which pain has shut. */
export const locks = (view: AthleteView, prep: Prep): string[] =>
  prep.items.flatMap(({ drillId }) => {
    const drill = drillOf(view.library, drillId)!;
    return lockedIn(
      drill,
      view.locks.map(({ motion }) => motion),
    )
      ? [drillId]
      : [];
  });
