import type { BodyFinding } from "../aim/body-finding";
import type { Because } from "../records/reasons";
import type { PlanTerms } from "./eligible";

/** A finding as the reason for a drill. */
export function foundBecause(finding: BodyFinding, library: PlanTerms["library"]): Because {
  const { found, motion } = finding;
  const named = (id: string) => library?.protocols.find((one) => one.id === id)?.name ?? id;
  const say = (by: string, figure: number | null = null): Because => ({
    why: "found",
    found,
    motion,
    by,
    figure,
  });
  switch (finding.found) {
    case "below-usual":
      return say(named(finding.protocolId), finding.value);
    case "sides":
      return say(named(finding.protocolId), finding.difference);
    case "seen": {
      const protocol = library?.protocols.find((one) => one.id === finding.protocolId);
      const fault = protocol?.compensations.find(({ id }) => id === finding.fault)?.text;
      return say(`${named(finding.protocolId)}: ${(fault ?? finding.fault).toLowerCase()}`);
    }
    case "active-less":
      return say("", finding.difference);
    case "area":
    case "flagged":
      return say(finding.joint);
    case "hurt":
      return say(finding.site, finding.pain);
    case "weak-part":
      return say(finding.label);
    case "profile":
      return say(finding.profile);
    case "sport":
      return say(finding.sport);
  }
}
