import type { Drill, Rung } from "#core/drill/drill";
import type { Dose } from "#core/drill/dose";
import type { Library } from "#core/content/library";

/** A drill to begin with: one rung, standing, with a picture of the library's until another is chosen. */
export function blankDrill(library: Library): Drill {
  return {
    id: "",
    name: "",
    region: "whole body",
    phase: "loosen",
    kind: "dynamic",
    position: "standing",
    sided: false,
    serves: [],
    toward: [],
    pattern: null,
    planes: [],
    force: null,
    onlyIf: null,
    loadsHands: false,
    preparesHands: false,
    inverted: false,
    setUp: 5,
    sideChange: 4,
    rungs: [blankRung(library.drills[0]!.rungs[0]!, 1)],
    cautions: [],
    contraindications: [],
    does: null,
    presses: [],
    works: [],
    purpose: "",
    notFor: "",
    order: "",
    also: [],
  };
}

/**
 * A drill of which only a typed line is known: it can be laid in a session at once, and is run when somebody has said
 * what it does to a body.
 */
export function drillAsWritten(
  library: Library,
  { name, amount }: { name: string; amount: Amount },
): Drill {
  const blank = blankDrill(library);
  const title = name.charAt(0).toUpperCase() + name.slice(1);
  const dose: Dose =
    amount && "seconds" in amount
      ? { type: "time", sets: 1, seconds: Math.max(5, amount.seconds), rest: 10 }
      : { type: "reps", sets: 1, reps: amount?.reps ?? 10, tempo: 3, rest: 10 };
  return {
    ...blank,
    name: title,
    rungs: [
      {
        ...blank.rungs[0]!,
        name: "As written",
        cue: "As the coach shows it.",
        steps: ["Begin as shown.", "End as shown."],
        gates: [{ see: "the form breaks", then: "end the set", ask: "fewer" }],
        warmUp: dose,
        session: dose,
        range: rangeFor(dose),
      },
    ],
  };
}

type Amount = { reps: number } | { seconds: number } | null;

/** The same drill under a name of one's own. */
export const copyOf = (drill: Drill): Drill => ({ ...drill, id: "", name: `${drill.name}, mine` });

/** A rung like another one, to be filled in. */
export const blankRung = (like: Rung, number: number): Rung => ({
  ...like,
  id: `rung-${number}`,
  name: "",
  cue: "",
  setting: "",
  steps: ["", ""],
  kit: [],
  exact: [],
  load: "",
  gates: [{ see: "", then: "", ask: "less-range" }],
  contraindications: [],
  does: [],
  doesNot: [],
  presses: [],
  needs: null,
  kg: null,
});

/**
 * A dose as people write it: "10 times", "2 × 10", "30 s", "2 × 30 s", "1:30", "3 × (10 + 30)"; null where
 * nothing is written, undefined where it cannot be read.
 * @param held seconds are a hold, not a time box
 */
export function readDose(text: string, held: boolean): Dose | null | undefined {
  const written = text.trim().toLowerCase().replace(/x/g, "×");
  if (written === "" || written === "–" || written === "-") return null;
  const deepen = /^(\d+)\s*×\s*\(\s*(\d+)\s*\+\s*(\d+)\s*s?\s*\)$/.exec(written);
  if (deepen)
    return {
      type: "contract-relax",
      rounds: Number(deepen[1]),
      contract: Number(deepen[2]),
      deepen: Number(deepen[3]),
    };
  const timed = /^(?:(\d+)\s*×\s*)?(?:(\d+):(\d\d)|(\d+)\s*s)$/.exec(written);
  if (timed) {
    const sets = Number(timed[1] ?? 1);
    const seconds = timed[4] ? Number(timed[4]) : Number(timed[2]) * 60 + Number(timed[3]);
    return { type: held ? "hold" : "time", sets, seconds, rest: sets > 1 ? 10 : 0 };
  }
  const counted = /^(?:(\d+)\s*×\s*)?(\d+)(?:\s*times)?$/.exec(written);
  if (!counted) return undefined;
  const sets = Number(counted[1] ?? 1);
  return { type: "reps", sets, reps: Number(counted[2]), tempo: 3, rest: sets > 1 ? 10 : 0 };
}

/** The range that a dose may grow in, where nobody set one: to half as much again. */
export function rangeFor(dose: Dose | null): Rung["range"] {
  if (!dose || dose.type === "contract-relax") return { from: 2, to: 4 };
  const now = dose.type === "reps" ? dose.reps : dose.seconds;
  return {
    from: Math.max(1, Math.round(now * 0.8)),
    to: Math.round(now * 1.5) + 1,
  };
}
