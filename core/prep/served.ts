import type { Need } from "../aim/priority";
import type { MotionId } from "../body/motions";
import { drillOf, type Library } from "../content/library";
import { atRung, rungOf } from "../drill/drill";
import type { PrepItem } from "../records/records";

/** Of what is short or was found, what a prep works on and what waits; the weightiest first. */
export type Served = { works: Need[]; waits: Need[] };

/** At least so much of a drill counts for a motion that it is worked on by it. */
const enough = 0.4;

const isShort = ({ shortage, finding }: Need): boolean =>
  (shortage !== null && shortage >= 0.5) || (finding !== undefined && finding.found !== "sport");

/** Which needs these items serve, and which have to wait for other minutes. */
export function servedBy(
  items: readonly PrepItem[],
  needs: readonly Need[],
  library: Pick<Library, "drills">,
): Served {
  const worked = new Set<MotionId>(
    items.flatMap(({ drillId, rungId }) => {
      const drill = drillOf(library, drillId);
      return drill
        ? atRung(drill, rungOf(drill, rungId)).serves.flatMap(({ motion, share }) =>
            share >= enough ? [motion] : [],
          )
        : [];
    }),
  );
  const short = needs.filter(isShort);
  return {
    works: short.filter(({ motion }) => worked.has(motion)),
    waits: short.filter(({ motion }) => !worked.has(motion)),
  };
}
