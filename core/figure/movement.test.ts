import { describe, expect, it } from "vitest";
import { bareOf } from "./bare";
import { movementOf, overTheHead } from "./movement";
import type { Pose } from "./pose";

const front = (pose: Pose) => bareOf(pose, { azimuth: 90 });

describe("the movement of a head", () => {
  it("that only turns is the way of its nose, drawn over the crown", () => {
    const found = movementOf({ neckTurn: -50 }, { neckTurn: 55 }, front)!;
    expect(found.of.at).toBe("nose");
    const [from, to] = [found.way[0]!, found.way.at(-1)!];
    expect(Math.abs(to[0] - from[0])).toBeGreaterThan(6);
    const head = front({ neckTurn: 55 });
    for (const [, down] of overTheHead(found.way, head))
      expect(down).toBeLessThan(head.spot("crown")[1]);
  });

  it("that bends is the way of its crown, and the nose takes no arrow from anything that moves", () => {
    expect(movementOf({}, { neckBend: 40 }, front)?.of.at).toBe("crown");
    const raised = movementOf({}, { neckTurn: 60, shoulder: 120 }, front);
    expect(raised?.of.at).toBe("fingertips");
  });

  it("a nose carries nothing: lying on the face, the body stands no higher", () => {
    const lying: Pose = { pelvis: 90 };
    const low = Math.max(
      ...(["hip", "knee", "crown", "toe", "fingertips"] as const).map(
        (at) => bareOf(lying, { azimuth: 0 }).spot(at)[1],
      ),
    );
    expect(low).toBeCloseTo(0, 6);
  });
});
