import type { Dose } from "../../core/drill/dose";
import type { Drill, DrillKind, Rung } from "../../core/drill/drill";
import { motionOf, type JointId } from "../../core/body/motions";
import { sportRows } from "../../core/body/sports";
import type { PrepItem } from "../../core/records/records";
import type { Plan } from "../../core/prep/plan";
import type { SessionRequest } from "./requests";

/**
 * What a coach would check of a session, point by point: written apart from the planner, from the list alone.
 * A point is kept, broken, or does not apply (null): because the session is of another kind, too short for it, or
 * because nothing at this place could have kept it.
 */
export type Point = { name: string; holds: (session: Session) => boolean | null };

type Line = { item: PrepItem; drill: Drill; rung: Rung; seconds: number };
export type Session = {
  asked: SessionRequest;
  plan: Plan;
  lines: Line[];
  minutes: number;
  kind: string;
  format: string;
};

export function sessionOf(asked: SessionRequest, plan: Plan): Session {
  const { library, budget, format } = asked.request;
  const lines = plan.items.map((item): Line => {
    const drill = library.drills.find(({ id }) => id === item.drillId)!;
    const rung = drill.rungs.find(({ id }) => id === item.rungId)!;
    return { item, drill, rung, seconds: lasts(item, drill) };
  });
  return { asked, plan, lines, minutes: budget / 60, kind: format.kind, format: format.id };
}

/** Seconds of one set on one side. */
const oneSet = (dose: Dose): number =>
  dose.type === "reps"
    ? Math.round(dose.reps * dose.tempo)
    : dose.type === "contract-relax"
      ? dose.rounds * (dose.contract + dose.deepen)
      : dose.seconds;
const setsIn = (dose: Dose): number => (dose.type === "contract-relax" ? 1 : dose.sets);
const restIn = (dose: Dose): number => (dose.type === "contract-relax" ? 0 : dose.rest);

function lasts(item: PrepItem, drill: Drill): number {
  if (item.outside) return 0;
  if (item.boxed) return oneSet(item.dose);
  const sides = Math.max(1, item.sides.length);
  const sets = setsIn(item.dose);
  return (
    drill.setUp +
    sides * (sets * oneSet(item.dose) + (sets - 1) * restIn(item.dose)) +
    (sides - 1) * drill.sideChange
  );
}

const positionOf = ({ drill, rung }: Line): string => rung.position ?? drill.position;
const servesOf = ({ drill, rung }: Pick<Line, "drill" | "rung">) => rung.serves ?? drill.serves;
const is =
  (...kinds: DrillKind[]) =>
  ({ drill }: Pick<Line, "drill">): boolean =>
    kinds.includes(drill.kind);
const held = is("static", "contract-relax");
const loose = is("circles", "dynamic");
const works = is("strength", "active", "skill");
const sum = (list: readonly number[]): number => list.reduce((all, one) => all + one, 0);
const mainMotions = (line: Pick<Line, "drill" | "rung">): string[] =>
  servesOf(line).flatMap(({ motion, share }) => (share >= 0.5 ? [motion] : []));
const jointsOf = (line: Pick<Line, "drill" | "rung">): JointId[] =>
  servesOf(line).flatMap(({ motion, share }) => (share >= 0.5 ? [motionOf(motion).joint] : []));
const trunk = (line: Line): boolean =>
  line.drill.region === "trunk" ||
  servesOf(line).some(
    ({ motion, share }) => share >= 0.2 && ["thoracic", "lumbar"].includes(motionOf(motion).joint),
  );

/** Drills that could have stood here: at their first rung, with the kit of the place, in this kind of session. */
function could(
  { asked, plan }: Session,
  test: (one: Pick<Line, "drill" | "rung">) => boolean,
): boolean {
  const { library, place, format, alreadyWarm } = asked.request;
  const has = new Set(place?.kit ?? []);
  const refused = new Set(
    plan.leftOut.flatMap(({ drillId, reason }) =>
      ["others-give-more", "no-time"].includes(reason.why) ? [] : [drillId],
    ),
  );
  return library.drills.some((drill) => {
    const rung = drill.rungs[0]!;
    const dosed = format.doses === "warm-up" ? rung.warmUp : rung.session;
    return (
      dosed !== null &&
      !refused.has(drill.id) &&
      (alreadyWarm || true) &&
      rung.kit.every((item) => has.has(item) || item === "wall" || item === "mat") &&
      test({ drill, rung })
    );
  });
}

const reps = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 50, 100];
const times = [5, 10, 15, 20, 30, 45, 60, 90, 120, 180, 240, 300];

/** A figure that a person says. */
export function saysItself({ item, drill }: Line): boolean {
  const { dose } = item;
  switch (dose.type) {
    case "reps":
      return reps.includes(dose.reps);
    case "hold":
      return times.includes(dose.seconds);
    case "time":
      return drill.kind === "pulse" || drill.kind === "breathing"
        ? dose.seconds % 15 === 0
        : times.includes(dose.seconds);
    case "contract-relax":
      return times.includes(dose.contract) && times.includes(dose.deepen);
  }
}

const inClock = ({ lines }: Session): Line[] => lines.filter(({ item }) => !item.outside);
const planned = (session: Session): boolean =>
  !session.asked.request.format.clocked && !session.asked.request.format.gaps;
const isWarmUp = (session: Session): boolean => session.kind === "warm-up" && planned(session);
const isOwn = ({ kind, format }: Session): boolean => kind === "mobility" && format === "mobility";

/** Changes of position between drills that follow each other. */
const changes = (lines: readonly Line[]): number =>
  lines.slice(1).filter((line, i) => positionOf(line) !== positionOf(lines[i]!)).length;

/** Whole seconds of the session: drills, ways between them, breaths, the hand-over. */
function wholeOf(session: Session): number {
  const lines = inClock(session);
  const ways = lines.slice(1).map((line, i) => {
    const before = lines[i]!;
    if (line.item.boxed) return 0;
    const fetches = line.rung.kit.some(
      (item) => item !== "wall" && item !== "mat" && !before.rung.kit.includes(item),
    );
    return fetches ? 20 : positionOf(line) !== positionOf(before) ? 10 : 0;
  });
  return (
    sum(lines.map(({ seconds }) => seconds)) +
    sum(ways) +
    sum(lines.map(({ item }) => item.breath?.seconds ?? 0)) +
    (lines.length > 0 ? (session.asked.request.handOver ?? 0) : 0)
  );
}

export const endsExactly = (session: Session): boolean =>
  Math.abs(wholeOf(session) - session.minutes * 60) < 1;

const complaintTissues: Partial<Record<JointId, string[]>> = {
  elbow: ["wrist.flexion", "wrist.extension", "forearm."],
  wrist: ["wrist.flexion", "wrist.extension"],
  shoulder: ["shoulder.external-rotation"],
  knee: ["knee.extension"],
  ankle: ["ankle."],
};

const near: Partial<Record<JointId, JointId[]>> = {
  elbow: ["wrist", "forearm"],
  forearm: ["wrist", "elbow"],
  wrist: ["forearm", "fingers"],
  fingers: ["wrist", "forearm"],
  lumbar: ["hip"],
  toes: ["ankle"],
};

export const points: readonly Point[] = [
  { name: "ends on the second", holds: endsExactly },
  { name: "doses are figures people say", holds: ({ lines }) => lines.every(saysItself) },
  {
    name: "warm first",
    holds: (session) => {
      const [first] = inClock(session);
      if (session.kind === "fillers" || session.kind === "circles") return null;
      if (!first) return null;
      return first.drill.kind === "pulse" && (first.seconds >= 60 || first.item.boxed);
    },
  },
  {
    name: "two minutes warm before a stretch of more than 20 s",
    holds: (session) => {
      let warm = 0;
      for (const line of inClock(session)) {
        if (line.drill.kind === "pulse") warm += oneSet(line.item.dose);
        const long =
          line.item.dose.type === "hold"
            ? line.item.dose.seconds > 20
            : line.item.dose.type === "contract-relax" && line.item.dose.deepen > 20;
        if (held(line) && long && warm < 120) return false;
      }
      return true;
    },
  },
  {
    name: "no drill over a quarter of the minutes",
    holds: (session) =>
      !planned(session) || session.kind === "circles"
        ? null
        : inClock(session).every(
            (line) =>
              line.drill.kind === "pulse" ||
              line.drill.kind === "breathing" ||
              positionOf(line) === "split" ||
              line.item.segment === "work sets" ||
              line.item.segment === "ramp" ||
              line.seconds <= Math.max(60, session.minutes * 15),
          ),
  },
  {
    name: "four sets only where the library says four",
    holds: ({ lines }) =>
      lines.every(({ item, drill, rung }) => {
        const own = Math.max(
          0,
          ...[rung.warmUp, rung.session].map((dose) => (dose ? setsIn(dose) : 0)),
        );
        return setsIn(item.dose) <= Math.max(3, own) || drill.kind === "pulse";
      }),
  },
  {
    name: "a warm-up is mostly one set of many things",
    holds: (session) => {
      // More minutes than there are things to do are filled by a second set.
      if (!isWarmUp(session) || session.lines.length < 4 || session.minutes > 25) return null;
      const own = inClock(session).filter(
        ({ item }) => item.segment !== "work sets" && item.segment !== "ramp",
      );
      return own.filter(({ item }) => setsIn(item.dose) === 1).length >= 0.6 * own.length;
    },
  },
  {
    name: "many things: a drill for every two minutes",
    holds: (session) => {
      if (!isWarmUp(session) || session.minutes < 5) return null;
      const ramp = sum(
        session.lines
          .filter(({ item }) => ["work sets", "ramp"].includes(item.segment))
          .map(({ seconds }) => seconds),
      );
      return inClock(session).length >= Math.floor((session.minutes - ramp / 60) / 2);
    },
  },
  {
    name: "a session of its own holds a drill for every three minutes",
    holds: (session) =>
      session.kind === "mobility" && session.minutes >= 12
        ? inClock(session).length >= Math.floor(session.minutes / 3.5)
        : null,
  },
  {
    name: "hands before weight on the hands",
    holds: ({ lines }) => {
      let ready = false;
      for (const line of lines) {
        if ((line.rung.loadsHands ?? line.drill.loadsHands) && !ready && !line.drill.preparesHands)
          return line.rung.loadsHands === false;
        if (line.drill.preparesHands) ready = true;
      }
      return true;
    },
  },
  {
    name: "left and right alike",
    holds: ({ lines }) =>
      lines.every(({ item, drill, rung }) =>
        (rung.sided ?? drill.sided) ? item.sides.length === 2 : item.sides.length === 0,
      ),
  },
  {
    name: "few changes of position",
    holds: (session) => {
      const lines = inClock(session);
      if (lines.length < 4 || !planned(session)) return null;
      return changes(lines) <= Math.max(4, (2 / 3) * (lines.length - 1));
    },
  },
  {
    name: "ends on the feet or in the skill",
    holds: (session) => {
      if (
        !isWarmUp(session) ||
        session.asked.request.format.ends !== "ready" ||
        session.minutes < 5
      )
        return null;
      const last = inClock(session).at(-1);
      return last ? positionOf(last) === "standing" || last.drill.kind === "skill" : null;
    },
  },
  {
    name: "the trunk in three planes",
    holds: (session) => {
      if (!isWarmUp(session) || session.minutes < 10) return null;
      // A series of positions and a ramp up one ladder go by other laws.
      if (["general-specific", "position-series"].includes(session.format)) return null;
      const planes = new Set(
        session.lines
          .filter((line) => loose(line) && trunk(line))
          .flatMap(({ drill }) => drill.planes),
      );
      return planes.size === 3;
    },
  },
  {
    name: "a warm-up moves",
    holds: (session) =>
      isWarmUp(session) && session.minutes >= 8
        ? session.lines.filter(is("dynamic")).length >= (session.minutes >= 10 ? 2 : 1)
        : null,
  },
  {
    name: "the skill itself before the skill",
    holds: (session) => {
      if (session.format !== "warm-up" || session.minutes < 8) return null;
      const { skills } = session.asked.request;
      const toward = ({ drill }: Pick<Line, "drill">) =>
        drill.kind === "skill" && drill.toward.some((skill) => skills.includes(skill));
      return could(session, toward) ? session.lines.some(toward) : null;
    },
  },
  {
    name: "only short holds before training, and movement after them",
    holds: (session) => {
      if (session.asked.request.format.doses !== "warm-up" || session.kind !== "warm-up")
        return null;
      const lines = inClock(session);
      const last = lines.findLastIndex(is("static"));
      return (
        lines.every(
          ({ item, drill }) =>
            drill.kind !== "static" || item.dose.type !== "hold" || item.dose.seconds <= 30,
        ) &&
        (last < 0 ||
          lines
            .slice(last + 1)
            .some((line) => !held(line) && !is("soft-tissue", "breathing")(line)))
      );
    },
  },
  {
    name: "the chief limits are held and worked at their end",
    holds: (session) => {
      if (!isOwn(session) || session.minutes < 20) return null;
      return session.asked.request.needs.slice(0, 2).every(({ motion }) => {
        const on = (line: Pick<Line, "drill" | "rung">) => mainMotions(line).includes(motion);
        const has = (kind: (line: Pick<Line, "drill">) => boolean) =>
          !could(session, (one) => kind(one) && on(one)) ||
          session.lines.some((line) => kind(line) && on(line));
        return has(is("static")) && has(is("contract-relax")) && has(is("active"));
      });
    },
  },
  {
    name: "most stretching for what is needed most",
    holds: (session) => {
      if (!isOwn(session) || session.minutes < 20) return null;
      const { needs } = session.asked.request;
      const seconds = (motion: string) =>
        sum(
          session.lines
            .filter((line) => held(line) || is("skill", "active")(line))
            .map(
              (line) =>
                (servesOf(line).find((one) => one.motion === motion)?.share ?? 0) * line.seconds,
            ),
        );
      const [most] = needs;
      const least = needs.at(-1);
      if (!most || !least || most.weight < 3 * least.weight) return null;
      if (!could(session, (one) => held(one) && mainMotions(one).includes(most.motion)))
        return null;
      return seconds(most.motion) >= 0.8 * seconds(least.motion);
    },
  },
  {
    name: "the shape itself",
    holds: (session) => {
      if (!isOwn(session) || session.minutes < 15) return null;
      const { skills } = session.asked.request;
      const toward = ({ drill }: Pick<Line, "drill">) =>
        drill.kind === "skill" && drill.toward.some((skill) => skills.includes(skill));
      return could(session, toward) ? session.lines.some(toward) : null;
    },
  },
  {
    name: "a session of its own winds down",
    holds: (session) =>
      isOwn(session) && session.minutes >= 15
        ? inClock(session).at(-1)?.drill.kind === "breathing"
        : null,
  },
  {
    name: "a complaint gets soft tissue, mobility and strength",
    holds: (session) => {
      if (session.kind !== "issue" || session.minutes < 8) return null;
      const [joint] = session.asked.request.flagged!;
      const on = (line: Pick<Line, "drill" | "rung">) => jointsOf(line).includes(joint!);
      const has = (kind: (line: Pick<Line, "drill">) => boolean) =>
        !could(session, (one) => kind(one) && on(one)) ||
        session.lines.some(
          (line) =>
            kind(line) &&
            (on(line) || jointsOf(line).some((other) => near[joint!]?.includes(other))),
        );
      return has(is("soft-tissue")) && has(loose) && has(is("strength", "active"));
    },
  },
  {
    name: "a complaint's strength is of its tissues",
    holds: (session) => {
      if (session.kind !== "issue" || session.minutes < 12) return null;
      const wanted = complaintTissues[session.asked.request.flagged![0]!];
      if (!wanted) return null;
      return wanted.every(
        (tissue) =>
          !could(
            session,
            (one) =>
              is("strength", "active")(one) &&
              mainMotions(one).some((motion) => motion.startsWith(tissue)),
          ) ||
          session.lines.some(
            (line) =>
              is("strength", "active")(line) &&
              mainMotions(line).some((motion) => motion.startsWith(tissue)),
          ),
      );
    },
  },
  {
    name: "nothing off the issue",
    holds: (session) => {
      if (session.kind !== "issue") return null;
      const [joint] = session.asked.request.flagged!;
      const fine: string[] = [joint!, ...(near[joint!] ?? [])];
      return session.lines.every(
        (line) => line.drill.kind === "pulse" || jointsOf(line).some((one) => fine.includes(one)),
      );
    },
  },
  {
    name: "the first stretch once more at the end",
    holds: (session) => {
      if (session.kind !== "issue" || session.minutes < 5) return null;
      if (!session.lines.some(held)) return null;
      const last = session.lines.at(-1)!;
      const short = last.item.dose.type !== "hold" || last.item.dose.seconds <= 20;
      return (
        held(last) &&
        short &&
        session.lines.filter(({ drill }) => drill === last.drill).length === 2
      );
    },
  },
  {
    name: "who trains on the hands readies them, whatever the aim",
    holds: (session) => {
      if (!session.asked.sport || !sportRows[session.asked.sport].hands) return null;
      if (!isWarmUp(session) || session.minutes < 5) return null;
      return session.lines.some(({ drill }) => drill.preparesHands);
    },
  },
  {
    name: "circles go through every joint, without load",
    holds: (session) => {
      if (session.kind !== "circles") return null;
      const joints = new Set(session.lines.flatMap(jointsOf));
      const wanted: JointId[] = ["neck", "shoulder", "wrist", "hip", "knee", "ankle"];
      return (
        (session.minutes < 8 || wanted.every((joint) => joints.has(joint))) &&
        // Knees have no circles of their own: they are swung.
        session.lines.every(
          (line) => is("circles")(line) || (loose(line) && jointsOf(line).includes("knee")),
        )
      );
    },
  },
  {
    name: "what was contracted is stretched, and nothing else",
    holds: (session) => {
      if (session.format !== "five-segments" || session.minutes < 20) return null;
      const lines = inClock(session);
      const stretches = lines.filter(held);
      return (
        stretches.length > 0 &&
        stretches.every((line) => lines.indexOf(line) > lines.findIndex(is("strength")))
      );
    },
  },
  {
    name: "hands on the way there, outside the minutes",
    holds: (session) => {
      if (session.format !== "four-stages") return null;
      return (
        session.lines.filter(
          ({ item, drill }) =>
            item.outside && ["hands and wrists", "elbows and forearms"].includes(drill.region),
        ).length >= 3
      );
    },
  },
  {
    name: "no drill twice",
    holds: (session) => {
      if (!planned(session)) return null;
      const own = session.lines.filter(
        ({ item }) => !["once more", "ramp", "work sets"].includes(item.segment),
      );
      return new Set(own.map(({ drill }) => drill.id)).size === own.length;
    },
  },
  {
    name: "little of the minutes is empty",
    holds: (session) => {
      const breath = sum(session.lines.map(({ item }) => item.breath?.seconds ?? 0));
      return (
        breath <= Math.max(30, 6 * session.minutes) &&
        session.lines.every(({ item }) => (item.breath?.seconds ?? 0) <= 60)
      );
    },
  },
  {
    name: "the raise leaves room for the rest",
    holds: (session) => {
      if (!planned(session) || session.kind === "circles") return null;
      const raise = sum(session.lines.filter(is("pulse")).map(({ seconds }) => seconds));
      return raise <= Math.max(75, session.minutes * 60 * 0.36);
    },
  },
  {
    name: "warm until sweating before a deep split",
    holds: (session) => {
      const lines = inClock(session);
      const at = lines.findIndex((line) => positionOf(line) === "split");
      if (at < 0) return null;
      return (
        sum(
          lines
            .slice(0, at)
            .filter(is("pulse"))
            .map(({ item }) => oneSet(item.dose)),
        ) >= 240
      );
    },
  },
  {
    name: "the skill comes after what prepares it",
    holds: (session) => {
      if (!planned(session)) return null;
      const lines = inClock(session);
      const first = lines.findIndex(is("skill"));
      return first < 0
        ? null
        : lines.slice(first).every((line) => !is("soft-tissue", "circles", "pulse")(line));
    },
  },
  {
    name: "feet, hips and trunk in a conditioning set",
    holds: (session) => {
      if (session.kind !== "conditioning" || session.minutes < 10) return null;
      const joints = new Set(session.lines.filter(works).flatMap(({ drill }) => drill.region));
      return (
        joints.has("ankles and feet") &&
        (joints.has("hips") || joints.has("turnout")) &&
        (joints.has("trunk") || joints.has("upper back"))
      );
    },
  },
  {
    name: "by the clock: every family in every round",
    holds: (session) => {
      const { clocked } = session.asked.request.format;
      if (!clocked) return null;
      const boxes = session.lines.filter(({ item }) => item.boxed);
      return (
        new Set(boxes.map(({ item }) => item.dose.type === "time" && item.dose.seconds)).size <= 2
      );
    },
  },
  {
    name: "between sets nothing that tires",
    holds: (session) => (session.kind === "fillers" ? session.lines.every(loose) : null),
  },
];
