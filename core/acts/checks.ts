import * as z from "zod/mini";
import { withoutDefault } from "../records/without-default";
import { protocolOf } from "../content/library";
import { entryNotes } from "../measure/entry";
import { Athlete } from "../records/athlete";
import { Check, Photo, Settings } from "../records/records";
import { plainSettings } from "../records/settings";
import { does, gone, Of, rule, type Outcome, type Scene } from "./act";
import type { Refusal } from "./refusal";

/** A check as it is sent. Its numbers are judged by its own bounds, which are told. */
const Taken = z.extend(
  z.omit(Check, {
    kind: true,
    stamp: true,
    id: true,
    athleteId: true,
    on: true,
    at: true,
  }),
  { trials: z.array(z.number()).check(z.maxLength(9)) },
);
type Taken = z.infer<typeof Taken>;

/** What the check of a reading refuses: no number, impossible, or no pain number. Null where it can be kept. */
function refusalOf(
  scene: Scene,
  { protocolId, side, trials, pain, instrument }: Taken,
): Refusal | null {
  const protocol = protocolOf(scene.library, protocolId);
  // Without its check, or stopped by pain before a reading, there is nothing to judge by.
  if (!protocol || trials.length === 0) return null;
  const note = entryNotes({ trials, pain, instrument }, protocol).find(
    ({ level }) => level === "refused",
  );
  return note ? { why: "reading", protocolId, side, note } : null;
}

/** Keeps a round of checks as one change, dated today; remembers who measured and in which unit lengths were typed. */
const saveRound = rule({
  sent: z.extend(Of, {
    checks: z.array(Taken).check(z.minLength(1)),
    length: Settings.shape.length,
  }),
  decide: (scene, { athleteId, checks, length }): Outcome<{ kept: number }> => {
    for (const check of checks) {
      const refused = refusalOf(scene, check);
      if (refused) return { refused };
    }
    const settings = scene.get("settings", "settings") ?? plainSettings;
    const { tester } = checks[0]!;
    const same = tester === settings.tester && length === settings.length;
    return {
      does: { does: "checks", count: checks.length },
      put: [
        ...checks.map((check): Check => ({
          kind: "check",
          id: scene.newId("check"),
          athleteId,
          on: scene.today,
          at: scene.moment,
          ...check,
        })),
        ...(same ? [] : [{ ...settings, tester, length }]),
      ],
      answer: { kept: checks.length },
    };
  },
});

/** Keeps what was read down a whole line of athletes as one change, dated today. */
const saveHallRound = rule({
  sent: z.object({
    checks: z
      .array(z.extend(Taken, { athleteId: z.string() }))
      .check(z.minLength(1), z.maxLength(2000)),
  }),
  others: ({ checks }) => [...new Set(checks.map(({ athleteId }) => athleteId))],
  decide: (scene, { checks }): Outcome<{ kept: number }> => {
    for (const check of checks) {
      if (!scene.get("athlete", check.athleteId)) return gone("athlete");
      const refused = refusalOf(scene, check);
      if (refused) return { refused };
    }
    const settings = scene.get("settings", "settings") ?? plainSettings;
    const { tester } = checks[0]!;
    return {
      does: { does: "checks", count: checks.length },
      put: [
        ...checks.map((check): Check => ({
          kind: "check",
          id: scene.newId("check"),
          on: scene.today,
          at: scene.moment,
          ...check,
        })),
        ...(tester === settings.tester ? [] : [{ ...settings, tester }]),
      ],
      answer: { kept: checks.length },
    };
  },
});

/** The moment of a check of which only the day is known: noon. */
const noonOf = (on: string): string => `${on}T12:00:00.000Z`;

/** What tells one reading of a day from another. */
const readingName = ({
  athleteId,
  protocolId,
  side,
  mode,
  on,
  trials,
}: Pick<Check, "athleteId" | "protocolId" | "side" | "mode" | "on" | "trials">): string =>
  [athleteId, protocolId, side, mode, on, trials.join(" ")].join("|");

/**
 * Takes over checks of a coach's own table, of any day up to today, as one change. What the notebook has already (the same
 * reading of the same day) is left out. Answers with how many were kept.
 */
const takeTable = rule({
  sent: z.object({
    checks: z
      .array(z.extend(Taken, { athleteId: z.string(), on: Check.shape.on }))
      .check(z.minLength(1), z.maxLength(20_000)),
  }),
  others: ({ checks }) => [...new Set(checks.map(({ athleteId }) => athleteId))],
  decide: (scene, { checks }): Outcome<{ kept: number }> => {
    const fresh: Check[] = [];
    const there = new Set<string>();
    for (const id of new Set(checks.map(({ athleteId }) => athleteId))) {
      if (!scene.get("athlete", id)) return gone("athlete");
      for (const known of scene.all("check", id)) there.add(readingName(known));
    }
    for (const check of checks) {
      const refused = refusalOf(scene, check);
      if (refused) return { refused };
      const name = readingName(check);
      if (check.on > scene.today || there.has(name)) continue;
      there.add(name);
      fresh.push({ kind: "check", id: scene.newId("check"), at: noonOf(check.on), ...check });
    }
    return {
      does: { does: "checks", count: fresh.length },
      put: fresh,
      answer: { kept: fresh.length },
    };
  },
});

/** So many earlier states of a check are kept. */
const mostMends = 20;

/**
 * Mends a kept check: its numbers, its side, or whose it is. What it was stays with it; the day it was read stays too.
 * A check that goes to another athlete is that athlete's own record from then on.
 */
const mendCheck = rule({
  sent: z.object({
    id: z.string(),
    /** Whose it is. */
    owner: z.string(),
    to: z.string(),
    ...z.pick(Check, { side: true, pain: true, note: true }).shape,
    trials: z.array(z.number()).check(z.maxLength(9)),
  }),
  others: ({ owner, to }) => [owner, to],
  decide: (scene, { id, to, side, trials, pain, note }) => {
    const check = scene.get("check", id);
    if (!check) return gone("check");
    if (!scene.get("athlete", to)) return gone("athlete");
    const read = check.trials.join() === trials.join();
    const mended: Check = {
      ...check,
      athleteId: to,
      side,
      trials,
      pain,
      note,
      typed: read ? check.typed : null,
      ownError: read ? check.ownError : 0,
      was: [
        ...(check.was ?? []),
        {
          until: scene.moment,
          athleteId: check.athleteId,
          side: check.side,
          trials: check.trials,
          pain: check.pain,
          note: check.note,
        },
      ].slice(-mostMends),
    };
    const refused = refusalOf(scene, mended);
    if (refused) return { refused };
    return to === check.athleteId
      ? does({ does: "mend-check" }, [mended])
      : does({ does: "mend-check" }, [{ ...mended, id: scene.newId("check") }], [`check/${id}`]);
  },
});

const removeCheck = rule({
  sent: z.object({ id: z.string() }),
  decide: (scene, { id }) =>
    scene.get("check", id) ? does({ does: "remove-check" }, [], [`check/${id}`]) : gone("check"),
});

/** Keeps the width of the athlete's own finger. */
const saveFinger = rule({
  sent: z.extend(Of, { fingerCm: z.number().check(z.minimum(1), z.maximum(3)) }),
  decide: (scene, { athleteId, fingerCm }) => {
    const athlete = scene.get("athlete", athleteId);
    return athlete
      ? does({ does: "finger" }, [{ ...athlete, measures: { ...athlete.measures, fingerCm } }])
      : gone("athlete");
  },
});

/** Keeps the athlete's own segment lengths, cm; what is left out goes back to the proportions of the stature. */
const saveMeasures = rule({
  sent: z.extend(Of, {
    measures: Athlete.shape.measures,
    /** The height, where it was measured too. */
    statureCm: z.optional(Athlete.shape.statureCm),
  }),
  decide: (scene, { athleteId, measures, statureCm }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const tall =
      statureCm === undefined
        ? {}
        : { statureCm, assumed: athlete.assumed.filter((one) => one !== "height") };
    return does({ does: "measures" }, [{ ...athlete, measures, ...tall }]);
  },
});

/** Keeps the allowance and leg length that fit the split's model to the tape, cm; null takes them away. */
const saveAllowance = rule({
  sent: z.extend(Of, {
    pelvisCm: z.nullable(z.number().check(z.minimum(-40), z.maximum(40))),
    legCm: z.nullable(z.number().check(z.minimum(40), z.maximum(130))),
  }),
  decide: (scene, { athleteId, pelvisCm, legCm }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const measures = { ...athlete.measures };
    delete measures.pelvisCm;
    delete measures.fittedLegCm;
    const fitted = {
      ...measures,
      ...(pelvisCm === null ? {} : { pelvisCm }),
      ...(legCm === null ? {} : { fittedLegCm: legCm }),
    };
    return does({ does: "fit-model" }, [{ ...athlete, measures: fitted }]);
  },
});

/** Keeps the user's own pointing error on photographs; null goes back to the usual one. */
const savePointing = rule({
  sent: z.object({ pointing: withoutDefault(Settings.shape.pointing) }),
  decide: (scene, { pointing }) =>
    does({ does: "pointing" }, [
      { ...(scene.get("settings", "settings") ?? plainSettings), pointing },
    ]),
});

/** Keeps a photograph that angles were read from, because the user said so. */
const savePhoto = rule({
  sent: z.extend(Of, { photo: z.omit(Photo, { kind: true, id: true, athleteId: true, on: true }) }),
  decide: (scene, { athleteId, photo }) =>
    does({ does: "keep-photo" }, [
      { kind: "photo", id: scene.newId("photo"), athleteId, on: scene.today, ...photo },
    ]),
});

const removePhoto = rule({
  sent: z.object({ id: z.string() }),
  decide: (scene, { id }) =>
    scene.get("photo", id) ? does({ does: "remove-photo" }, [], [`photo/${id}`]) : gone("photo"),
});

export const checkActs = {
  "save-round": saveRound,
  "save-hall-round": saveHallRound,
  "take-table": takeTable,
  "mend-check": mendCheck,
  "remove-check": removeCheck,
  "save-finger": saveFinger,
  "save-measures": saveMeasures,
  "fit-model": saveAllowance,
  "save-pointing": savePointing,
  "save-photo": savePhoto,
  "remove-photo": removePhoto,
};
