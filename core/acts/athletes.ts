import * as z from "zod/mini";
import { withoutDefault } from "../records/without-default";
import { Athlete, newAthlete, Quota } from "../records/athlete";
import { keyOf, kinds, Place, type AnyRecord } from "../records/records";
import { JointId, MotionId } from "../body/motions";
import { OwnProfile } from "../body/profiles";
import { does, gone, Of, rule, type Outcome } from "./act";

const fields = z.pick(Athlete, {
  name: true,
  discipline: true,
  bornOn: true,
  statureCm: true,
  massKg: true,
  dominantSide: true,
  placeId: true,
  years: true,
  assumed: true,
});

/** Keeps a new athlete, or what was edited of one. Answers with the identifier. */
const saveAthlete = rule({
  sent: z.extend(fields, { id: z.nullable(z.string()) }),
  decide: (scene, { id, ...changed }): Outcome<{ id: string }> => {
    const known = id ? scene.get("athlete", id) : null;
    const athlete: Athlete = known
      ? { ...known, ...changed }
      : newAthlete(scene.newId("athlete"), changed);
    return {
      does: { does: known ? "edit-athlete" : "add-athlete", name: athlete.name },
      put: [athlete],
      answer: { id: athlete.id },
    };
  },
});

/** Adds everybody of a list, as one act. */
const addAthletes = rule({
  sent: z.object({ people: z.array(fields).check(z.minLength(1), z.maxLength(300)) }),
  decide: (scene, { people }): Outcome<null> =>
    does(
      { does: "add-athletes", count: people.length },
      people.map((one) => newAthlete(scene.newId("athlete"), one)),
    ),
});

const archiveAthlete = rule({
  sent: z.object({ id: z.string(), archived: z.boolean() }),
  decide: (scene, { id, archived }) => {
    const athlete = scene.get("athlete", id);
    return athlete
      ? does({ does: archived ? "archive" : "bring-back", name: athlete.name }, [
          { ...athlete, archived },
        ])
      : gone("athlete");
  },
});

/** Takes away an athlete with everything that is about him, for good: a file from elsewhere doesn't bring him back. */
const removeAthlete = rule({
  sent: z.object({ id: z.string() }),
  others: ({ id }) => [id],
  decide: (scene, { id: athleteId }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const own = kinds
      .filter((kind) => kind !== "athlete")
      .flatMap((kind) => scene.all(kind, athleteId) as readonly AnyRecord[])
      .filter((record) => "athleteId" in record && record.athleteId === athleteId);
    return does(
      { does: "remove-athlete", name: athlete.name },
      [],
      [...own, athlete].map((record) => keyOf(record)),
    );
  },
});

const savePlace = rule({
  sent: z.extend(z.omit(Place, { kind: true, id: true }), { id: z.nullable(z.string()) }),
  decide: (scene, { id, ...changed }) =>
    does({ does: "place", name: changed.name }, [
      { kind: "place", id: id ?? scene.newId("place"), ...changed },
    ]),
});

/** What is worked for beside the aims: joints, and how the body lives. */
const setLives = rule({
  sent: z.extend(Of, { areas: z.array(JointId), profiles: withoutDefault(Athlete.shape.profiles) }),
  decide: (scene, { athleteId, areas, profiles }) => {
    const athlete = scene.get("athlete", athleteId);
    return athlete
      ? does({ does: "set-lives" }, [
          { ...athlete, areas: [...new Set(areas)], profiles: [...new Set(profiles)] },
        ])
      : gone("athlete");
  },
});

/** Keeps a profile in the coach's own words, or what it asks anew; without motions it is taken away. */
const saveProfile = rule({
  sent: z.extend(Of, {
    name: OwnProfile.shape.name,
    motions: z.array(MotionId).check(z.maxLength(8)),
  }),
  decide: (scene, { athleteId, name, motions }) => {
    const { settings } = scene.situation(athleteId);
    const others = settings.profiles.filter((one) => one.name !== name);
    return does({ does: "save-profile", name }, [
      { ...settings, profiles: motions.length > 0 ? [...others, { name, motions }] : others },
    ]);
  },
});

/** A daily number of a drill, or none any more. */
const setQuota = rule({
  sent: z.extend(Of, { drillId: z.string(), reps: z.nullable(Quota.shape.reps) }),
  decide: (scene, { athleteId, drillId, reps }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const others = athlete.quotas.filter((one) => one.drillId !== drillId);
    return does({ does: "set-quota" }, [
      { ...athlete, quotas: reps === null ? others : [...others, { drillId, reps }] },
    ]);
  },
});

/** What is lifted elsewhere in a usual week; the whole list. */
const setLifts = rule({
  sent: z.extend(Of, { lifts: withoutDefault(Athlete.shape.lifts) }),
  decide: (scene, { athleteId, lifts }) => {
    const athlete = scene.get("athlete", athleteId);
    return athlete ? does({ does: "set-lifts" }, [{ ...athlete, lifts }]) : gone("athlete");
  },
});

export const athleteActs = {
  "set-lifts": setLifts,
  "save-profile": saveProfile,
  "set-quota": setQuota,
  "set-lives": setLives,
  "save-athlete": saveAthlete,
  "add-athletes": addAthletes,
  "archive-athlete": archiveAthlete,
  "remove-athlete": removeAthlete,
  "save-place": savePlace,
};
