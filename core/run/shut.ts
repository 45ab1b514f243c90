import type { SiteId } from "../body/sites";
import { readPlace } from "../body/read-place";
import { drillOf, type Drills, type Library } from "../content/library";
import { rungOf } from "../drill/drill";
import { stressOf } from "../exposure/stress";
import type { GroupMember, PrepItem } from "../records/records";
import type { BodyToday } from "../safety/body-today";
import { shutsBy } from "../safety/pain";
import type { RunState } from "./state";

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

/** Places that pain has shut for somebody who runs along, in this run. */
export function shutFor(
  state: Pick<RunState, "others" | "items">,
  { athleteId, growing }: Pick<GroupMember, "athleteId" | "growing">,
  library: Library,
): SiteId[] {
  return state.others.flatMap(({ who, itemId, pain }): SiteId[] => {
    if (who !== athleteId) return [];
    const place = pain.where ?? readPlace(pain.place);
    const felt = { pain: pain.level, kind: pain.painKind, sharp: pain.sharp, words: pain.place };
    if (!shutsBy(felt, place, growing)) return [];
    if (place) return [place.site];
    const item = state.items.find(({ id }) => id === itemId);
    const drill = item && drillOf(library, item.drillId);
    return item && drill ? [...stressOf(drill, rungOf(drill, item.rungId))] : [];
  });
}
