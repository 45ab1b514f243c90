import { muscleIds, muscleOf, type MuscleId } from "../body/muscles";
import { atRung, type Drill, type Rung } from "../drill/drill";
import { doesOf, onPurpose } from "./does";

/** What a rung contracts, lengthens, and carries weight through; a muscle may stand in more than one. */
export type MusclesOf = { contracts: MuscleId[]; stretches: MuscleId[]; loads: MuscleId[] };

const works = ["active", "strength", "skill", "pulse"];
const lengthens = ["static", "contract-relax", "dynamic", "skill"];

const known = new WeakMap<Drill, Map<Rung, MusclesOf>>();

/** The muscles of a rung, by the motions it serves and what it does to the body. */
export function musclesOf(drill: Drill, rung: Rung): MusclesOf {
  let rungs = known.get(drill);
  if (!rungs) known.set(drill, (rungs = new Map()));
  let found = rungs.get(rung);
  if (!found) rungs.set(rung, (found = musclesRead(drill, rung)));
  return found;
}

function musclesRead(drill: Drill, rung: Rung): MusclesOf {
  const motions = atRung(drill, rung)
    .serves.filter(({ share }) => share >= onPurpose)
    .map(({ motion }) => motion);
  const { exposes } = doesOf(drill, rung);
  const making = muscleIds.filter(
    (id) => drill.works.includes(id) || muscleOf(id).makes.some((one) => motions.includes(one)),
  );
  const stretched = muscleIds.filter((id) =>
    muscleOf(id).stretchedBy.some((one) => motions.includes(one)),
  );
  const contracted = drill.kind === "contract-relax" ? stretched : making;
  const loaded =
    exposes.has("weight") ||
    exposes.has("band") ||
    exposes.has("hands-full") ||
    exposes.has("hang");
  return {
    contracts: works.includes(drill.kind) || drill.kind === "contract-relax" ? contracted : [],
    stretches: lengthens.includes(drill.kind) ? stretched : [],
    loads: loaded && works.includes(drill.kind) ? making : [],
  };
}
