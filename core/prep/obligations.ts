import { complaintRows } from "../body/complaints";
import { motionOf } from "../body/motions";
import type { Drill, DrillKind, Rung } from "../drill/drill";
import { drillOf } from "../content/library";
import { musclesOf } from "../exposure/muscles";
import type { PrepItem } from "../records/records";
import { handsBefore, readies, readyAfter, unreadyParts, type HandsReady } from "./hands-first";
import { indexes, type Cover, type Model, type ModelTerms, type Option } from "./model";
import { drawnFor } from "./eligible";
import { everydayJoints, isReady, mainly, mainlyFor, movesTrunk } from "./mainly";
import { isMovement, rankOf } from "./order";

/** How many seconds of the largest need each obligation is worth. Working figures. */
const worth = {
  hands: 1200,
  complaint: 600,
  part: 200,
  plane: 120,
  limit: 150,
  ends: 150,
  needed: 220,
  joint: 40,
  circled: 120,
} as const;

/** So many of the chief limits get every kind of work in a session of their own. */
export const chiefLimits = 2;
/** Seconds of a session below which its limits do not each get everything. */
const roomForLimits = 1200;

const isLoose = ({ kind }: Drill): boolean => kind === "circles" || kind === "dynamic";

/** What a complaint gets beside its strength: soft tissue, and mobility. */
const complaintParts: { name: string; kinds: readonly DrillKind[] }[] = [
  { name: "soft tissue", kinds: ["soft-tissue"] },
  { name: "mobility", kinds: ["circles", "dynamic"] },
];
const strengthKinds: readonly DrillKind[] = ["strength", "active"];
/** What each chief limit gets. */
const limitKinds: readonly DrillKind[] = ["active", "static", "contract-relax"];

/** What must be in the prep, as far as there is anything for it; what fixed items already give is not asked again. */
export function coversOf(options: readonly Option[], terms: ModelTerms, top: number): Cover[] {
  const { format, flagged = [], fixed, library, whole } = terms;
  const there = fixed.flatMap((item) => {
    const drill = drillOf(library, item.drillId);
    return drill ? [{ drill, item }] : [];
  });
  const covers: Cover[] = [];
  const add = (
    name: string,
    bonus: number,
    test: (drill: Drill, at: Option | PrepItem) => boolean,
    upTo = 1,
  ) => {
    const left = upTo - there.filter(({ drill, item }) => test(drill, item)).length;
    const by = indexes(options, (option) => test(option.drill, option));
    if (left > 0 && by.length > 0) covers.push({ name, bonus: bonus * top, by, upTo: left });
  };
  if (terms.loadsHands)
    add(
      "wrists",
      worth.hands,
      (drill, at) => drill.preparesHands && (!("levels" in at) || readiesFor(at, beforeHandstand)),
    );
  if (format.kind === "issue")
    for (const joint of flagged) {
      const { tissues, strengthen } = complaintRows[joint];
      for (const { name, kinds } of complaintParts)
        add(
          `${joint}:${name}`,
          worth.complaint,
          (drill) => kinds.includes(drill.kind) && mainlyFor(drill, tissues),
        );
      for (const { name, motions } of strengthen) {
        // Lifting against something, where there is a drill of it; else its own strength.
        const kinds = options.some(
          ({ drill }) => drill.kind === "strength" && mainlyFor(drill, motions),
        )
          ? strengthKinds.slice(0, 1)
          : strengthKinds;
        add(
          `${joint}:${name}`,
          worth.complaint,
          (drill) => kinds.includes(drill.kind) && mainlyFor(drill, motions),
        );
      }
    }
  for (const segment of format.segments)
    if (segment.fewest > 0)
      add(
        segment.name,
        worth.part,
        (_, at) =>
          "levels" in at
            ? at.segment === segment &&
              drawnFor(at.drill, segment, terms) &&
              (isAsked(at.drill, terms) || segment.outside)
            : at.phase === segment.phase && (at.segment === segment.name || at.segment === ""),
        segment.outside ? segment.fewest : fewestIn(segment.fewest, whole),
      );
  if (format.planes)
    for (const plane of ["sagittal", "frontal", "transverse"] as const)
      add(
        `${plane} plane`,
        worth.plane,
        (drill) => isLoose(drill) && drill.planes.includes(plane) && movesTrunk(drill),
      );
  if (format.limits && whole >= roomForLimits)
    for (const { motion } of terms.needs.slice(0, chiefLimits))
      for (const kind of limitKinds)
        add(
          `${motion} ${kind}`,
          worth.limit,
          (drill) => drill.kind === kind && mainlyFor(drill, [motion]),
        );
  if (format.limits && whole >= roomForLimits)
    add(
      "the shape, held",
      worth.limit,
      (drill, at) => drill.kind === "skill" && at.dose.type === "hold",
    );
  if (format.ends === "ready")
    add("ends ready", worth.ends, (drill, at) =>
      "levels" in at
        ? (at.segment.phase === "own" || at.segment.phase === "use") && isReady(drill, at.rung)
        : at.phase === "use",
    );
  if (format.kind === "warm-up" || format.kind === "circles")
    for (const joint of new Set(terms.needs.map(({ motion }) => motionOf(motion).joint)))
      add(`${joint} circled`, worth.needed, (drill) => isLoose(drill) && mainly(drill, joint));
  if (format.kind === "circles" || format.segments.some(({ from }) => from === "whole-body"))
    for (const joint of format.kind === "circles"
      ? [...everydayJoints, ...theRest]
      : everydayJoints)
      add(
        `${joint} moved`,
        format.kind === "circles" ? worth.circled : worth.joint,
        (drill) => isLoose(drill) && mainly(drill, joint),
      );
  return covers;
}

/** The joints that a round of every joint has beside. */
const theRest = ["wrist", "elbow", "fingers"] as const;

/** What only readies the hands is no part of a warm-up that nothing of it bears on. */
const isAsked = ({ preparesHands }: Drill, { loadsHands, format, needs }: ModelTerms): boolean =>
  !preparesHands ||
  loadsHands ||
  format.serves === "every-joint" ||
  format.kind !== "warm-up" ||
  needs.some(({ motion }) => motionOf(motion).joint === "wrist");

/** Few minutes hold fewer of them: one for every ninety seconds. */
const fewestIn = (fewest: number, whole: number): number =>
  Math.max(1, Math.min(fewest, Math.floor(whole / 90) - 1));

export function needsOneOf(
  options: readonly Option[],
  { format, fixed, library }: ModelTerms,
): Model["needsOne"] {
  const there = fixed.flatMap(({ drillId }) => drillOf(library, drillId) ?? []);
  const segmentOf = (item: PrepItem): number =>
    format.segments.findIndex(
      ({ name, phase }) => phase === item.phase && (item.segment === "" || name === item.segment),
    );
  // What prepares the hands by itself stands first among its like; the rest may come later.
  const readyBefore = ({ segment, drill }: Option) =>
    readyAfter(
      fixed.filter((item) => {
        const own = drillOf(library, item.drillId);
        const [at, here] = [segmentOf(item), format.segments.indexOf(segment)];
        return own?.preparesHands && (at < here || (at === here && rankOf(own) <= rankOf(drill)));
      }),
      library,
    );
  const moves =
    there.some(isMovement) && fixed.some(({ phase }) => phase === "own" || phase === "use");
  return options.flatMap((option, i) => {
    const rules: Model["needsOne"] = [];
    const need = (test: (other: Option, j: number) => boolean) =>
      rules.push({ option: i, anyOf: options.flatMap((other, j) => (test(other, j) ? [j] : [])) });
    const asked = handsBefore(option.drill, option.rung);
    if (unreadyParts(readyBefore(option), asked).length > 0)
      need((other, j) => j < i && readiesFor(other, asked));
    if (format.doses === "warm-up" && option.drill.kind === "static" && !moves)
      need((other, j) => j > i && isMovement(other.drill));
    if (format.contracted && isStretch(option.drill))
      need((other, j) => j < i && contracts(other, option));
    if (format.contracted && option.drill.kind === "strength")
      need((other, j) => j > i && isStretch(other.drill) && contracts(option, other));
    return rules;
  });
}

const isStretch = ({ kind }: Drill): boolean => kind === "static" || kind === "contract-relax";

/** What an aim on the hands asks of them, whatever else is chosen. */
const beforeHandstand: HandsReady = { wrist: 20, forearm: 12, fingers: 10 };

/** The lightest dose of an option works the hands enough for what is asked. */
const readiesFor = ({ drill, rung, levels }: Option, asked: HandsReady): boolean =>
  levels.length > 0 && unreadyParts(readies(drill, rung, levels[0]!.dose), asked).length === 0;

type OnRung = { drill: Drill; rung: Rung };

/** The first shortens a muscle under load that the second stretches. */
export function contracts(work: OnRung, stretch: OnRung): boolean {
  if (work.drill.kind !== "strength") return false;
  const { contracts: worked } = musclesOf(work.drill, work.rung);
  const { stretches } = musclesOf(stretch.drill, stretch.rung);
  return worked.some((muscle) => stretches.includes(muscle));
}
