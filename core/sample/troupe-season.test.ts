import { beforeAll, describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { rankedGaps } from "../limit/ranked-gaps";
import type { OpenAim } from "../aim/shared";
import { readFile, toFile } from "../exchange/file";
import type { AnyRecord } from "../records/records";
import { skillOf } from "../content/library";
import { painLocks } from "../safety/pain";
import { forecastAnswer } from "../forecast/forecast-answer";
import { forecastQuestions } from "../forecast/forecast-questions";
import { blockEnd, weekTerms } from "../schedule/block";
import { planBreaches, hardDaysDone } from "../schedule/plan-rules";
import { placeTermsOf } from "../schedule/terms-of";
import { aroundOf } from "../schedule/around-of";
import { daysBetween, plusDays } from "../dates/days";
import { troupeOn } from "../test/troupe";

const today = "2026-11-24";
type Kind = AnyRecord["kind"];
type Of<K extends Kind> = Extract<AnyRecord, { kind: K }>;
let troupe: AnyRecord[] = [];
const all = <K extends Kind>(kind: K) =>
  troupe.filter((record): record is Of<K> => record.kind === kind);

/** One performer as the season sees them. */
function sceneOf(id: string) {
  const own = <K extends "check" | "log" | "prep" | "aim" | "season" | "run">(kind: K) =>
    all(kind).filter((record) => (record as { athleteId: string }).athleteId === id);
  const athlete = all("athlete").find((one) => one.id === id)!;
  const [checks, logs, aims] = [own("check"), own("log"), own("aim")];
  const gapsOf = (aim: (typeof aims)[number]) =>
    rankedGaps({
      ...{ athlete, aim, skill: skillOf(library, aim.skillId)!, checks, logs, library },
      on: today,
    });
  const openAims = aims.map((aim): OpenAim => ({
    aim,
    name: skillOf(library, aim.skillId)!.name,
    gaps: gapsOf(aim),
  }));
  return {
    athlete,
    checks,
    logs,
    aims,
    openAims,
    preps: own("prep"),
    runs: own("run"),
    season: own("season")[0]!,
    locks: painLocks(athlete, logs, checks, library),
    library,
    today,
  };
}
const everybody = () => all("athlete").map(({ id }) => sceneOf(id));

beforeAll(() => {
  troupe = troupeOn(today);
}, 60_000);

describe("the troupe's season", () => {
  it("everybody has one, up to the first date, and it breaks no rule", () => {
    expect(everybody()).toHaveLength(6);
    for (const scene of everybody()) {
      const { season, logs, aims, athlete } = scene;
      expect(blockEnd(season) >= aims[0]!.by || season.weeks === 16, athlete.id).toBe(true);
      const found = planBreaches(season.slots, {
        ...aroundOf(scene, season),
        hardDone: hardDaysDone(logs, library),
      });
      expect(
        found.map(({ broken }) => broken),
        athlete.id,
      ).toEqual([]);
    }
  });

  it("nothing hangs on a day that is past or away, and every slot has a name of its own", () => {
    for (const { season, athlete } of everybody()) {
      expect(
        season.slots.every(({ on }) => on >= today),
        athlete.id,
      ).toBe(true);
      expect(new Set(season.slots.map(({ id }) => id)).size).toBe(season.slots.length);
    }
  });

  it("no session is for a joint that pain has shut", () => {
    const noor = sceneOf("noor");
    expect(noor.locks.map(({ place }) => place?.site)).toContain("thoracic");
    const joints = noor.season.slots.flatMap(({ focus }) => focus ?? []);
    expect(joints.length).toBeGreaterThan(5);
    expect(joints).not.toContain("thoracic");
  });

  it("each works toward what the aims lack most", () => {
    for (const scene of everybody()) {
      const wanted = new Set(placeTermsOf(scene, scene.season).purposes.map(({ joint }) => joint));
      for (const { focus } of scene.season.slots)
        if (focus) expect(wanted.has(focus), `${scene.athlete.id} ${focus}`).toBe(true);
    }
  });
});

describe("the stories, in figures", () => {
  it("a week ill takes what hung on it, and the next one began lower", () => {
    const scene = sceneOf("odalys");
    const [ill] = scene.athlete.absences;
    expect(ill).toMatchObject({ reason: "ill" });
    expect(scene.logs.some(({ on }) => on >= ill!.from && on <= ill!.to)).toBe(false);
    const after = plusDays(ill!.from, 7);
    const around = { ...aroundOf(scene, scene.season), today: after };
    expect(weekTerms(around, after).restart).toBe(true);
    expect(weekTerms(around, plusDays(after, 7)).restart).toBe(false);
  });

  it("a plateau: worked on in most weeks, and it does not move", () => {
    const scene = sceneOf("kaito");
    const { aim, gaps } = scene.openAims[0]!;
    const questions = forecastQuestions({
      ...scene,
      gaps,
      on: today,
      by: aim.by,
    });
    const ankle = questions.find(({ motion }) => motion === "ankle.dorsiflexion")!;
    const { plateau, checks } = forecastAnswer(ankle);
    expect(checks).toBeGreaterThanOrEqual(3);
    expect(ankle.done.filter((dose) => dose > 0).length).toBeGreaterThan(ankle.done.length / 2);
    expect(plateau!.stands).toBe(true);
  });

  it("a show soon: the last days before it hold nothing long", () => {
    const { season } = sceneOf("ilvar");
    const show = season.others
      .flatMap(({ monday, trainings }) =>
        trainings
          .filter(({ kind }) => kind === "show")
          .map(({ weekday }) => plusDays(monday, weekday)),
      )
      .sort()[0]!;
    expect(daysBetween(today, show)).toBeLessThanOrEqual(7);
    const near = season.slots.filter(
      ({ on, kind }) => kind === "mobility" && daysBetween(on, show) <= 2 && on <= show,
    );
    expect(near).toEqual([]);
  });

  it("every aim's date gets a likelihood, never nothing and never certainty", () => {
    for (const scene of everybody()) {
      const { aim, gaps } = scene.openAims[0]!;
      for (const question of forecastQuestions({
        ...scene,
        gaps,
        on: today,
        by: aim.by,
      })) {
        const { chance, onDate } = forecastAnswer(question);
        expect(chance).toBeGreaterThanOrEqual(0);
        expect(chance).toBeLessThanOrEqual(1);
        expect(onDate.high - onDate.low, `${scene.athlete.id} ${question.key}`).toBeGreaterThan(1);
      }
    }
  });
});

describe("the troupe in a file", () => {
  it("seasons come back as they were, with what was taken out and what a calendar held", () => {
    const season = {
      ...sceneOf("wren").season,
      out: [{ on: "2026-12-01", kind: "mobility" as const, starts: null }],
      written: sceneOf("wren")
        .season.slots.slice(0, 3)
        .map((slot) => ({ ...slot, calledOff: true })),
    };
    const records = troupe.map((record) =>
      record.kind === "season" && record.id === season.id ? season : record,
    );
    const read = readFile(JSON.stringify(toFile(records, `${today}T09:00:00.000Z`)));
    if ("refused" in read) throw new Error(read.refused.why);
    const back = read.records.filter(({ kind }) => kind === "season");
    expect(back).toHaveLength(6);
    expect(back).toContainEqual(season);
  });
});
