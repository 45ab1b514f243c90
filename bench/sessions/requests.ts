import { sportIds, sportRows, type SportId } from "../../core/body/sports";
import { JointId } from "../../core/body/motions";
import { plusDays } from "../../core/dates/days";
import { gapOf } from "../../core/aim/gap";
import { needsOf } from "../../core/aim/priority";
import type { Athlete } from "../../core/records/athlete";
import type { Aim, Check } from "../../core/records/records";
import { blankPrep } from "../../core/prep/blank";
import { requestFor } from "../../core/prep/request";
import type { PlanRequest } from "../../core/prep/plan";
import { bodyToday } from "../../core/safety/body-today";
import { diceOf, type Dice } from "../../core/stats/dice";
import { library } from "../../library/index";
import { usualPlaces } from "../../library/usual-places";
import { aimAtSkill, climbed, person, placeOf, today } from "./person";

export type SessionRequest = {
  seed: number;
  name: string;
  sport: SportId | null;
  request: PlanRequest;
};

const pick = <T>(dice: Dice, list: readonly T[]): T => list[Math.floor(dice.unit() * list.length)]!;

/** Nobody asks for more than so many times a format's usual minutes. */
const longestAsked = 2;

/** Somebody well, whose coach has said how far each ladder is climbed: nobody, some of it, or most of it. */
function athleteBy(dice: Dice, sport: SportId | null): Athlete {
  const level = Math.floor(dice.unit() * 3);
  return person({
    discipline: sport ? sportRows[sport].words[0]! : "",
    nextChosen: climbed(level, "changed", () => dice.unit() < 0.7),
  });
}

/** Checks of the aim's demands: each measured with some chance, and somewhere between far short and clear. */
function checksBy(dice: Dice, aim: Aim, share: number): Check[] {
  const skill = library.skills.find(({ id }) => id === aim.skillId)!;
  return skill.demands.flatMap(({ motion, mode, clean }): Check[] => {
    const protocol = library.protocols.find(
      (one) => one.motion === motion && one.modes.includes(mode),
    );
    if (!protocol || dice.unit() > share) return [];
    const sides = protocol.sided ? (["left", "right"] as const) : (["mid"] as const);
    return sides.map((side, n) => {
      const degrees = clean * (0.7 + 0.4 * dice.unit());
      return {
        kind: "check",
        id: `${protocol.id}${n}`,
        athleteId: "p",
        protocolId: protocol.id,
        protocolVersion: 1,
        side,
        mode,
        temperature: "warm",
        instrument: protocol.instruments[0]!.id,
        tester: "T",
        on: "2026-11-20",
        at: "2026-11-20T10:00:00Z",
        trials: [degrees],
        typed: null,
        ownError: 0,
        pain: 0,
        painAt: null,
        painKind: null,
        seen: [],
        read: "",
        note: "",
      };
    });
  });
}

/** What somebody asks for: the same seed is the same request. */
export function sessionRequest(seed: number): SessionRequest {
  const dice = diceOf(seed);
  const format = library.formats[seed % library.formats.length]!;
  const skill = pick(dice, library.skills);
  const sport = dice.unit() < 0.5 ? pick(dice, sportIds) : null;
  const usual = pick(dice, usualPlaces);
  const place = placeOf(dice.unit() < 0.2 ? [] : usual.kit);
  const most = format.minutes * longestAsked;
  const minutes = pick(
    dice,
    [3, 5, 8, 10, 12, 15, 20, 25, 30, 40, 45, 60].filter((one) => one <= most),
  );
  const flagged = format.kind === "issue" ? [pick(dice, JointId.options)] : [];
  const athlete = athleteBy(dice, sport);
  const aim = aimAtSkill(skill, plusDays(today, 20 + Math.floor(dice.unit() * 100)));
  const checks = checksBy(dice, aim, pick(dice, [0, 0.6, 1]));
  const ramps = library.drills.filter(({ id }) => id.endsWith("-ramp"));
  const ramp = pick(dice, ramps);
  const prep = blankPrep({
    id: "prep",
    athleteId: "p",
    session: format.doses,
    format: format.id,
    on: today,
    budget: minutes * 60,
    alreadyWarm: false,
    handOver: Math.min(format.handOver, Math.floor(minutes * 12)),
    flagged,
    ...(format.ramp ? { ramp: { drillId: ramp.id, rungId: ramp.rungs.at(-2)!.id } } : {}),
  });
  const request = requestFor({
    prep,
    athlete,
    library,
    needs: needsOf(gapOf({ athlete, aim, skill, checks, library }), 60),
    skills: [skill.id],
    place,
    body: bodyToday(athlete, { logs: [], checks, library }, today),
    logs: [],
    days: [],
    preps: [],
    coach: {},
  });
  return {
    seed,
    name: `${format.id} ${minutes} min, ${skill.id}, ${usual.name}${sport ? `, ${sport}` : ""}${flagged.length ? `, ${flagged[0]}` : ""}`,
    sport,
    request,
  };
}
