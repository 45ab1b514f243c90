import type { Athlete } from "../records/athlete";
import type { Check, Log } from "../records/records";
import type { Library } from "../content/library";
import { lockKey, painLocks, type PainLock } from "./pain";

/** Locks that would no longer stand without one of the logs. */
export function liftedWithout(
  {
    athlete,
    logs,
    checks,
    library,
  }: {
    athlete: Pick<Athlete, "clearances" | "bornOn" | "intake">;
    logs: readonly Log[];
    checks: readonly Check[];
    library: Library;
  },
  logId: string,
): PainLock[] {
  const locks = (kept: readonly Log[]) => painLocks(athlete, kept, checks, library);
  const left = locks(logs.filter(({ id }) => id !== logId)).map(lockKey);
  return locks(logs).filter((lock) => !left.includes(lockKey(lock)));
}
