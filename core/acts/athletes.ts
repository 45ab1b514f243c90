import * as z from "zod";
import { Athlete } from "../records/athlete";
import { Place } from "../records/records";
import { does, gone, rule, type Outcome } from "./act";

const fields = Athlete.pick({
  name: true,
  discipline: true,
  bornOn: true,
  statureCm: true,
  massKg: true,
  dominantSide: true,
  placeId: true,
});

/** Keeps a new athlete, or what was edited of one. Answers with the identifier. */
const saveAthlete = rule({
  sent: fields.extend({ id: z.string().nullable() }),
  decide: (scene, { id, ...changed }): Outcome<{ id: string }> => {
    const known = id ? scene.get("athlete", id) : null;
    const athlete: Athlete = known
      ? { ...known, ...changed }
      : {
          kind: "athlete",
          id: scene.newId("athlete"),
          ...changed,
          measures: {},
          note: "",
          intake: null,
          clearances: [],
          absences: [],
          archived: false,
          schools: {},
          flagged: [],
          nextChosen: [],
        };
    return {
      does: { does: known ? "edit-athlete" : "add-athlete", name: athlete.name },
      put: [athlete],
      answer: { id: athlete.id },
    };
  },
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

const savePlace = rule({
  sent: Place.omit({ kind: true, id: true }).extend({ id: z.string().nullable() }),
  decide: (scene, { id, ...changed }) =>
    does({ does: "place", name: changed.name }, [
      { kind: "place", id: id ?? scene.newId("place"), ...changed },
    ]),
});

export const athleteActs = {
  "save-athlete": saveAthlete,
  "archive-athlete": archiveAthlete,
  "save-place": savePlace,
};
