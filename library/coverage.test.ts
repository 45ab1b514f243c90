import type { Dose } from "../core/drill/dose";
import { natural, raiseStep } from "../core/drill/natural";
import { describe, expect, it } from "vitest";
import { answeringChecks } from "../core/aim/gap";
import { MotionId } from "../core/body/motions";
import { atRung, type DrillKind } from "../core/drill/drill";
import { library } from "./index";
import { senseless, workColumns } from "./work-columns";

const reason = (motion: MotionId, name: string): string | undefined => senseless[motion]?.[name];

/** A drill is for a motion when so much of its dose counts for it. */
const counts = 0.3;

/** There is a floor, a wall and a mat wherever somebody trains. */
const bare = new Set<string>(["wall", "mat"]);
const withoutKit = (motion: MotionId, kinds: readonly DrillKind[]): number =>
  library.drills
    .filter(({ kind }) => kinds.includes(kind))
    .flatMap((drill) => drill.rungs.map((rung) => ({ rung, here: atRung(drill, rung) })))
    .filter(
      ({ rung, here }) =>
        rung.kit.every((item) => bare.has(item)) &&
        here.serves.some((one) => one.motion === motion && one.share >= counts),
    ).length;

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
      cells: workColumns.map(({ name, kinds }) => ({ name, found: serving(motion, kinds) })),
    }));
    const head = `${"motion".padEnd(24)}${workColumns.map(({ name }) => name.padStart(10)).join("")}`;
    const lines = rows.map(
      ({ motion, cells }) =>
        `${motion.padEnd(24)}${cells.map(({ name, found }) => (reason(motion, name) ? "–" : String(found)).padStart(10)).join("")}`,
    );
    console.log([head, ...lines].join("\n"));
    const missing = rows.flatMap(({ motion, cells }) =>
      cells.flatMap(({ name, found }) =>
        found === 0 && !reason(motion, name) ? [`${motion}: ${name}`] : [],
      ),
    );
    expect(missing).toEqual([]);
  });
  it("gives every motion every kind of work with nothing but a floor and a wall, or says why not", () => {
    const missing = MotionId.options.flatMap((motion) =>
      workColumns
        .filter(({ name, kinds }) => withoutKit(motion, kinds) === 0 && !reason(motion, name))
        .map(({ name }) => `${motion}: ${name}`),
    );
    expect(missing).toEqual([]);
  });
  it("gives each rung a dose in figures that people say, and gates of its own", () => {
    const same = (of: (rung: (typeof library.drills)[number]["rungs"][number]) => unknown) =>
      library.drills.flatMap(({ id, rungs }) => {
        const texts = rungs.map((rung) => JSON.stringify(of(rung)));
        return rungs
          .filter((_, n) => texts.filter((text) => text === texts[n]).length > 1)
          .map((rung) => `${id}/${rung.id}`);
      });
    const unsaid = library.drills.flatMap(({ id, kind, rungs }) =>
      rungs.flatMap(({ id: rung, warmUp, session }) => {
        const doses = [warmUp, session].filter((dose) => dose !== null);
        const said = (dose: Dose) =>
          kind === "pulse" || kind === "breathing"
            ? dose.type === "time" && dose.seconds % raiseStep === 0
            : JSON.stringify(natural(dose)) === JSON.stringify(dose);
        return doses.length > 0 && doses.every(said) ? [] : [`${id}/${rung}`];
      }),
    );
    expect(unsaid).toEqual([]);
    expect(same(({ gates }) => gates)).toEqual([]);
  });
  it("names only ladders and rungs that are there in what comes first", () => {
    const named = library.drills.flatMap(({ rungs }) =>
      rungs.flatMap(({ needs }) => needs?.after ?? []),
    );
    expect(named.length).toBeGreaterThan(15);
    for (const { drillId, rungIds, name } of named) {
      const ladder = library.drills.find(({ id }) => id === drillId)!;
      expect(
        ladder.rungs.map(({ id }) => id),
        name,
      ).toEqual(expect.arrayContaining(rungIds));
    }
  });
  it("every skill can be measured with a tape, fingers and the eye", () => {
    const own = new Set<string>(["tape", "fingers", "eye", "count"]);
    const without = library.skills.flatMap((skill) =>
      skill.demands
        .filter(
          (demand) =>
            !answeringChecks(demand, library).some(({ instruments }) =>
              instruments.some(({ id }) => own.has(id)),
            ),
        )
        .map((demand) => `${skill.id}: ${demand.motion}`),
    );
    expect(without).toEqual([]);
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
