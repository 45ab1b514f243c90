/** Attempts from one number to another, in a process of its own: each is announced before it begins, so that one that hangs is known. */
import { attempt, type Sort } from "./attempts";

const [sort, from, to] = process.argv.slice(2) as [Sort, string, string];
for (let seed = Number(from); seed < Number(to); seed += 1) {
  process.send!({ begins: seed });
  process.send!({ seed, ...attempt(sort, seed) });
}
process.disconnect();
