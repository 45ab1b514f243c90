import { describe, expect, it } from "vitest";
import { MotionId } from "../core/body/motions";
import type { DrillKind } from "../core/drill/drill";
import { library } from "./index";

/** The kinds of work a joint motion gets. */
const columns: { name: string; kinds: readonly DrillKind[] }[] = [
  { name: "soft", kinds: ["soft-tissue"] },
  { name: "circles", kinds: ["circles", "dynamic"] },
  { name: "static", kinds: ["static"] },
  { name: "c–r", kinds: ["contract-relax"] },
  { name: "active", kinds: ["active"] },
  { name: "strength", kinds: ["strength"] },
];

/** Where a kind makes no sense for a motion, and why. */
const senseless: Partial<Record<MotionId, Partial<Record<string, string>>>> = {
  "lumbar.extension": {
    "c–r": "pressing into the end of a back bend is what the low back is spared",
  },
};

/** A drill is for a motion when so much of its dose counts for it. */
const counts = 0.3;

const demanded = MotionId.options.filter((motion) =>
  library.skills.some(({ demands }) => demands.some((demand) => demand.motion === motion)),
);
const serving = (motion: MotionId, kinds: readonly DrillKind[]): number =>
  library.drills.filter(
    (drill) =>
      kinds.includes(drill.kind) &&
      drill.serves.some((one) => one.motion === motion && one.share >= counts),
  ).length;

describe("the coverage of the library", () => {
  it("gives every demanded motion every kind of work that makes sense", () => {
    const rows = demanded.map((motion) => ({
      motion,
      cells: columns.map(({ name, kinds }) => ({ name, found: serving(motion, kinds) })),
    }));
    const head = `${"motion".padEnd(24)}${columns.map(({ name }) => name.padStart(10)).join("")}`;
    const lines = rows.map(
      ({ motion, cells }) =>
        `${motion.padEnd(24)}${cells.map(({ name, found }) => (senseless[motion]?.[name] ? "–" : String(found)).padStart(10)).join("")}`,
    );
    console.log([head, ...lines].join("\n"));
    const missing = rows.flatMap(({ motion, cells }) =>
      cells.flatMap(({ name, found }) =>
        found === 0 && !senseless[motion]?.[name] ? [`${motion}: ${name}`] : [],
      ),
    );
    expect(missing).toEqual([]);
  });
  it("has a specific drill toward each skill", () => {
    const without = library.skills.filter(
      ({ id }) =>
        !library.drills.some(({ kind, toward }) => kind === "skill" && toward.includes(id)),
    );
    expect(without.map(({ id }) => id)).toEqual([]);
  });
  it("has eighty drills and two hundred and forty rungs at least", () => {
    expect(library.drills.length).toBeGreaterThanOrEqual(80);
    expect(library.drills.flatMap(({ rungs }) => rungs).length).toBeGreaterThanOrEqual(240);
  });
  it("says of every rung how it is laid out, done, gated and dosed", () => {
    for (const { id, rungs, kind } of library.drills)
      for (const rung of rungs) {
        const name = `${id}/${rung.id}`;
        expect(rung.setting.length, name).toBeGreaterThan(5);
        expect(rung.cue.length, name).toBeGreaterThan(3);
        expect(rung.steps.length, name).toBeGreaterThanOrEqual(2);
        expect(
          rung.gates.every(({ see, then }) => see && then),
          name,
        ).toBe(true);
        expect(
          rung.exact.every((item) => rung.kit.includes(item)),
          name,
        ).toBe(true);
        if (rung.kit.includes("weight")) expect(rung.load.length, name).toBeGreaterThan(8);
        if (kind === "static" || kind === "contract-relax")
          expect(rung.session, name).not.toBeNull();
      }
  });
  it("has work for every pattern that clocked families may take, and for every plane", () => {
    const patterns = new Set(library.drills.flatMap(({ pattern }) => pattern ?? []));
    for (const family of library.formats.flatMap(({ clocked }) => clocked?.families ?? []))
      expect(patterns).toContain(family);
    expect(new Set(library.drills.flatMap(({ planes }) => planes)).size).toBe(3);
  });
});
