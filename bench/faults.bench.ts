import "fake-indexeddb/auto";
import type { Bench } from "./bench";
import { browserDisk, memoryDisk } from "../app/test/disks";
import { walkFaults, type Disk, type Found } from "../app/test/faults";

/**
 * A walk of sixty acts of the application; at every single write of every act, and of the folding after it, the
 * storage throws, lies, dies before or after, or fails from there on; then the notebook is opened again. What is
 * judged by is the walk as it goes when nothing goes wrong. Acts come one by one and up to eight at once.
 */
const bench: Bench = async () => {
  const { walkedActs } = await import("../app/test/act-walk");
  const { start, steps } = await walkedActs();
  const single = steps.filter(({ label }) => !/import|empty/.test(label));
  const every = Number.POSITIVE_INFINITY;
  const table: Record<string, string | number>[] = [];
  const sum = { cases: 0, lost: 0, torn: 0, untrue: 0 };
  const walk = async (name: string, disk: Disk, atOnce: number) => {
    const found: Found = await walkFaults(
      disk,
      start,
      atOnce === 1 ? steps : single,
      atOnce,
      every,
      true,
    );
    const row = {
      cases: found.cases,
      lost: found.lost.length,
      torn: found.torn.length,
      untrue: found.untrue.length,
    };
    table.push({ disk: name, "acts at once": atOnce, ...row });
    for (const key of Object.keys(sum) as (keyof typeof sum)[]) sum[key] += row[key];
  };
  for (let atOnce = 1; atOnce <= 8; atOnce += 1) await walk("memory", memoryDisk(), atOnce);
  for (const atOnce of [1, 2]) await walk("IndexedDB", await browserDisk(), atOnce);
  return {
    table,
    figures: (Object.keys(sum) as (keyof typeof sum)[]).map((key) => ({
      key,
      value: sum[key],
      unit: key === "untrue" ? "untrue “saved”" : key,
    })),
  };
};

export default bench;
