import { readFileSync } from "node:fs";
import { join } from "node:path";
import { spawnSync } from "node:child_process";
import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { toFile } from "#core/exchange/file";
import { fromCalendar } from "#core/exchange/calendar";
import { troupeOn } from "#core/test/troupe";
import { answerSchemas } from "./schema";
import { call } from "./yearling";

const root = join(import.meta.dirname, "..");
const now = new Date("2026-11-24T09:00:00Z");
const troupe = JSON.stringify(toFile(troupeOn("2026-11-24"), now.toISOString()));
const situation = readFileSync(join(root, "docs/examples/situation.json"), "utf8");
const files: Record<string, string> = { "troupe.json": troupe, "situation.json": situation };
const load = (file: string): string => {
  const text = files[file.split("/").at(-1)!];
  if (text === undefined) throw new Error("no such file");
  return text;
};
const run = (...args: string[]) => call(args, load, now);
const facts = async <V extends keyof typeof answerSchemas>(verb: V, ...args: string[]) => {
  const { out, err, code } = await run(verb, ...args, "--json");
  expect({ err, code }).toEqual({ err: "", code: 0 });
  return answerSchemas[verb].parse(JSON.parse(out)) as ReturnType<
    (typeof answerSchemas)[V]["parse"]
  >;
};

describe("the command line", () => {
  it.each(Object.keys(answerSchemas) as (keyof typeof answerSchemas)[])(
    "%s prints what its schema says, for every performer",
    async (verb) => {
      for (const athlete of ["odalys", "wren", "noor"])
        await facts(verb, "troupe.json", "--athlete", athlete);
    },
  );

  it("plan: items follow one another to the second, each with a reason, and every other drill is left out with one", async () => {
    const plan = await facts("plan", "situation.json");
    expect(plan.seconds).toBe(900);
    expect(plan.breaches).toEqual([]);
    let end = 0;
    for (const { start, seconds, reasons } of plan.items) {
      expect(start!).toBeGreaterThanOrEqual(end);
      end = start! + seconds;
      expect(reasons.length).toBeGreaterThan(0);
    }
    expect(end).toBe(900);
    const told = new Set([...plan.items, ...plan.leftOut].map(({ drill }) => drill));
    expect(told.size).toBe(library.drills.length);
    const shut = await facts("plan", "troupe.json", "--athlete", "noor");
    expect(shut.leftOut.some(({ reason }) => reason.why === "locked")).toBe(true);
  });

  it("plan: minutes, format, warmth and a proof are as they are asked for", async () => {
    const quick = await facts("plan", "situation.json", "--minutes", "20", "--format", "mobility");
    expect(quick).toMatchObject({ minutes: 20, format: "mobility" });
    const best = await facts(
      "plan",
      "situation.json",
      "--minutes",
      "20",
      "--format",
      "mobility",
      "--proven",
    );
    expect(best.value).toBeGreaterThanOrEqual(quick.value - 1e-9);
    expect(best.proof).toMatchObject({ gap: expect.any(Number) as number });
    const warm = await facts("plan", "situation.json", "--warm");
    expect(warm.items.every(({ phase }) => phase !== "raise")).toBe(true);
  });

  it("the same call, the same answer", async () => {
    const twice = await Promise.all([
      run("plan", "situation.json", "--json"),
      run("plan", "situation.json", "--json"),
    ]);
    expect(twice[0]).toEqual(twice[1]);
  });

  it("gap: what was not measured is unknown, never zero", async () => {
    const { demands } = await facts("gap", "situation.json");
    const hip = demands.find(({ verdict }) => verdict === "unknown")!;
    expect(hip.shortage).toBeNull();
    for (const side of hip.sides)
      expect([side.have, side.margin, side.probability]).toEqual([null, null, null]);
  });

  it("csv and ics are what the application writes", async () => {
    const csv = await run("csv", "troupe.json", "--athlete", "wren");
    expect(csv.out.split("\n")[0]).toContain("date,athlete,check");
    const ics = await run("ics", "troupe.json", "--athlete", "wren");
    const reading = fromCalendar(ics.out, { zone: "UTC", from: "2026-11-24", to: "2027-06-01" });
    expect("events" in reading && reading.events.length).toBeGreaterThan(5);
  });

  it("1 where it is understood and not to be answered, with the fact", async () => {
    for (const [args, why] of [
      [["gap", "none.json"], "no-file"],
      [["plan", "troupe.json", "--athlete", "nobody"], "no-athlete"],
      [["plan", "troupe.json", "--place", "moon"], "no-place"],
      [["plan", "troupe.json", "--format", "moon"], "no-format"],
      [["gap", "troupe.json", "--aim", "moon"], "no-aim"],
      [["season", "situation.json"], "no-season"],
    ] as const) {
      const plain = await run(...args);
      expect(plain).toMatchObject({ out: "", code: 1 });
      expect(plain.err.length).toBeGreaterThan(10);
      if (why !== "no-file") {
        const said = await run(...args, "--json");
        expect(JSON.parse(said.out)).toMatchObject({ refused: { why } });
      }
    }
    files["cut.json"] = troupe.slice(0, 900);
    files["wrong.json"] = situation.replace("1998-03-14", "spring");
    expect(await run("validate", "cut.json")).toMatchObject({
      code: 1,
      err: expect.stringContaining("cut off") as string,
    });
    expect((await run("gap", "wrong.json")).err).toContain("athlete → bornOn");
  });

  it("2 where it is not understood", async () => {
    for (const args of [
      [],
      ["bake", "x"],
      ["plan"],
      ["plan", "a", "b"],
      ["plan", "a", "--minutes", "1"],
      ["plan", "a", "--day", "soon"],
      ["plan", "a", "--loud"],
    ])
      expect(await run(...args)).toMatchObject({ out: "", code: 2 });
    expect((await run("--help")).code).toBe(0);
  });

  it("the examples of the README run, and print what stands there", () => {
    const readme = readFileSync(join(root, "README.md"), "utf8");
    const blocks = [
      ...readme.matchAll(/```console\n\$ npm run --silent yearling -- (.+)\n([\s\S]*?)```/g),
    ];
    expect(blocks.length).toBeGreaterThanOrEqual(3);
    for (const [, args, shown] of blocks) {
      const [command, pipe] = args!.split(" | ");
      expect(pipe ?? "head").toMatch(/^head/);
      const { stdout, status } = spawnSync(
        "node",
        ["scripts/yearling.mjs", ...command!.split(" ")],
        {
          cwd: root,
          encoding: "utf8",
        },
      );
      expect(status).toBe(0);
      const lines = shown!.trimEnd().split("\n");
      expect(stdout.split("\n").slice(0, lines.length)).toEqual(lines);
    }
  }, 60_000);
});
