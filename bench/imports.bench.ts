import { fork } from "node:child_process";
import { join } from "node:path";
import type { Sort } from "./imports/attempts";
import type { Said } from "./imports/child";
import type { Bench } from "./bench";

/** How many files of each sort. */
const files: Record<Sort, number> = {
  notebook: 20_000,
  calendar: 5_000,
  recording: 2_500,
  sheet: 2_500,
};
/** Of so many notebooks that are accepted one is opened on every page. */
const every = 3;
/** A file that is not read, or whose pages are not there, after so long hangs, ms. */
const patience = 30_000;

type Tally = {
  files: number;
  threw: number;
  hung: number;
  accepted: number;
  opened: number;
  broken: number;
};
type Seen = (seed: number, what: string) => void;
type Range = { sort: Sort; from: number; to: number };

/** Attempts from a number on, until all are done or one hangs. @returns the number to go on with */
function attempts({ sort, from, to }: Range, tally: Tally, seen: Seen) {
  return new Promise<number>((done, failed) => {
    const child = fork(
      join(import.meta.dirname, "imports/child.ts"),
      [sort, from, to, every].map(String),
      { execArgv: ["--import", "tsx"] },
    );
    let at = from;
    let timer: NodeJS.Timeout | undefined;
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
    child.on("message", (message: { begins: number } | Said) => {
      wait();
      if ("begins" in message) at = message.begins;
      else count(message, tally, seen);
    });
    child.on("exit", (code) => {
      clearTimeout(timer);
      if (code) failed(new Error(`the attempts ended with ${code} at ${sort} ${at}`));
      else done(to);
    });
    // Nothing hangs before a child says that it has begun.
  });
}

function count({ seed, threw, accepted, page }: Said, tally: Tally, seen: Seen): void {
  tally.files += 1;
  tally.threw += Number(threw !== undefined);
  tally.accepted += Number(accepted === true);
  tally.opened += Number(page !== undefined);
  tally.broken += Number(typeof page === "string");
  if (threw !== undefined) seen(seed, threw);
  if (typeof page === "string") seen(seed, page);
}

/** Damaged files of every sort that is taken in: whether any throws or hangs, and whether what is accepted can be opened on every page. */
const imports: Bench = async () => {
  const found: { sort: string; seed: number; what: string }[] = [];
  const whole = async (range: Range) => {
    const tally: Tally = { files: 0, threw: 0, hung: 0, accepted: 0, opened: 0, broken: 0 };
    for (let { from } = range; from < range.to;)
      from = await attempts({ ...range, from }, tally, (seed, what) => {
        if (found.length < 40) found.push({ sort: range.sort, seed, what });
      });
    return { sort: range.sort, ...tally };
  };
  const half = files.notebook / 2;
  const tallies = (
    await Promise.all([
      whole({ sort: "notebook", from: 0, to: half }),
      whole({ sort: "notebook", from: half, to: files.notebook }),
    ])
  ).concat(
    await Promise.all([
      whole({ sort: "calendar", from: 0, to: files.calendar }),
      whole({ sort: "recording", from: 0, to: files.recording }),
      whole({ sort: "sheet", from: 0, to: files.sheet }),
    ]),
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
        unit: `of ${sum((one) => one.opened)} accepted notebooks opened on every page`,
      },
    ],
  };
};

export default imports;
