import type { SiteId } from "../body/sites";
import { drillOf, type Drills } from "../content/library";
import { rungOf } from "../drill/drill";
import { stressOf } from "../exposure/stress";
import type { PrepItem } from "../records/records";
import type { BodyToday } from "../safety/body-today";

/** The body as pain has left it in this run: what it shut is locked like what was locked before. */
export const withShut = (body: BodyToday, shut: readonly SiteId[]): BodyToday =>
  shut.length === 0
    ? body
    : {
        ...body,
        locks: [
          ...body.locks,
          ...shut.map((site) => ({
            place: { site, side: null },
            sites: [site],
            because: { why: "pain" as const, pain: 0, place: "" },
          })),
        ],
      };

/** Whether an item loads, stretches or works a place that pain has shut in this run. */
export function isShut(
  item: Pick<PrepItem, "drillId" | "rungId">,
  shut: readonly SiteId[],
  library: Drills,
): boolean {
  if (shut.length === 0) return false;
  const drill = drillOf(library, item.drillId);
  if (!drill) return false;
  const stress = stressOf(drill, rungOf(drill, item.rungId));
  return shut.some((site) => stress.has(site));
}
