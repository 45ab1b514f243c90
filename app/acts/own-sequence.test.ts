import { beforeEach, describe, expect, it } from "vitest";
import { loadOf } from "#core/doses/load";
import { readTyped } from "#core/prep/typed";
import { prepShown } from "#core/situation/planning";
import type { Prep } from "#core/records/records";
import { matcherOf } from "../parts/prep/match-drill";
import { freshBrowser, of } from "./test-notebook";

const day = "2026-11-24";
let browser: Awaited<ReturnType<typeof freshBrowser>>;
const text = "Wrist circles 10\nBand pull-aparts: palms up 30, palms down 20\nCat and camel 12";

/** The first prep of the day, laid as it was typed, and kept under a name. */
async function kept(name: string): Promise<{ own: Prep; prep: Prep }> {
  const view = await browser.look("odalys");
  const { prep } = prepShown(view, day, null, "p-own");
  const match = matcherOf(view.library);
  const matches = readTyped(text).map((line) =>
    line.is === "drill" ? (match(line.name)[0] ?? null) : null,
  );
  await browser.act("lay-sequence", { ...of(view), prep: prep!, text, matches });
  const laid = (await browser.notebook()).get("prep", prep!.id)!;
  await browser.act("keep-own-prep", { ...of(view), prep: laid, name });
  const after = await browser.look("odalys");
  return { own: after.ownPreps.find((one) => one.own === name)!, prep: laid };
}

beforeEach(async () => {
  browser = await freshBrowser(day);
});

describe("a session of the coach's own", () => {
  it("is kept for everybody, hangs on days, and comes to each at rungs that the gate lets through", async () => {
    const { own } = await kept("On the wall");
    await browser.act("share-own-prep", { athleteId: "odalys", ownId: own.id, with: [] });
    await browser.act("hang-own-prep", {
      athleteId: "odalys",
      ownId: own.id,
      standing: { kind: "warm-up", weekdays: [] },
    });
    expect((await browser.notebook()).get("prep", own.id)).toBeNull();
    for (const who of ["odalys", "kaito"]) {
      const view = await browser.look(who);
      const shared = view.ownPreps.find(({ id }) => id === own.id)!;
      expect(shared).toMatchObject({ own: "On the wall", athleteId: who });
      const slot = view.season?.slots.find(
        ({ id, kind, on }) =>
          kind === "warm-up" && on > day && !view.preps.some((one) => one.id === id),
      );
      const { prep } = prepShown({ ...view, today: slot!.on }, slot!.on, slot!.id, "new");
      expect(prep!.items.map(({ drillId }) => drillId)).toEqual(
        own.items.map(({ drillId }) => drillId),
      );
      expect(prep!.sequence).toBe(true);
    }
  });
  it("is kept for some, taken back to one, and removed for all", async () => {
    const { own } = await kept("Ours");
    const has = async (who: string) =>
      (await browser.look(who)).ownPreps.some(({ id }) => id === own.id);
    await browser.act("share-own-prep", { athleteId: "odalys", ownId: own.id, with: ["kaito"] });
    expect([await has("kaito"), await has("wren"), await has("odalys")]).toEqual([
      true,
      false,
      false,
    ]);
    await browser.act("share-own-prep", { athleteId: "kaito", ownId: own.id, with: null });
    expect([await has("kaito"), await has("wren")]).toEqual([true, false]);
    await browser.act("remove-own-prep", { athleteId: "kaito", ownId: own.id });
    expect(await has("kaito")).toBe(false);
  });
});

describe("what is said of a drill", () => {
  it("changes that drill and nothing else: pace, breathing, weight, parts", async () => {
    const { prep } = await kept("Said");
    const item = prep.items[1]!;
    expect(item).toMatchObject({ labels: ["palms up", "palms down"], amounts: [30, 20] });
    await browser.act("say-of-drill", {
      athleteId: "odalys",
      prep,
      itemId: item.id,
      said: { pace: "slow", breathing: "belly", kg: 2.5, band: "thin", amounts: [25, 25] },
    });
    const after = (await browser.notebook()).get("prep", prep.id)!;
    expect(after.items[1]).toMatchObject({ pace: "slow", breathing: "belly", amounts: [25, 25] });
    expect(loadOf(after.items[1]!.why)).toEqual({ kg: 2.5, band: "thin" });
    expect([after.items[0], after.items[2]]).toEqual([prep.items[0], prep.items[2]]);
    await browser.act("say-of-drill", {
      athleteId: "odalys",
      prep: after,
      itemId: item.id,
      said: { kg: null },
    });
    const bare = (await browser.notebook()).get("prep", prep.id)!;
    expect(loadOf(bare.items[1]!.why)).toEqual({ kg: null, band: "thin" });
  });
});

describe("a placement that is kept", () => {
  it("stands as what comes next, until the drill is logged", async () => {
    await browser.act("place-on", {
      athleteId: "kaito",
      placed: [{ drillId: "straddle-lifts", rungId: "in-front" }],
    });
    const view = await browser.look("kaito");
    expect(view.athlete.nextChosen).toContainEqual(
      expect.objectContaining({ drillId: "straddle-lifts", how: "changed", on: day }),
    );
  });
});
