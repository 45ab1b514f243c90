/** Attempts from one number to another, in a process of its own: each is announced before it begins, so that one that hangs is known. */
import { attempt, today, type Sort } from "./attempts";
import { stopTheClock } from "./clock";

/** What a child says of one damaged file; page is what broke, null where none did, absent where none was opened. */
export type Said = { seed: number; threw?: string; accepted?: boolean; page?: string | null };

const [sort, from, to, every] = process.argv.slice(2) as [Sort, string, string, string];
stopTheClock(`${today}T09:00:00`);
const pages = sort === "notebook" ? await import("./pages") : null;
process.send!({ begins: Number(from) });
let accepted = 0;
for (let seed = Number(from); seed < Number(to); seed += 1) {
  process.send!({ begins: seed });
  const came = attempt(sort, seed);
  const said: Said = { seed };
  if ("threw" in came) said.threw = came.threw;
  else {
    said.accepted = came.accepted;
    if (came.records.some(({ kind }) => kind === "athlete")) {
      accepted += 1;
      if (pages && accepted % Number(every) === 0) said.page = await pages.brokenPage(came.records);
    }
  }
  process.send!(said);
}
process.disconnect();
process.exit(0);
