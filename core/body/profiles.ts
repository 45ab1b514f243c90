import * as z from "zod/mini";
import { MotionId } from "./motions";

/** How a body lives, where that is what is worked for: with or without a skill. */
export const Profile = z.enum(["sits", "one-sided", "throws", "on-the-hands"]);
export type Profile = z.infer<typeof Profile>;

/** What each leaves short, and how much that weighs beside a skill's own needs. Working figures. */
export const profileRows: Record<Profile, readonly { motion: MotionId; weight: number }[]> = {
  sits: [
    { motion: "hip.extension", weight: 0.3 },
    { motion: "thoracic.extension", weight: 0.3 },
    { motion: "shoulder.flexion", weight: 0.15 },
    { motion: "hip.flexion-straight", weight: 0.15 },
  ],
  "one-sided": [
    { motion: "shoulder.horizontal-abduction", weight: 0.3 },
    { motion: "thoracic.rotation", weight: 0.3 },
    { motion: "shoulder.external-rotation", weight: 0.2 },
  ],
  throws: [
    { motion: "shoulder.internal-rotation", weight: 0.35 },
    { motion: "thoracic.rotation", weight: 0.25 },
    { motion: "shoulder.horizontal-abduction", weight: 0.15 },
  ],
  "on-the-hands": [
    { motion: "wrist.extension", weight: 0.3 },
    { motion: "shoulder.flexion", weight: 0.2 },
    { motion: "wrist.flexion", weight: 0.15 },
  ],
};

/** How a body lives as a coach says it in his own words, with the motions that it leaves short. */
export const OwnProfile = z.object({
  name: z.string().check(z.trim(), z.minLength(1), z.maxLength(40)),
  motions: z.array(MotionId).check(z.minLength(1), z.maxLength(8)),
});
export type OwnProfile = z.infer<typeof OwnProfile>;

/** What each motion of a coach's own profile weighs. Working figure. */
const ownWeighs = 0.3;

/** What a profile leaves short: one of the table's, or a coach's own by its name; nothing where nobody knows it any more. */
export function profileAsks(
  profile: string,
  own: readonly OwnProfile[],
): readonly { motion: MotionId; weight: number }[] {
  const known = Profile.safeParse(profile);
  if (known.success) return profileRows[known.data];
  const said = own.find(({ name }) => name === profile);
  return said ? said.motions.map((motion) => ({ motion, weight: ownWeighs })) : [];
}
