import type { SportId } from "../../core/body/sports";
import type { JointId, MotionId } from "../../core/body/motions";
import type { KitItem } from "../../core/drill/kit";
import { usualPlaces } from "../../library/usual-places";

/** A session that somebody would ask for, and how far that person is on the ladders it takes. */
export type Ask = {
  title: string;
  who: string;
  format: string;
  minutes: number;
  skill: string | null;
  sport: SportId | null;
  kit: readonly KitItem[];
  flagged?: readonly JointId[];
  /** Rungs up on every ladder, beyond the first. */
  level: number;
  /** Motions measured short, by degrees. */
  short?: readonly [MotionId, number][];
  ramp?: { drillId: string; rungId: string };
  age?: number;
  /** The minutes it is cut to on the floor, and after how many seconds. */
  then?: { minutes: number; after: number };
};

const kitOf = (name: string): readonly KitItem[] =>
  usualPlaces.find((place) => place.name === name)!.kit;

/** The twelve sessions that are printed in full and read by a person. */
export const twelve: readonly Ask[] = [
  {
    title: "Fifteen minutes before handstands",
    who: "a hand-balancer of some years, in the hall",
    format: "warm-up",
    minutes: 15,
    skill: "handstand",
    sport: "hand-balance",
    kit: kitOf("Hall"),
    level: 2,
    short: [
      ["shoulder.flexion", 8],
      ["thoracic.extension", 4],
    ],
  },
  {
    title: "Thirty minutes for a front split",
    who: "a dancer at home, 20 cm off the floor",
    format: "mobility",
    minutes: 30,
    skill: "front-split",
    sport: "dance",
    kit: [...kitOf("Home"), "block"],
    level: 1,
    short: [
      ["hip.flexion-straight", 12],
      ["hip.extension", 10],
    ],
  },
  {
    title: "Ten minutes before climbing, hands on the way",
    who: "a climber at the wall",
    format: "four-stages",
    minutes: 10,
    skill: "high-foothold",
    sport: "climbing",
    kit: kitOf("Climbing wall"),
    level: 1,
  },
  {
    title: "Twenty minutes for an elbow",
    who: "a climber with a sore elbow, at home with a weight and a band",
    format: "issue-prep",
    minutes: 20,
    skill: null,
    sport: "climbing",
    kit: [...kitOf("Home"), "band", "weight", "ball"],
    flagged: ["elbow"],
    level: 0,
  },
  {
    title: "Eight by the clock, then “five now”",
    who: "a group before tumbling, a mat's space",
    format: "clocked-families",
    minutes: 8,
    skill: "everyday-joints",
    sport: null,
    kit: kitOf("Nothing at all"),
    level: 1,
    then: { minutes: 5, after: 90 },
  },
  {
    title: "Forty-five minutes for a pancake",
    who: "a gymnast in the hall",
    format: "mobility",
    minutes: 45,
    skill: "pancake",
    sport: "gymnastics",
    kit: kitOf("Hall"),
    level: 1,
    short: [
      ["hip.straddle", 15],
      ["hip.flexion-straight", 8],
    ],
  },
  {
    title: "Morning circles of every joint",
    who: "anybody, before breakfast",
    format: "daily-circles",
    minutes: 8,
    skill: null,
    sport: null,
    kit: kitOf("Home"),
    level: 0,
  },
  {
    title: "Five minutes when travelling, without kit",
    who: "somebody who aims at a deep squat, in a hotel room",
    format: "warm-up",
    minutes: 5,
    skill: "deep-squat",
    sport: "desk",
    kit: [],
    level: 1,
  },
  {
    title: "Five segments",
    who: "a dance class, each on the own mat",
    format: "five-segments",
    minutes: 40,
    skill: "leg-side",
    sport: "dance",
    kit: kitOf("Travel"),
    level: 1,
  },
  {
    title: "A pull-up ramp with bands",
    who: "a bodyweight athlete, feet still helping",
    format: "general-specific",
    minutes: 20,
    skill: "behind-back-hang",
    sport: "calisthenics",
    kit: kitOf("Hall"),
    level: 2,
    ramp: { drillId: "pull-ramp", rungId: "feet-down" },
  },
  {
    title: "Wrists for a beginner",
    who: "somebody new to weight on the hands",
    format: "issue-prep",
    minutes: 10,
    skill: null,
    sport: null,
    kit: kitOf("Nothing at all"),
    flagged: ["wrist"],
    level: 0,
  },
  {
    title: "A pre-pointe set",
    who: "a dancer of thirteen, twice a week",
    format: "conditioning",
    minutes: 20,
    skill: "full-pointe",
    sport: "dance",
    kit: ["wall", "mat", "chair", "loop-band", "band", "ball", "towel"],
    level: 0,
    age: 13,
  },
];
