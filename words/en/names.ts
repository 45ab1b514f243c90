import type { Athlete } from "#core/records/athlete";
import type { Instrument } from "#core/content/protocol";
import { defaultSchools, type Schools } from "#core/content/schools";
import type { LengthUnit } from "#core/content/units";
import { writeDose, type Dose } from "#core/drill/dose";
import type { Phase } from "#core/drill/drill";

/** The phases as a coach calls them. */
export const phaseNames: Record<Phase, string> = {
  raise: "warm up",
  loosen: "loosen",
  open: "stretch",
  own: "strengthen",
  use: "skill",
  settle: "wind down",
};

/** What each phase is for, in one line. */
export const phaseMeaning: Record<Phase, string> = {
  raise: "temperature up before any stretch",
  loosen: "soft tissue, circles, dynamic work",
  open: "held and contract–relax stretches",
  own: "strength at the end of the range",
  use: "the skill itself, in parts",
  settle: "breathing slow, muscles let go",
};

/** Instruments as people call them. */
/** A height as it is known. */
export const heightSaid = ({
  statureCm,
  assumed,
}: Pick<Athlete, "statureCm" | "assumed">): string =>
  assumed.includes("height") ? "height not measured" : `${statureCm} cm`;

export const instrumentNames: Record<Instrument, string> = {
  goniometer: "goniometer",
  level: "level",
  photo: "photo",
  "sensor-log": "sensor file",
  tape: "tape measure",
  fingers: "fingers",
  count: "count",
  eye: "by eye",
  clock: "clock",
  scale: "scale",
};

export const lengthUnitName: Record<LengthUnit, string> = {
  cm: "centimetres",
  in: "inches",
  fingers: "finger widths",
};

/** A dose as a coach reads it: for one who works by feel, loosening is done until it is loose. */
export const doseSaid = (dose: Dose, phase: string, schools: Schools = defaultSchools): string =>
  schools.amount === "feel" && phase === "loosen" && dose.type === "reps"
    ? `about ${dose.reps}, until loose`
    : writeDose(dose);
