import { unsaid } from "./unsaid";
import type { Need } from "../aim/priority";
import { complaintRows } from "../body/complaints";
import { bothSides, otherSide, type LeftRight } from "../body/side";
import type { Dose } from "../drill/dose";
import { atRung, type Drill, type Rung } from "../drill/drill";
import type { PrepItem } from "../records/records";
import type { Eligible, PlanTerms } from "./eligible";
import type { Because } from "../records/reasons";
import { foundBecause } from "./found-because";
import { held } from "./permit";
import { defaultSchools } from "../content/schools";

/** A chosen drill as a line of the prep, with the need it serves and why it is there. */
export function itemFrom(
  { drill, rung, segment, replaced }: Eligible,
  dose: Dose,
  situation: PlanTerms,
): PrepItem {
  const { serves, sided } = atRung(drill, rung);
  const share = (need: Need) => serves.find(({ motion }) => motion === need.motion)?.share ?? 0;
  const served = situation.needs
    .filter((need) => share(need) > 0)
    .sort((a, b) => b.weight * share(b) - a.weight * share(a));
  const main = served[0];
  return {
    id: drill.id,
    drillId: drill.id,
    rungId: rung.id,
    ...unsaid,
    phase: segment.phase,
    segment: segment.name === segment.phase ? "" : segment.name,
    dose,
    sides: sided ? sidesFirst(main?.shorter ?? null, situation) : [],
    outside: segment.outside,
    why: [reasonFor(drill, main, situation), ...followed(drill, rung, situation), ...replaced],
    serves: served.map(({ motion }) => motion),
  };
}

/** What the log made of the drill since last time, where it stands on that rung. */
function followed(drill: Drill, rung: Rung, { nextSteps }: PlanTerms): Because[] {
  const next = nextSteps.get(drill.id);
  if (!next || next.rungId !== rung.id) return [];
  if (next.chosen === "pinned") return [{ why: "pinned" }];
  if (next.chosen === "changed") return [{ why: "as-said" }];
  const { change } = next;
  return change === "same" || change === "stop" ? [] : [{ why: "followed", change }];
}

/** Which side goes first, by the way of working: the shorter one, the non-dominant one, or the left. */
export function sidesFirst(
  shorter: LeftRight | null,
  { schools = defaultSchools, dominant }: PlanTerms,
): LeftRight[] {
  const first =
    schools.firstSide === "worse"
      ? shorter
      : schools.firstSide === "non-dominant" && dominant
        ? otherSide(dominant)
        : null;
  return first ? [first, otherSide(first)] : [...bothSides];
}

function reasonFor(
  drill: Drill,
  need: Need | undefined,
  { format, flagged = [], library }: PlanTerms,
): Because {
  if (drill.phase === "raise") return { why: "raise" };
  if (drill.phase === "settle") return { why: "settle" };
  const flag =
    format.kind === "issue"
      ? drill.serves.find(
          ({ motion, share }) =>
            share >= 0.5 && flagged.some((joint) => complaintRows[joint].tissues.includes(motion)),
        )
      : undefined;
  if (flag)
    return {
      why: "flagged",
      joint: flagged.find((joint) => complaintRows[joint].tissues.includes(flag.motion))!,
    };
  if (drill.preparesHands && format.kind !== "circles")
    return { why: "hands", short: need?.verdict === "short" ? need.shortage : null };
  if (drill.kind === "skill") return { why: "skill" };
  if (!need)
    return format.contracted && held(drill)
      ? { why: "was-worked" }
      : { why: "keeps", motion: null };
  const { motion, verdict, shortage, shorter, finding } = need;
  if (finding && !(shortage && shortage >= 0.5)) return foundBecause(finding, library);
  if (verdict === "unknown") return { why: "unmeasured", motion };
  return shortage && shortage >= 0.5
    ? {
        why: "short",
        motion,
        degrees: shortage,
        tighter: shorter ?? null,
        unsure: verdict === "unsure",
      }
    : { why: "keeps", motion };
}
