import { motionOf, MotionId } from "../body/motions";

type Loose = Record<string, unknown>;

/**
 * A coach's pack from before each instrument had its own error and each check its joint and position.
 * What was not written down then is filled from the motion; the posture is left at standing, which only orders rounds.
 */
export function packWithErrors(pack: unknown): unknown {
  if (typeof pack !== "object" || pack === null) return pack;
  const { protocols } = pack as Loose;
  return {
    ...pack,
    protocols: Array.isArray(protocols) ? protocols.map(protocolWithErrors) : protocols,
  };
}

function protocolWithErrors(entry: unknown): unknown {
  if (typeof entry !== "object" || entry === null) return entry;
  const { sem, semSource, instruments, ...rest } = entry as Loose;
  if (sem === undefined) return entry;
  const motion = MotionId.safeParse(rest.motion);
  return {
    posture: "standing",
    joint: motion.success ? motionOf(motion.data).joint : "hip",
    involves: motion.success ? [motion.data] : [],
    mustNot: ["Whoever has sharp pain in it."],
    ...rest,
    instruments: (Array.isArray(instruments) ? instruments : []).map((id) => ({
      id: id as unknown,
      sem,
      source: semSource ?? "working figure",
    })),
  };
}
