import type { LeftRight } from "./side";
import { siteIsSided, type BodyPlace, type SiteId } from "./sites";

/** What people write for a place, the more exact first. */
const words: readonly (readonly [RegExp, SiteId])[] = [
  [/achilles|\bheels?\b/, "heel"],
  [/inner thigh|groin|adductor/, "groin"],
  [/hamstring|back of (the )?thigh/, "hamstring"],
  [/front of (the )?thigh|quad|\bthighs?\b/, "thigh"],
  [/buttock|\bseat\b|glute|sit ?bone|piriformis/, "seat"],
  [/low(er)? ?back|lumbar|tail ?bone|sacr/, "lumbar"],
  [/upper ?back|thoracic|between the (shoulder )?blades|mid(dle)? ?back/, "thoracic"],
  [/\bback\b/, "lumbar"],
  [/\bribs?\b|flank|side of the trunk|\bchest\b/, "ribs"],
  [/abdom|belly|stomach/, "abdomen"],
  [/big toe|\btoes?\b/, "toes"],
  [/\bshins?\b/, "shin"],
  [/\bcal(f|ves)\b/, "calf"],
  [/ankle/, "ankle"],
  [/\b(foot|feet|instep|arch)\b/, "foot"],
  [/knee/, "knee"],
  [/\bhips?\b|hip flexor/, "hip"],
  [/fingers?|thumbs?|knuckles?|\bhands?\b/, "fingers"],
  [/wrist/, "wrist"],
  [/forearm/, "forearm"],
  [/elbow/, "elbow"],
  [/shoulder|rotator/, "shoulder"],
  [/\bneck\b/, "neck"],
  [/\bhead\b|dizz/, "head"],
];

const sideIn = (text: string): LeftRight | null => {
  const [left, right] = [/\bleft\b|\bl\b/.test(text), /\bright\b|\br\b/.test(text)];
  return left === right ? null : left ? "left" : "right";
};

/**
 * A place as somebody wrote it; null where it names none. For what was written before places were pointed at, and for
 * words typed beside them.
 * @example readPlace("Wrist, left") // { site: "wrist", side: "left" }
 */
export function readPlace(typed: string): BodyPlace | null {
  const text = typed.toLowerCase();
  const site = words.find(([pattern]) => pattern.test(text))?.[1];
  return site ? { site, side: siteIsSided(site) ? sideIn(text) : null } : null;
}
