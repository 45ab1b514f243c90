import type { BodyFinding } from "../aim/body-finding";
import { bodyFindings } from "../aim/body-findings";
import { sportsIn } from "../body/sports";
import { weakParts } from "../prep/weakest-part";
import { hurtLately } from "../progress/hurt-lately";
import type { Situation } from "./situation";

/** What was found of the athlete beside the aim, the weightiest first. */
export const findingsFor = (
  { athlete, checks, logs, library, settings }: Situation,
  on: string,
): BodyFinding[] =>
  bodyFindings(checks, library, on, {
    areas: athlete.areas,
    profiles: athlete.profiles,
    own: settings.profiles,
    flagged: athlete.flagged,
    hurt: hurtLately(logs, library, on),
    weakParts: weakParts(logs, library, on),
    sports: sportsIn(athlete.discipline),
  });
