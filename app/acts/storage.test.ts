import { usualHeight } from "#core/body/usual-height";
import { asSaid } from "#core/records/read-person";
import { afterEach, describe, expect, it, vi } from "vitest";
import { breaches } from "#core/prep/order";
import { prepSeconds } from "#core/prep/timeline";
import { person } from "../test/person";
import { everythingIn, freshBrowser, sameBrowser, of, done, undated } from "./test-notebook";

const day = "2026-11-24";
afterEach(() => vi.useRealTimers());

describe("somebody removed for good", () => {
  it("leaves nothing but that, and comes back whole by undo", async () => {
    const browser = await freshBrowser(day);
    const notebook = await browser.notebook();
    const texts = async () =>
      (await everythingIn(notebook)).map((record) => JSON.stringify(undated(record))).sort();
    const before = await texts();
    done(await browser.act("remove-athlete", { id: "kaito" }));
    await notebook.settled();
    const left = (await everythingIn(notebook)).filter(
      (record) => record.id === "kaito" || ("athleteId" in record && record.athleteId === "kaito"),
    );
    expect(left).toEqual([]);
    expect(notebook.get("gone", "athlete/kaito")).toMatchObject({ forGood: true, was: null });
    notebook.undo();
    await notebook.settled();
    expect(await texts()).toEqual(before);
    expect((await browser.look("kaito")).aims.length).toBeGreaterThan(0);
  });
});

describe("the demo and the user's own notebook", () => {
  it("opens on the invented troupe, and keeps it over a reload", async () => {
    const first = await freshBrowser(day);
    const notebook = await first.notebook();
    expect(notebook.all("athlete")).toHaveLength(6);
    await notebook.settled();
    const again = await (await sameBrowser(day)).notebook();
    expect(await everythingIn(again)).toEqual(await everythingIn(notebook));
    expect(again.undoLabel).toBeNull();
  });

  it("an untouched demo is renewed on a later day; a touched one is left as it is", async () => {
    const first = await freshBrowser(day);
    await (await first.notebook()).settled();
    expect((await everythingIn(await first.notebook())).length).toBeGreaterThan(500);
    const later = await sameBrowser("2026-12-10");
    expect((await later.look("odalys")).aim!.by > "2026-12-20").toBe(true);
    await (await later.notebook()).settled();
    await later.act("archive-athlete", { id: "kaito", archived: true });
    await (await later.notebook()).settled();
    const muchLater = await sameBrowser("2027-02-01");
    expect((await muchLater.notebook()).get("athlete", "kaito")!.archived).toBe(true);
  });

  it("starts empty beside the demo, and neither is mixed into the other", async () => {
    const browser = await freshBrowser(day);
    await browser.notebook();
    await browser.open.turnTo("own");
    expect((await browser.notebook()).isEmpty).toBe(true);
    await browser.act("save-athlete", { ...person });
    await browser.open.turnTo("demo");
    expect((await browser.notebook()).all("athlete").some(({ name }) => name === person.name)).toBe(
      false,
    );
    const own: string[] = [];
    for await (const records of (await browser.open.peekNotebook("own")).everything())
      own.push(...records.map(({ kind }) => kind));
    expect(own).toEqual(["athlete"]);
    const reloaded = await sameBrowser(day);
    await reloaded.open.turnTo("own");
    expect((await reloaded.notebook()).all("athlete")).toHaveLength(1);
  });
});

describe("athletes, aims, intake", () => {
  it("says for each field what cannot be right, and keeps nothing then", async () => {
    const browser = await freshBrowser(day);
    await browser.open.turnTo("own");
    const answer = await browser.act("save-athlete", {
      ...person,
      name: "  ",
      statureCm: 16,
      bornOn: "yesterday",
    });
    expect(answer).toMatchObject({
      refused: {
        why: "invalid",
        fields: [{ at: ["name"] }, { at: ["bornOn"] }, { at: ["statureCm"] }],
      },
    });
    expect((await browser.notebook()).isEmpty).toBe(true);
  });

  it("edits an athlete without losing the intake", async () => {
    const browser = await freshBrowser(day);
    const before = (await browser.notebook()).get("athlete", "wren")!;
    await browser.act("save-athlete", { ...person, id: "wren", name: "Wren C." });
    const after = (await browser.notebook()).get("athlete", "wren")!;
    expect(after).toMatchObject({
      name: "Wren C.",
      intake: before.intake,
      absences: before.absences,
    });
  });

  it("a new aim lies ahead; an edited one keeps its beginning", async () => {
    const browser = await freshBrowser(day);
    const sent = {
      id: null,
      skillId: "front-split",
      quality: "clean",
      side: "left",
      by: "2026-11-01",
    };
    expect(await browser.act("save-aim", { athleteId: "odalys", ...sent })).toEqual({
      refused: { why: "aim-in-the-past" },
    });
    expect(
      await browser.act("save-aim", { athleteId: "odalys", ...sent, by: "next week" }),
    ).toMatchObject({ refused: { why: "invalid", fields: [{ at: ["by"] }] } });
    await browser.act("save-aim", { athleteId: "odalys", ...sent, by: "2027-01-01" });
    const view = await browser.look("odalys");
    expect(view.aims.map(({ skillId }) => skillId)).toEqual(["handstand", "front-split"]);
    const [first] = view.aims;
    await browser.act("save-aim", {
      athleteId: "odalys",
      ...sent,
      id: first!.id,
      skillId: "handstand",
      side: "mid",
      by: "2027-03-01",
    });
    expect((await browser.notebook()).get("aim", first!.id)).toMatchObject({
      by: "2027-03-01",
      since: first!.since,
    });
    await browser.act("close-aim", { id: first!.id, closed: true });
    expect((await browser.look("odalys")).aim!.skillId).toBe("front-split");
  });

  it("a yes puts a caution on the plan until a clinician clears it; asking again keeps the clearance", async () => {
    const browser = await freshBrowser(day);
    const answers = { yes: ["pressure"], note: "", growthSpurt: false, beighton: 2 };
    await browser.act("save-intake", { athleteId: "odalys", ...answers, flagged: ["knee"] });
    await browser.act("save-intake", { athleteId: "odalys", ...answers });
    expect((await browser.look("odalys")).athlete.flagged).toEqual(["knee"]);
    const blocked = await browser.look("odalys");
    expect(blocked.cautions).toMatchObject([{ id: "pressure", state: "open" }]);
    const plan = browser.planning.planned(
      blocked,
      browser.planning.newPrep(blocked, day, "prep-new"),
    );
    expect(plan.prep.items.some(({ drillId }) => drillId === "wall-line")).toBe(false);
    await browser.act("clear-question", {
      athleteId: "odalys",
      question: "pressure",
      who: "Dr Amaru Lindqvist",
      allows: ["head-low", "inverted"],
      limits: "short",
    });
    await browser.act("save-intake", { athleteId: "odalys", ...answers });
    const cleared = await browser.look("odalys");
    expect(cleared.athlete.intake!.clearances).toMatchObject([{ question: "pressure", on: day }]);
    expect(cleared.cautions).toMatchObject([{ id: "pressure", state: "cleared" }]);
  });
});

describe("health", () => {
  it("nothing of it applies is one press, and is an intake asked today", async () => {
    const browser = await freshBrowser(day);
    await browser.act("nothing-applies", {
      athleteId: "meheret",
      said: "nothing of this applies",
    });
    const { intake } = (await browser.look("meheret")).athlete;
    expect(intake).toMatchObject({ on: day, yes: [], clearances: [], beighton: 4 });
    expect((await browser.look("meheret")).cautions).toEqual([]);
  });

  it("a clearance has its day, its end and what is allowed again; a later one takes its place", async () => {
    const browser = await freshBrowser(day);
    const clear = (fields: object) =>
      browser.act("clear-question", {
        athleteId: "meheret",
        question: "medicine",
        who: "Dr Example",
        limits: "",
        ...fields,
      });
    await clear({ on: "2026-11-20", until: "2026-11-23", allows: ["passive-end"] });
    expect((await browser.look("meheret")).cautions).toMatchObject([{ state: "open" }]);
    await clear({ until: "2027-01-01", allows: ["passive-end", "strain"] });
    expect((await browser.look("meheret")).cautions).toMatchObject([
      { state: "cleared", clearance: { on: day, until: "2027-01-01" } },
    ]);
    expect((await browser.look("meheret")).athlete.intake!.clearances).toHaveLength(1);
    expect(await clear({ allows: ["flying"] })).toMatchObject({ refused: { why: "invalid" } });
  });

  it("a drill of one's own that does not say what it does is not kept", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("odalys");
    const own = { ...view.library.drills[0]!, id: "", name: "Mine" };
    expect(await browser.act("save-drill", { drill: { ...own, does: null } })).toMatchObject({
      refused: { why: "invalid", fields: [{ at: ["drill", "does"] }] },
    });
    expect(await browser.act("save-drill", { drill: { ...own, does: [] } })).toMatchObject({
      done: { drillId: expect.any(String) as string },
    });
  });
});

describe("a round of checks", () => {
  const sent = (over = {}) => ({
    checks: [
      {
        protocolId: "hip-extension",
        protocolVersion: 1,
        side: "left",
        mode: "passive",
        temperature: "warm",
        instrument: "goniometer",
        tester: "Bram",
        trials: [22, 24],
        pain: 0,
        seen: [],
        note: "",
        ...over,
      },
    ],
  });

  it("is one change, dated today, and remembers who measured", async () => {
    const browser = await freshBrowser(day);
    expect(await browser.act("save-round", { athleteId: "odalys", ...sent() })).toEqual({
      done: { kept: 1 },
    });
    const view = await browser.look("odalys");
    expect(view.settings.tester).toBe("Bram");
    expect(
      view.gaps.find(({ demand }) => demand.motion === "hip.extension")!.sides[0],
    ).toMatchObject({ have: { degrees: 23 }, checkedOn: day });
    expect((await browser.notebook()).undo()).toEqual({ done: { does: "checks", count: 1 } });
    expect((await browser.look("odalys")).settings.tester).toBe("Ysolde");
  });

  it("with pain above the limit takes the place out of the next plan", async () => {
    const browser = await freshBrowser(day);
    await browser.act("save-round", {
      athleteId: "odalys",
      ...sent({ protocolId: "shoulder-flexion", trials: [150, 150], pain: 8 }),
    });
    const view = await browser.look("odalys");
    expect(view.locks.map(({ place }) => place)).toEqual([{ site: "shoulder", side: "left" }]);
    const { plan } = browser.planning.planned(
      view,
      browser.planning.newPrep(view, day, "prep-new"),
    );
    expect(plan.leftOut.find(({ drillId }) => drillId === "prayer")!.reason).toEqual({
      why: "locked",
      place: { site: "shoulder", side: "left" },
    });
    await browser.act("clear-place", {
      athleteId: "odalys",
      lock: "shoulder/left",
      who: "Ysolde",
      reason: "seen, fine",
    });
    expect((await browser.look("odalys")).locks).toEqual([]);
  });
});

describe("what belongs to the body and to the hand that measures", () => {
  it("own lengths, a finger's width and the split's allowance are kept with the athlete, each undone by itself", async () => {
    const browser = await freshBrowser(day);
    const measures = async () => (await browser.notebook()).get("athlete", "wren")!.measures;
    await browser.act("save-finger", { athleteId: "wren", fingerCm: 1.7 });
    await browser.act("fit-model", { athleteId: "wren", pelvisCm: 2.5, legCm: null });
    expect(await measures()).toEqual({ fingerCm: 1.7, pelvisCm: 2.5 });
    await browser.act("save-measures", {
      athleteId: "wren",
      measures: { shinCm: 38, fingerCm: 1.7, pelvisCm: 2.5 },
    });
    expect((await measures()).shinCm).toBe(38);
    await browser.act("fit-model", { athleteId: "wren", pelvisCm: null, legCm: null });
    expect(await measures()).toEqual({ shinCm: 38, fingerCm: 1.7 });
    expect((await browser.notebook()).undo()).toEqual({ done: { does: "fit-model" } });
    expect((await measures()).pelvisCm).toBe(2.5);
    expect(await browser.act("save-finger", { athleteId: "wren", fingerCm: 19 })).toEqual({
      refused: {
        why: "invalid",
        fields: [{ at: ["fingerCm"], problem: { is: "too-large", limit: 3 } }],
      },
    });
  });
  it("the pointing error is the user's, and goes back to the usual one", async () => {
    const browser = await freshBrowser(day);
    await browser.act("save-pointing", { pointing: 0.016 });
    expect((await browser.look("wren")).settings.pointing).toBe(0.016);
    await browser.act("save-pointing", { pointing: null });
    expect((await browser.look("wren")).settings.pointing).toBeNull();
  });
  it("a photograph is kept with its readings, and removed", async () => {
    const browser = await freshBrowser(day);
    const reading = {
      protocolId: "hip-flexion",
      side: "left",
      degrees: 112,
      se: 1.4,
      spots: [[0.1, 0.2]],
    };
    await browser.act("save-photo", {
      athleteId: "wren",
      photo: { image: "data:image/jpeg;base64,AAAA", width: 800, height: 600, readings: [reading] },
    });
    const [photo] = (await browser.look("wren")).photos;
    expect(photo).toMatchObject({ athleteId: "wren", on: day, readings: [{ degrees: 112 }] });
    expect((await browser.look("odalys")).photos).toEqual([]);
    await browser.act("remove-photo", { id: photo!.id });
    expect((await browser.look("wren")).photos).toEqual([]);
  });
});

describe("an aim's own weights, targets and skills", () => {
  it("a weight by hand stands in for the computed one, with its reason, until it is taken back", async () => {
    const browser = await freshBrowser(day);
    const id = (await browser.look("odalys")).aim!.id;
    const need = async () =>
      (await browser.look("odalys")).needs.find(({ motion }) => motion === "wrist.extension")!;
    const computed = (await need()).weight;
    await browser.act("override-weight", { id, motion: "wrist.extension", weight: 4, reason: " " });
    expect((await need()).weight).toBe(computed);
    await browser.act("override-weight", {
      id,
      motion: "wrist.extension",
      weight: 4,
      reason: "sprain",
    });
    expect(await need()).toMatchObject({ weight: 4, override: { computed, reason: "sprain" } });
    expect((await browser.look("odalys")).needs[0]!.motion).toBe("wrist.extension");
    await browser.act("override-weight", {
      id,
      motion: "wrist.extension",
      weight: null,
      reason: "",
    });
    expect((await need()).weight).toBe(computed);
  });
  it("a what-if is kept as targets with a date", async () => {
    const browser = await freshBrowser(day);
    const id = (await browser.look("odalys")).aim!.id;
    const target = { motion: "shoulder.flexion", side: "left", degrees: 168, by: "2026-12-10" };
    await browser.act("save-targets", { id, targets: [target] });
    expect((await browser.look("odalys")).aim!.targets).toEqual([target]);
  });
  it("the walk keeps to the aim that was chosen, over stations", async () => {
    const browser = await freshBrowser(day);
    const [, second] = (await browser.look("noor")).openAims;
    await browser.look("noor", `?aim=${second!.aim.id}`);
    expect((await browser.look("noor")).skill!.id).toBe("bridge");
  });
  it("an own skill gets a name of its own, is refused where it cannot be, and stays while an aim stands on it", async () => {
    const browser = await freshBrowser(day);
    const squat = (await browser.look("kaito")).skill!;
    const wrong = { ...squat, demands: [{ ...squat.demands[0]!, clean: 10, passable: 20 }] };
    expect(await browser.act("save-skill", { skill: wrong })).toEqual({
      refused: { why: "clean-not-above", demand: 0 },
    });
    expect(await browser.act("save-skill", { skill: { ...squat, demands: [] } })).toMatchObject({
      refused: { why: "invalid", fields: [{ at: ["demands"] }] },
    });
    const made = done(await browser.act("save-skill", { skill: { ...squat, name: "Mine" } }));
    expect(made.id).toMatch(/^own-/);
    await browser.act("save-skill", { skill: { ...squat, id: made.id, name: "Mine, again" } });
    const own = (await browser.look("kaito")).library.skills.filter(({ id }) =>
      id.startsWith("own-"),
    );
    expect(own.map(({ name }) => name)).toEqual(["Mine, again"]);
    await browser.act("save-aim", {
      athleteId: "kaito",
      id: null,
      skillId: made.id,
      quality: "clean",
      side: "mid",
      hips: "square",
      by: "2027-02-01",
    });
    expect(await browser.act("remove-skill", { id: made.id })).toHaveProperty("refused");
    expect((await browser.notebook()).undo()).toEqual({ done: { does: "new-aim" } });
    expect(await browser.act("remove-skill", { id: made.id })).toEqual({ done: null });
  });
});

describe("a prep", () => {
  const proposal = async (browser: Awaited<ReturnType<typeof freshBrowser>>) => {
    const view = await browser.look("odalys");
    const prep = view.preps.find((entry) => entry.on === day)!;
    return { view, prep };
  };

  const now = async (browser: Awaited<ReturnType<typeof freshBrowser>>, id: string) =>
    (await browser.notebook()).get("prep", id)!;

  it("two quick changes both count", async () => {
    const browser = await freshBrowser(day);
    const { view, prep } = await proposal(browser);
    await Promise.all([
      browser.act("plan-prep", { ...of(view), prep, changes: { alreadyWarm: true } }),
      browser.act("plan-prep", { ...of(view), prep, changes: { budget: 1800 } }),
    ]);
    expect(await now(browser, prep.id)).toMatchObject({ alreadyWarm: true, budget: 1800 });
  });

  it("another shape brings its own minutes, doses and hand-over", async () => {
    const browser = await freshBrowser(day);
    const { view, prep } = await proposal(browser);
    await browser.act("plan-prep", { ...of(view), prep, changes: { format: "mobility" } });
    expect(await now(browser, prep.id)).toMatchObject({ session: "mobility", budget: 1800 });
    await browser.act("plan-prep", { ...of(view), prep, changes: { format: "clocked-families" } });
    const clocked = await now(browser, prep.id);
    expect(clocked).toMatchObject({ session: "warm-up", budget: 600, handOver: 120 });
    await browser.act("plan-prep", { ...of(view), prep, changes: { turn: 1 } });
    expect(await now(browser, prep.id)).toMatchObject({ format: "clocked-families", budget: 600 });
    expect(prepSeconds(clocked.items, view.library, clocked.handOver)).toBe(600);
  });

  it("moves a drill and refits the seconds; what that breaks is kept, and mended by one key", async () => {
    const browser = await freshBrowser(day);
    const { view, prep } = await proposal(browser);
    const terms = { alreadyWarm: false, beforeTraining: true };
    await browser.act("move-drill", { ...of(view), prep, from: 0, to: prep.items.length - 1 });
    const broken = await now(browser, prep.id);
    expect(broken.items.at(-1)!.drillId).toBe(prep.items[0]!.drillId);
    expect(breaches(broken.items, view.library, terms)[0]!.rule).toMatchObject({ why: "cold" });
    expect(await browser.act("mend-order", { ...of(view), prep })).toEqual({
      done: { removed: [] },
    });
    const mended = await now(browser, prep.id);
    expect(breaches(mended.items, view.library, terms)).toEqual([]);
    expect(mended.items.map(({ id }) => id).sort()).toEqual(prep.items.map(({ id }) => id).sort());
    expect(prepSeconds(mended.items, view.library)).toBeLessThanOrEqual(mended.budget);
  });

  it("a dropped raise is broken, and mending puts one in again", async () => {
    const browser = await freshBrowser(day);
    const { view, prep } = await proposal(browser);
    await browser.act("drop-drill", { ...of(view), prep, itemId: prep.items[0]!.id });
    expect((await now(browser, prep.id)).items.some(({ phase }) => phase === "raise")).toBe(false);
    await browser.act("mend-order", { ...of(view), prep });
    expect((await now(browser, prep.id)).items[0]!.phase).toBe("raise");
  });

  it("locks, drops, fills, adds, swaps, and changes rung and dose in place", async () => {
    const browser = await freshBrowser(day);
    const { view, prep } = await proposal(browser);
    const [, second, third] = prep.items;
    await browser.act("pin-drill", { athleteId: "odalys", prep, itemId: second!.id });
    expect((await now(browser, prep.id)).items[1]!.pinned).toBe(true);
    await browser.act("drop-drill", { ...of(view), prep, itemId: third!.id });
    const dropped = await now(browser, prep.id);
    expect(dropped).toMatchObject({ dropped: [third!.drillId], touched: true });
    expect(prepSeconds(dropped.items, view.library)).toBeLessThan(dropped.budget - 15);
    await browser.act("fit-minutes", { ...of(view), prep });
    const filled = await now(browser, prep.id);
    expect(filled.items.some(({ drillId }) => drillId === third!.drillId)).toBe(false);
    expect(filled.items.some(({ id }) => id === second!.id)).toBe(true);
    expect(filled.budget - prepSeconds(filled.items, view.library)).toBeLessThanOrEqual(15);
    await browser.act("add-drill", { ...of(view), prep, drillId: third!.drillId });
    expect(
      (await now(browser, prep.id)).items.some(({ drillId }) => drillId === third!.drillId),
    ).toBe(true);
    const last = filled.items.at(-1)!;
    const rungs = view.library.drills.find(({ id }) => id === last.drillId)!.rungs;
    await browser.act("edit-drill", { ...of(view), prep, itemId: last.id, rungId: rungs[0]!.id });
    expect((await now(browser, prep.id)).items.find(({ id }) => id === last.id)!.rungId).toBe(
      rungs[0]!.id,
    );
    const dose = { type: "hold" as const, sets: 2, seconds: 12, rest: 5 };
    await browser.act("edit-drill", { ...of(view), prep, itemId: last.id, dose });
    expect((await now(browser, prep.id)).items.find(({ id }) => id === last.id)!.dose).toEqual(
      dose,
    );
    await browser.act("swap-drill", {
      athleteId: "odalys",
      prep,
      itemId: last.id,
      item: { ...last, id: "other" },
    });
    expect((await now(browser, prep.id)).items.some(({ id }) => id === "other")).toBe(true);
  });

  it("a better plan comes in where it is asked for, and can be taken back", async () => {
    const browser = await freshBrowser(day);
    const { prep } = await proposal(browser);
    const items = prep.items.slice(0, 2);
    await browser.act("take-better", { athleteId: "odalys", prep, items });
    expect((await now(browser, prep.id)).items).toHaveLength(2);
  });

  it("advice that is set aside is not given again, until it is asked for", async () => {
    const browser = await freshBrowser(day);
    const aside = async (on: boolean) => {
      await browser.act("set-aside", { athleteId: "odalys", advice: "held-last", aside: on });
      return (await browser.look("odalys")).settings.aside;
    };
    expect(await aside(true)).toEqual(["held-last"]);
    expect(await aside(true)).toEqual(["held-last"]);
    expect(await aside(false)).toEqual([]);
  });

  it("keeps formats, ways of working and drills of one's own; a file carries them", async () => {
    const browser = await freshBrowser(day);
    const { view } = await proposal(browser);
    const format = { ...view.library.formats[0]!, id: "new", name: "Ours" };
    const { formatId } = done(await browser.act("save-format", { format }));
    const mine = await browser.look("odalys");
    expect(mine.library.formats.find(({ id }) => id === formatId)!.name).toBe("Ours");
    await Promise.all([
      browser.act("save-schools", { ofAthlete: "odalys", schools: { stretch: "static" } }),
      browser.act("save-schools", { ofAthlete: "odalys", schools: { amount: null } }),
    ]);
    await browser.act("save-schools", { ofAthlete: null, schools: { hold: "long" } });
    const schooled = await browser.look("odalys");
    expect(schooled.athlete.schools).toEqual({ stretch: "static" });
    expect(browser.requestOf(schooled, schooled.preps[0]!).schools).toMatchObject({
      stretch: "static",
      hold: "long",
      pace: "count",
    });
    const drill = {
      ...view.library.drills[3]!,
      id: "",
      name: "Mine",
      cautions: ["", " mind the step "],
    };
    const saved = done(await browser.act("save-drill", { drill }));
    const own = (await browser.look("odalys")).library.drills.find(
      ({ id }) => id === saved.drillId,
    )!;
    expect(own).toMatchObject({ name: "Mine", cautions: ["mind the step"] });
    expect(await browser.act("save-drill", { drill: { ...drill, rungs: [] } })).toMatchObject({
      refused: { why: "invalid", fields: [{ at: ["drill", "rungs"] }] },
    });
    await browser.act("remove-drill", { drillId: saved.drillId });
    await browser.act("remove-format", { formatId });
    const without = await browser.look("odalys");
    expect(without.library.formats.some(({ id }) => id === formatId)).toBe(false);
    expect(without.library.drills.some(({ id }) => id === saved.drillId)).toBe(false);
  });

  it("becomes a run once, and the run becomes a log; undone, the run is there again, paused", async () => {
    const browser = await freshBrowser(day);
    const { view, prep } = await proposal(browser);
    await browser.act("start-run", { ...of(view), prep });
    await browser.act("start-run", { ...of(await browser.look("odalys")), prep });
    const running = await browser.look("odalys");
    expect(running.runs).toHaveLength(1);
    vi.setSystemTime(new Date(`${day}T09:04:00`));
    await browser.act("happen", {
      runId: running.runs[0]!.id,
      events: [
        {
          type: "pain",
          level: 3,
          place: "",
          sharp: false,
          painKind: null,
          who: "",
        },
      ],
    });
    const { logId } = done(await browser.act("finish-run", { ...of(running) }));
    const after = await browser.look("odalys");
    expect(after.runs).toEqual([]);
    expect(after.logs.find(({ id }) => id === logId)).toMatchObject({ prepId: prep.id, on: day });
    expect((await browser.notebook()).undo()).toEqual({ done: { does: "log-run" } });
    const back = await browser.look("odalys");
    expect(back.logs.some(({ id }) => id === logId)).toBe(false);
    expect(back.runs[0]!.events.map(({ type }) => type)).toEqual(["start", "pain", "pause"]);
  });
});

describe("a run that was left", () => {
  it("is thrown away and its prep stays; undone, it is there again, paused", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("odalys");
    const { planned, newPrep } = browser.planning;
    const { prep } = planned(view, newPrep(view, day, "prep-new"));
    await browser.act("start-run", { ...of(view), prep });
    await browser.act("drop-run", { ...of(view) });
    const after = await browser.look("odalys");
    expect(after.runs).toEqual([]);
    expect(after.preps.some(({ id }) => id === prep.id)).toBe(true);
    expect(after.logs.some(({ prepId }) => prepId === prep.id)).toBe(false);
    expect((await browser.notebook()).undo()).toEqual({ done: { does: "drop-run" } });
    const back = await browser.look("odalys");
    expect(back.runs[0]!.events.map(({ type }) => type)).toEqual(["start", "pause"]);
  });
  it("with a pain in it stays until it is in the log", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("odalys");
    const { planned, newPrep } = browser.planning;
    const { prep } = planned(view, newPrep(view, day, "prep-new"));
    await browser.act("start-run", { ...of(view), prep });
    const pain = { level: 6, place: "left wrist", sharp: false, painKind: null, who: "" };
    const { runs } = await browser.look("odalys");
    await browser.act("happen", { runId: runs[0]!.id, events: [{ type: "pain", ...pain }] });
    await browser.act("drop-run", { ...of(view) });
    expect((await browser.look("odalys")).runs).toHaveLength(1);
  });
});

describe("an aim whose day came", () => {
  it("is closed with what became of it, and opened again without", async () => {
    const browser = await freshBrowser(day);
    const [aim] = (await browser.look("odalys")).aims;
    const now = async () => (await browser.look("odalys")).aims.find(({ id }) => id === aim!.id);
    await browser.act("close-aim", { id: aim!.id, closed: true, outcome: "reached" });
    expect(await now()).toMatchObject({ closedOn: day, outcome: "reached" });
    await browser.act("close-aim", { id: aim!.id, closed: false });
    expect(await now()).toMatchObject({ closedOn: null, outcome: null });
  });
});

describe("a day to come", () => {
  it("shows a proposal, keeps what is changed of it, and a past day shows none", async () => {
    const browser = await freshBrowser(day);
    const view = await browser.look("odalys");
    const { prepShown } = browser.planning;
    const free = "2026-12-31";
    const shown = prepShown(view, free, null, "p-then");
    expect(shown).toMatchObject({ kept: false, prep: { on: free } });
    expect(shown.prep!.items.length).toBeGreaterThan(0);
    await browser.act("plan-prep", {
      ...of(view),
      prep: shown.prep!,
      changes: { budget: 600 },
    });
    const kept = (await browser.look("odalys")).preps.find(({ on }) => on === free);
    expect(kept).toMatchObject({ budget: 600 });
    expect(prepShown(view, "2026-01-01", null, "p-was")).toEqual({ prep: null, kept: false });
  });
});

describe("a height that nobody said", () => {
  it("is the usual one until it is measured", async () => {
    const browser = await freshBrowser(day);
    const known = (await browser.look("odalys")).athlete;
    const { name, discipline, massKg, dominantSide, placeId, years } = known;
    const rest = { name, discipline, massKg, dominantSide, placeId, years };
    await browser.act("save-athlete", {
      id: "odalys",
      ...rest,
      ...asSaid({ bornOn: "2012-12-31", dayKnown: false }, null, day),
    });
    expect((await browser.look("odalys")).athlete).toMatchObject({
      assumed: ["height", "birthday"],
      statureCm: usualHeight(13),
    });
    await browser.act("save-measures", { athleteId: "odalys", measures: {}, statureCm: 171 });
    expect((await browser.look("odalys")).athlete).toMatchObject({
      assumed: ["birthday"],
      statureCm: 171,
    });
  });
});

describe("a log", () => {
  it("is kept as filled in, or refused with the part that cannot be right", async () => {
    const browser = await freshBrowser(day);
    const { logs } = await browser.look("odalys");
    const log = logs.at(-1)!;
    expect(await browser.act("save-log", { log: { ...log, note: "felt light" } })).toEqual({
      done: { kept: log.id },
    });
    expect((await browser.notebook()).get("log", log.id)!.note).toBe("felt light");
    expect(await browser.act("save-log", { log: { ...log, minutes: -3 } })).toMatchObject({
      refused: { why: "invalid", fields: [{ at: ["log", "minutes"] }] },
    });
    await browser.act("remove-log", { athleteId: "odalys", id: log.id });
    expect((await browser.notebook()).get("log", log.id)).toBeNull();
  });
});

describe("the view of an athlete", () => {
  it("is worked out once for the same state, and again after a change", async () => {
    const browser = await freshBrowser(day);
    const first = await browser.look("odalys");
    await (await browser.notebook()).settled();
    const settled = await browser.look("odalys");
    expect(await browser.look("odalys")).toBe(settled);
    await browser.act("archive-athlete", { id: "odalys", archived: true });
    expect(await browser.look("odalys")).not.toBe(first);
  });

  it("looks at the past as it was known, never at the future, and says when there is nobody", async () => {
    const browser = await freshBrowser(day);
    const then = await browser.look("odalys", "?day=2026-09-20");
    const now = await browser.look("odalys");
    expect(then.day).toBe("2026-09-20");
    expect(then.gaps[0]!.sides[0]!.checkedOn! <= "2026-09-20").toBe(true);
    expect(now.gaps[0]!.sides[0]!.checkedOn! > "2026-11-01").toBe(true);
    expect((await browser.look("odalys", "?day=2031-01-01")).day).toBe(day);
    expect((await browser.look("odalys", "?day=tomorrow")).day).toBe(day);
    await expect(browser.look("nobody")).rejects.toMatchObject({ status: 404 });
  });
});
