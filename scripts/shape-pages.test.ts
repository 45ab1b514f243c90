import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import type { MotionId } from "../core/body/motions";
import { limitsAsked, withRange, type Limits } from "../core/shape/limits";
import { askedMotions } from "../core/shape/smallest-set";
import { models, shapeOf } from "../core/shape/solve";
import { skillOf } from "../core/content/library";
import { library } from "../library/index";

const folder = join(import.meta.dirname, "../docs/shapes");
const pages = readdirSync(folder)
  .filter((name) => name.endsWith(".md"))
  .map((name) => ({ name, text: readFileSync(join(folder, name), "utf8") }));

type Worked = {
  skill: string;
  side: "left" | "right" | "mid";
  short: Partial<Record<MotionId, number>>;
  score: number;
};

/** The worked example of a page, solved anew. */
function solved({ skill: id, side, short }: Worked): number {
  const skill = skillOf(library, id)!;
  const aim = { side };
  const limits = askedMotions(skill, aim).reduce<Limits>(
    (so, { motion, sides }) =>
      sides.reduce(
        (on, one) => withRange(on, motion, one, on[motion]![one]! - (short[motion] ?? 0)),
        so,
      ),
    limitsAsked(skill, aim),
  );
  return shapeOf(skill, limits, aim, { statureCm: 168, legCm: 90, pelvisCm: 0 }).score;
}

describe("the pages of the shapes", () => {
  it.each(pages.map(({ name, text }) => [name, text] as const))(
    "%s: its worked example is what the model gives",
    (_, text) => {
      const worked = JSON.parse(/```json\n(.*?)\n```/s.exec(text)![1]!) as Worked;
      expect(solved(worked)).toBeCloseTo(worked.score, 1);
    },
  );

  it("every model has a page", () => {
    const all = pages.map(({ text }) => text).join();
    for (const model of [...Object.keys(models), "posed"]) expect(all).toContain(`\`${model}\``);
  });
});
