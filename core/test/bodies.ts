import { library } from "../../library/index";
import type { IntakeQuestion } from "../body/conditions";
import type { BodyPlace, SiteId } from "../body/sites";
import type { Athlete, Intake } from "../records/athlete";
import type { Log } from "../records/records";
import { bodyToday, type BodyToday } from "../safety/body-today";
import { athlete } from "./people";

const today = "2026-11-24";

export const noIntake: Intake = {
  on: "2026-09-01",
  yes: [],
  where: [],
  note: "",
  growthSpurt: false,
  beighton: null,
  clearances: [],
};

/** A body on the day of the tests: each takes only what the test is about. */
export const bodyWith = (over: Partial<Athlete> = {}, logs: readonly Log[] = []): BodyToday =>
  bodyToday(athlete(over), { logs, checks: [], library }, today);

/** A grown-up body that nothing is known against. */
export const wellToday: BodyToday = bodyWith();

/** A body whose coach has said that every rung is its own: what it may do is not a matter of what came before. */
export const seasoned: BodyToday = {
  ...wellToday,
  vouched: new Map(library.drills.map(({ id, rungs }) => [id, rungs.at(-1)!.id])),
};

/** The same body with places that pain has locked. */
export const lockedAt = (sites: readonly SiteId[], body: BodyToday = wellToday): BodyToday => ({
  ...body,
  locks: [
    ...body.locks,
    ...sites.map((site) => ({
      place: { site, side: null } satisfies BodyPlace,
      sites: [site],
      because: { why: "pain" as const, pain: 8, place: "" },
    })),
  ],
});

/** A body of which these questions were answered yes, and nobody has cleared them. */
export const answering = (...yes: IntakeQuestion[]): BodyToday =>
  bodyWith({ intake: { ...noIntake, yes } });
