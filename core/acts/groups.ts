import * as z from "zod/mini";
import { ForGroup, givenTo } from "../aim/for-group";
import { Group } from "../records/groups";
import type { AnyRecord, Settings } from "../records/records";
import { plainSettings } from "../records/settings";
import { newAim } from "./aims";
import { does, gone, rule, type Outcome, type Scene } from "./act";

/** Keeps a group, new or changed; members that nobody knows are left out. Answers with the identifier. */
const saveGroup = rule({
  sent: z.extend(z.omit(Group, { kind: true, stamp: true, id: true }), {
    id: z.nullable(z.string()),
  }),
  decide: (scene, { id, ...fields }): Outcome<{ id: string }> => {
    const members = [...new Set(fields.members)].filter((one) => scene.get("athlete", one));
    const known = id ? scene.get("group", id) : null;
    if (id && !known) return gone("group");
    const group: Group = {
      ...(known ?? { kind: "group", id: scene.newId("group") }),
      ...fields,
      members,
    };
    return {
      does: { does: "group", name: group.name },
      put: [group],
      answer: { id: group.id },
    };
  },
});

/** Takes a group away; its athletes stay. */
const removeGroup = rule({
  sent: z.object({ id: z.string() }),
  decide: (scene, { id }) => {
    const group = scene.get("group", id);
    return group
      ? does({ does: "remove-group", name: group.name }, [], [`group/${id}`])
      : gone("group");
  },
});

/** In which order athletes stand, everywhere. */
const orderAthletes = rule({
  sent: z.object({
    by: z.enum(["name", "group", "hand"]),
    /** By hand: everybody as they are to stand; as it was where it is not sent. */
    hand: z.optional(z.array(z.string()).check(z.maxLength(1000))),
  }),
  decide: (scene, { by, hand }) => {
    const settings = scene.get("settings", "settings") ?? plainSettings;
    return does({ does: "order" }, [
      { ...settings, order: { by, hand: hand ?? settings.order.hand } },
    ]);
  },
});

/** Gives an aim, a place, ways of working, a session or the health questions to several, as one act. */
const giveGroup = rule({
  sent: z.object({
    who: z.array(z.string()).check(z.minLength(1), z.maxLength(200)),
    what: ForGroup,
  }),
  others: ({ who }) => who,
  decide: (scene, { who, what }): Outcome<{ given: number }> => {
    const settings = scene.get("settings", "settings") ?? plainSettings;
    const kept = what.gives === "sequence" ? sequenceOf(scene, settings, what.prepId) : null;
    if (what.gives === "sequence" && !kept) return gone("prep");
    if (what.gives === "aim" && what.by < scene.today)
      return { refused: { why: "aim-in-the-past" } };
    const receivers = who.filter((id) => {
      const athlete = scene.get("athlete", id);
      if (!athlete) return false;
      const { then } = givenTo(
        what,
        {
          athlete,
          aims: scene.all("aim", id),
          sequences: settings.shared
            .filter((one) => one.with.length === 0 || one.with.includes(id))
            .map(({ prep }) => prep.id),
        },
        scene.library,
        scene.today,
      );
      return then === "given" || then === "changed";
    });
    const put = kept
      ? [
          {
            ...settings,
            shared: [
              ...settings.shared.filter(({ prep }) => prep.id !== kept.prep.id),
              { prep: kept.prep, with: [...new Set([...kept.with, ...receivers])] },
            ],
          },
        ]
      : receivers.map((id) => receivedBy(scene, id, what));
    return {
      does: { does: "give-group", count: receivers.length },
      put: receivers.length > 0 ? put : [],
      // A session of one athlete alone becomes one of several.
      remove: kept?.own && receivers.length > 0 ? [`prep/${kept.prep.id}`] : [],
      answer: { given: receivers.length },
    };
  },
});

/** A session as it is kept for several: those it is kept for already, or the one whose own it was. */
function sequenceOf(
  scene: Scene,
  settings: Settings,
  prepId: string,
): (Settings["shared"][number] & { own?: true }) | null {
  const shared = settings.shared.find(({ prep }) => prep.id === prepId);
  if (shared) return shared;
  const prep = scene.get("prep", prepId);
  return prep?.own ? { prep, with: [prep.athleteId], own: true } : null;
}

/** What an athlete's record becomes, or the aim that is added or changed. */
function receivedBy(scene: Scene, id: string, what: ForGroup): AnyRecord {
  const athlete = scene.get("athlete", id)!;
  switch (what.gives) {
    case "aim": {
      const { skillId, quality, side, by, hips } = what;
      const known = scene
        .all("aim", id)
        .find((aim) => !aim.closedOn && aim.skillId === skillId && aim.side === side);
      return known ? { ...known, quality, by, hips } : newAim(scene, id, what);
    }
    case "place":
      return { ...athlete, placeId: what.placeId };
    case "schools":
      return { ...athlete, schools: { ...athlete.schools, ...what.schools } };
    case "intake":
      return { ...athlete, intakeAsked: scene.today };
    case "sequence":
      return athlete;
  }
}

export const groupActs = {
  "save-group": saveGroup,
  "remove-group": removeGroup,
  "order-athletes": orderAthletes,
  "give-group": giveGroup,
};
