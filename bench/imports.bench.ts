import { fork } from "node:child_process";
import { join } from "node:path";
import type { Attempt, Sort } from "./imports/attempts";
import type { Bench } from "./bench";

const files: Record<Sort, number> = { notebook: 20_000, calendar: 5_000, table: 5_000 };
/** A file that is not read after so long hangs, ms. */
const patience = 15_000;

type Tally = {
  files: number;
  threw: number;
  hung: number;
  accepted: number;
  opened: number;
  broken: number;
};

/** Attempts from a number on, until all are done or one hangs. @returns the number to go on with */
function attempts(
  sort: Sort,
  from: number,
  tally: Tally,
  seen: (seed: number, what: string) => void,
) {
  return new Promise<number>((done) => {
    const child = fork(
      join(import.meta.dirname, "imports/child.ts"),
      [sort, String(from), String(files[sort])],
      {
        execArgv: ["--import", "tsx"],
      },
    );
    let at = from;
    let timer = setTimeout(() => undefined, 0);
    const wait = () => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        tally.files += 1;
        tally.hung += 1;
        seen(at, "hung");
        child.removeAllListeners();
        child.kill("SIGKILL");
        done(at + 1);
      }, patience);
    };
    child.on("message", (message: { begins: number } | ({ seed: number } & Attempt)) => {
      wait();
      if ("begins" in message) {
        at = message.begins;
        return;
      }
      tally.files += 1;
      tally.threw += Number(message.threw);
      tally.accepted += Number(message.accepted);
      tally.opened += Number(message.opened);
      tally.broken += Number(message.broken);
      if (message.threw || message.broken) seen(message.seed, message.threw ? "threw" : "broken");
    });
    child.on("exit", (code) => {
      clearTimeout(timer);
      if (code) throw new Error(`the attempts ended with ${code}`);
      done(files[sort]);
    });
    wait();
  });
}

/** Damaged files of every sort that is taken in: whether any throws or hangs, and whether what is accepted can be opened. */
const imports: Bench = async () => {
  const found: { sort: string; seed: number; what: string }[] = [];
  const tallies = await Promise.all(
    (Object.keys(files) as Sort[]).map(async (sort) => {
      const tally: Tally = { files: 0, threw: 0, hung: 0, accepted: 0, opened: 0, broken: 0 };
      for (let from = 0; from < files[sort];)
        from = await attempts(sort, from, tally, (seed, what) => {
          if (found.length < 20) found.push({ sort, seed, what });
        });
      return { sort, ...tally };
    }),
  );
  const sum = (of: (tally: Tally) => number) => tallies.reduce((all, one) => all + of(one), 0);
  return {
    table: [...tallies, ...found],
    figures: [
      {
        key: "threw",
        value: sum(({ threw }) => threw),
        unit: `of ${sum((one) => one.files)} damaged files`,
      },
      { key: "hung", value: sum(({ hung }) => hung), unit: `after ${patience / 1000} s` },
      {
        key: "pages_broken",
        value: sum(({ broken }) => broken),
        unit: `of ${sum((one) => one.opened)} accepted notebooks opened`,
      },
    ],
  };
};

export default imports;
