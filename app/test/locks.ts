import { drillOf } from "#core/content/library";
import type { Prep } from "#core/records/records";
import { rungOf } from "#core/drill/drill";
import { stressOf } from "#core/exposure/stress";
import type { AthleteView } from "../view";

/** The drills of a prep that load or work a place which pain has shut. */
export const locks = (view: AthleteView, prep: Prep): string[] =>
  prep.items.flatMap(({ drillId, rungId }) => {
    const drill = drillOf(view.library, drillId)!;
    const stress = stressOf(drill, rungOf(drill, rungId));
    return view.locks.some(({ sites }) => sites.some((site) => stress.has(site))) ? [drillId] : [];
  });
