import { blockFor } from "../schedule/block";
import type { PlaceTerms } from "../schedule/place-model";
import type { Season, Training } from "../records/training";

export const training = (
  weekday: number,
  kind: Training["kind"],
  starts = "17:00",
  minutes = 90,
): Training => ({ weekday, kind, starts, minutes, placeId: null });

/** A week of skill on Monday and Thursday, strength on Tuesday and Friday, class on Saturday, rest on Sunday. */
export const usualWeek: Training[] = [
  training(0, "skill"),
  training(1, "strength"),
  training(3, "skill"),
  training(4, "strength"),
  training(5, "class", "10:00"),
  training(6, "rest", "00:00", 0),
];

/** A season for tests, begun on Monday 23 November 2026. */
export const season = (over: Partial<Season> = {}): Season => ({
  kind: "season",
  id: "season-a1",
  athleteId: "a1",
  ...blockFor("2026-11-24", "2027-01-16"),
  usual: usualWeek,
  others: [],
  lighterEvery: 4,
  lighter: [],
  warmUp: 15,
  issue: 10,
  mobility: { perWeek: 3, minutes: 30 },
  conditioning: { perWeek: 2, minutes: 15 },
  fillers: 2,
  circles: { minutes: 5, at: "07:30" },
  ownTime: "18:00",
  most: 75,
  shares: [],
  out: [],
  slots: [],
  written: [],
  ...over,
});

/** What a season is placed from, in tests. */
export const placeTerms = (over: Partial<PlaceTerms> = {}): PlaceTerms => ({
  season: season(),
  absences: [],
  aims: [{ id: "aim1", by: "2027-01-16" }],
  logs: [],
  today: "2026-11-24",
  purposes: [{ aimId: "aim1", joint: "hip", share: 1 }],
  flagged: [],
  home: null,
  settled: new Set(),
  done: new Set(),
  hardDone: new Map(),
  ...over,
});
