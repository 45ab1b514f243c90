import { plusDays } from "../../core/dates/days";
import { newAthlete, type Athlete, type NextChosen } from "../../core/records/athlete";
import type { Aim, Place } from "../../core/records/records";
import type { Skill } from "../../core/content/skill";
import type { KitItem } from "../../core/drill/kit";
import { library } from "../../library/index";

export const today = "2026-11-24";

/** Somebody well and grown up, of whom nothing is known. */
export const person = (over: Partial<Athlete> = {}): Athlete => ({
  ...newAthlete("p", {
    name: "P",
    discipline: "",
    bornOn: "1996-03-15",
    statureCm: 168,
    massKg: 62,
    dominantSide: "right",
    placeId: "x",
    years: null,
  }),
  intake: {
    on: "2026-09-01",
    yes: [],
    where: [],
    note: "",
    growthSpurt: false,
    beighton: null,
    clearances: [],
  },
  ...over,
});

/** Ladders that a coach has said are climbed so many rungs, each where `some` says so. */
export const climbed = (
  level: number,
  how: NextChosen["how"],
  some: () => boolean = () => true,
): NextChosen[] =>
  level === 0
    ? []
    : library.drills.flatMap((drill): NextChosen[] => {
        const rung = drill.rungs[Math.min(level, drill.rungs.length - 1)]!;
        const dose = rung.session ?? rung.warmUp;
        return dose && some()
          ? [{ drillId: drill.id, rungId: rung.id, dose, how, why: "", on: plusDays(today, -1) }]
          : [];
      });

/** A place with this kit, and room for everything. */
export const placeOf = (kit: readonly KitItem[]): Place => ({
  kind: "place",
  id: "x",
  name: "x",
  kit: [...kit],
  bands: [],
  weights: [],
  space: "room",
  silent: false,
  noFloor: false,
  note: "",
});

/** An aim at a skill by a day. */
export const aimAtSkill = (skill: Skill, by: string): Aim => ({
  kind: "aim",
  id: "a",
  athleteId: "p",
  skillId: skill.id,
  quality: "clean",
  side: skill.sided ? "left" : "mid",
  by,
  since: "2026-09-01",
  closedOn: null,
  outcome: null,
  hips: "square",
  overrides: [],
  targets: [],
});
