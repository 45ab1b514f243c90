import type { MotionId } from "../body/motions";
import type { Athlete } from "../records/athlete";
import type { Check, Log } from "../records/records";
import type { Library } from "../content/library";
import { painLocks } from "./pain";

/** Motions that pain has locked and that would no longer be locked without one of the logs. */
export function liftedWithout(
  {
    athlete,
    logs,
    checks,
    library,
  }: {
    athlete: Pick<Athlete, "clearances">;
    logs: readonly Log[];
    checks: readonly Check[];
    library: Library;
  },
  logId: string,
): MotionId[] {
  const motions = (kept: readonly Log[]) =>
    painLocks(athlete, kept, checks, library).map(({ motion }) => motion);
  const left = motions(logs.filter(({ id }) => id !== logId));
  return motions(logs).filter((motion) => !left.includes(motion));
}
