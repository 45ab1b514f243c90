import { describe, expect, it } from "vitest";
import { library } from "#library/index";
import { otherWords } from "#library/other-words";
import { pagesToFind } from "#words/find";
import { checkFacts, drillFacts, findByName, finderOf, finderSoon, skillFacts } from "./find-words";

const find = finderOf(
  library.drills.map((drill) => ({ key: drill.id, name: drill.name, ...drillFacts(drill) })),
);
const findAll = finderOf([
  ...library.drills.map((one) => ({ key: one.id, name: one.name, ...drillFacts(one) })),
  ...library.protocols.map((one) => ({
    key: `check ${one.id}`,
    name: one.name,
    ...checkFacts(one),
  })),
  ...library.skills.map((one) => ({ key: `skill ${one.id}`, name: one.name, ...skillFacts(one) })),
  ...pagesToFind.map(({ key, name, also }) => ({ key: `page ${key}`, name, also, facts: [] })),
]);
const keys = (typed: string) => find(typed).map(({ key }) => key);

describe("finding in the library", () => {
  it("finds the same when it is made beside the page, and by names alone before that", async () => {
    const drills = library.drills.map((drill) => ({
      key: drill.id,
      name: drill.name,
      ...drillFacts(drill),
    }));
    const soon = await finderSoon(drills);
    for (const typed of ["", "edge", "scapula", "wrst", "hip flexion"])
      expect(soon(typed), typed).toEqual(find(typed));
    const byName = findByName(drills);
    expect(byName("").map(({ key }) => key)).toEqual(library.drills.map(({ id }) => id));
    expect(byName("wrist c").map(({ name }) => name)).toContain("Wrist circles");
    expect(byName("circles").map(({ name }) => name)).toContain("Wrist circles");
    expect(byName("ircles")).toEqual([]);
    const hang = byName("dead hang").find(({ key }) => key === "active-hang");
    expect(hang?.because.join()).toMatch(/dead hang/i);
  });

  it("meets the words that people use, not only the names", () => {
    for (const [typed, wanted] of [
      ["edge", "edge-pulls"],
      ["finger hang", "edge-pulls"],
      ["dead hang", "active-hang"],
      ["kick up", "kick-up"],
      ["way out handstand", "handstand-exits"],
      ["landing", "landings"],
      ["tennis elbow", "wrist-lowers-back"],
      ["serratus", "push-plus"],
      ["easy climb", "easy-ground"],
      ["developpé", "unfold"],
      ["sprain", "ankle-return"],
      ["roll fall", "falls"],
      ["thin band pull", "pull-ramp"],
      ["cool down walk", "cool-walk"],
    ] as const)
      expect(keys(typed).slice(0, 8), typed).toContain(wanted);
  });
  it("forgives a slip, and a word that is only begun", () => {
    expect(keys("hamstrng lower")).toContain("hamstring-lowers");
    expect(keys("handst")).toContain("handstand-exits");
  });
  it("asks for every word, and finds nothing where one is met nowhere", () => {
    expect(keys("wrist zebra")).toEqual([]);
    expect(keys("  ")).toHaveLength(library.drills.length);
  });
  it("puts a name before a mention", () => expect(keys("halo")[0]).toBe("halo"));
  it("puts the shortest name that begins so first", () => {
    const checks = finderOf(
      ["Hip extension at speed", "Kneeling hip extension", "Hip extension"].map((name) => ({
        key: name,
        name,
        facts: [],
      })),
    );
    expect(checks("hip ext").map(({ key }) => key)).toEqual([
      "Hip extension",
      "Hip extension at speed",
      "Kneeling hip extension",
    ]);
  });

  it("meets every usual word of the field, in the first dozen", () => {
    for (const [typed, wanted] of [
      ["dorsiflexion", "check knee-to-wall"],
      ["contract-relax", "wrist-press-deepen"],
      ["hip PNF", "hip-flexor-deepen"],
      ["pigeon", "shin-parallel"],
      ["external rotation", "rotation-out-band"],
      ["scapula", "blade-pulls"],
      ["pointe", "skill full-pointe"],
      ["splits", "skill front-split"],
      ["thoracic", "open-book"],
      ["adductor", "adductor-lifts"],
      ["couch", "hip-flexor"],
      ["groin", "adductor-lifts"],
      ["quad", "thigh-pull"],
      ["lunge", "hip-flexor"],
      ["glute", "seat-bridge"],
      ["foam roller", "thigh-roller"],
      ["pistol", "skill one-leg-squat"],
      ["plié", "skill turnout-bend"],
      ["hypermobility", "check joint-looseness"],
      ["dark mode", "page look"],
      ["backup", "page file"],
      ["glossary", "page glossary"],
    ] as const)
      expect(
        findAll(typed)
          .slice(0, 12)
          .map(({ key }) => key),
        typed,
      ).toContain(wanted);
  });

  it("says why, where the name does not: the words that were met", () => {
    const because = (typed: string, wanted: string) =>
      findAll(typed).find(({ key }) => key === wanted)?.because;
    expect(because("dorsiflexion", "check knee-to-wall")).toEqual(["dorsiflexion"]);
    expect(because("quad foam", "thigh-roller")).toEqual(expect.arrayContaining(["foam rolling"]));
    expect(because("halo", "halo")).toEqual([]);
    expect(because("", "halo")).toEqual([]);
  });

  it("has other words only for what is there", () => {
    const skills = new Set(library.skills.map(({ id }) => id));
    const checks = new Set(library.protocols.map(({ id }) => id));
    expect(Object.keys(otherWords.skills).filter((id) => !skills.has(id))).toEqual([]);
    expect(Object.keys(otherWords.checks).filter((id) => !checks.has(id))).toEqual([]);
  });
});
