import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lengths, masses } from "../body/segments";
import { bareOf } from "./bare";
import { drawingOf } from "./drawing";
import { apart, between, Pose } from "./pose";
import { Picture } from "./picture";
import { propShapes, shownProps } from "./props";
import { blob, ribbon, slice, smoothPath } from "./ribbon";
import { centreOfMass, landmark, skeletonOf } from "./skeleton";
import {
  along,
  pitch,
  projector,
  roll,
  upright,
  yaw,
  type BodyFrame,
  type Point,
  type Vec,
} from "./space";

const dot = (a: Vec, b: Vec) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const angles = fc.integer({ min: -180, max: 180 });
const distance = (a: Vec, b: Vec) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

describe("frames", () => {
  it("stay square and of unit length, however they are turned", () => {
    fc.assert(
      fc.property(angles, angles, angles, (a, b, c) => {
        const { forward, up, right }: BodyFrame = yaw(roll(pitch(upright, a), b), c);
        for (const axis of [forward, up, right]) expect(dot(axis, axis)).toBeCloseTo(1, 9);
        expect(dot(forward, up)).toBeCloseTo(0, 9);
        expect(dot(up, right)).toBeCloseTo(0, 9);
      }),
    );
  });
  it("turn back to where they were", () => {
    const turned = pitch(pitch(upright, 37), -37);
    expect(turned.forward.map((value) => Math.round(value * 1e9) / 1e9)).toEqual([1, 0, 0]);
  });
  it("pitch carries what hangs forward, roll carries it right, yaw turns the front right", () => {
    const hanging = (frame: BodyFrame): Vec => along([0, 0, 0], [frame.up, -1]);
    expect(hanging(pitch(upright, 90))[0]).toBeCloseTo(1, 9);
    expect(hanging(roll(upright, 90))[2]).toBeCloseTo(1, 9);
    expect(yaw(upright, 90).forward[2]).toBeCloseTo(1, 9);
  });
  it("are seen from the side with the front to the right, from the front with the left side to the right", () => {
    expect(projector(0).flat([1, 2, 3])).toEqual([1, 2]);
    const [x, y] = projector(90).flat([1, 2, -3]);
    expect([x, y]).toEqual([expect.closeTo(3, 9), 2]);
    expect(projector(0).depth([0, 0, 1])).toBeGreaterThan(projector(0).depth([0, 0, -1]));
    expect(projector(90).depth([1, 0, 0])).toBeGreaterThan(0);
  });
});

describe("the skeleton", () => {
  const poses = fc.record({
    pelvis: angles,
    lowBack: fc.integer({ min: -30, max: 40 }),
    upperBack: fc.integer({ min: -30, max: 40 }),
    shoulder: fc.integer({ min: -60, max: 190 }),
    elbow: fc.integer({ min: 0, max: 140 }),
    hip: fc.integer({ min: -40, max: 140 }),
    hipOut: fc.integer({ min: 0, max: 80 }),
    knee: fc.integer({ min: 0, max: 150 }),
    ankle: fc.integer({ min: -70, max: 45 }),
  });

  it("keeps the length of every segment in any pose", () => {
    fc.assert(
      fc.property(poses, (pose) => {
        const body = skeletonOf(pose);
        const between = (a: Parameters<typeof landmark>[1], b: Parameters<typeof landmark>[1]) =>
          distance(landmark(body, a, "left"), landmark(body, b, "left"));
        expect(between("hip", "knee")).toBeCloseTo(lengths.thigh, 9);
        expect(between("knee", "ankle")).toBeCloseTo(lengths.shank, 9);
        expect(between("shoulder", "elbow")).toBeCloseTo(lengths.upperArm, 9);
        expect(between("elbow", "wrist")).toBeCloseTo(lengths.forearm, 9);
        expect(between("lumbar", "thoracic")).toBeCloseTo(lengths.loin, 9);
      }),
    );
  });

  it("carries its whole mass: the parts sum to one body", () => {
    const { pelvis, loin, chest, head, ...limbs } = masses;
    const sum =
      pelvis +
      loin +
      chest +
      head +
      2 * Object.values(limbs).reduce((total, mass) => total + mass, 0);
    expect(sum).toBeCloseTo(1, 2);
  });

  it("standing, has its centre of mass a little over half its height, in the middle", () => {
    const body = skeletonOf({});
    const [x, y, z] = centreOfMass(body);
    const floor = landmark(body, "ankle")[1] - lengths.ankleHeight;
    expect(y - floor).toBeGreaterThan(0.53);
    expect(y - floor).toBeLessThan(0.6);
    expect(Math.abs(x)).toBeLessThan(0.03);
    expect(z).toBeCloseTo(0, 9);
  });

  it("raising an arm raises the centre of mass, and only to that side", () => {
    const [, low] = centreOfMass(skeletonOf({}));
    const raised = centreOfMass(skeletonOf({ shoulderOut: { left: 0, right: 90 } }));
    expect(raised[1]).toBeGreaterThan(low);
    expect(raised[2]).toBeGreaterThan(0);
  });

  it("on all fours the hands are flat when arm and wrist say so", () => {
    const body = skeletonOf({ pelvis: 75, shoulder: 75, wrist: 90, hip: 75, knee: 90 });
    const [wrist, tips] = [landmark(body, "wrist"), landmark(body, "fingertips")];
    expect(tips[1]).toBeCloseTo(wrist[1], 6);
    expect(tips[0]).toBeGreaterThan(wrist[0]);
  });

  it("the shoulder girdle rises when the arm goes overhead", () => {
    const height = (shoulder: number) => landmark(skeletonOf({ shoulder }), "shoulder")[1];
    expect(height(180)).toBeGreaterThan(height(90));
    expect(height(30)).toBeCloseTo(height(0), 9);
  });
});

describe("ribbons", () => {
  const flat = (v: Vec): Point => [v[0], v[1]];
  const straight = [0, 0.1, 0.2].map((down) => slice([0, 0, 0], upright, down, 0.03, 0.02));
  const area = (ring: readonly Point[]) =>
    ring.reduce((sum, [x, y], i) => {
      const [nx, ny] = ring[(i + 1) % ring.length]!;
      return sum + x * ny - nx * y;
    }, 0) / 2;

  it("are as wide as their slices and bulge a little beyond both ends", () => {
    const ring = ribbon(straight, flat);
    const xs = ring.map(([x]) => x);
    const ys = ring.map(([, y]) => y);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(0.06, 6);
    expect(Math.max(...ys)).toBeGreaterThan(0);
    expect(Math.min(...ys)).toBeLessThan(-0.2);
  });
  it("seen from the front they are as wide as the breadth, not the depth", () => {
    const front = projector(90).flat;
    const xs = ribbon(straight, front).map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(0.04, 6);
  });
  it("turn the same way round, so that overlapping parts add up", () => {
    fc.assert(
      fc.property(angles, (turn) => {
        const frame = pitch(upright, turn);
        const ring = ribbon(
          [0, 0.1, 0.2].map((down) => slice([0, 0, 0], frame, down, 0.03, 0.02)),
          flat,
        );
        expect(area(ring)).toBeGreaterThan(0);
      }),
    );
  });
  it("a ball is round from everywhere, wherever it is", () => {
    for (const azimuth of [0, 30, 90]) {
      const ring = blob(
        { ...slice([0.3, 0.7, 0.1], upright, 0, 0.05, 0.05), tall: 0.05, upward: upright.up },
        projector(azimuth).flat,
      );
      const [cx, cy] = projector(azimuth).flat([0.3, 0.7, 0.1]);
      for (const [x, y] of ring) expect(Math.hypot(x - cx, y - cy)).toBeCloseTo(0.05, 6);
    }
  });
  it("become paths in hundredths of stature, y down", () => {
    const path = smoothPath([
      [0, 0],
      [0.1, 0],
      [0.1, 0.1],
    ]);
    expect(path).toMatch(/^M/);
    expect(path).toContain("-10");
    expect(smoothPath([])).toBe("");
  });
});

describe("drawings", () => {
  it("put near limbs in front and far limbs behind, lighter", () => {
    const side = drawingOf({}, 0).layers;
    const place = (name: string) => side.findIndex((layer) => layer.name === name);
    expect(place("left-arm")).toBeLessThan(place("trunk"));
    expect(place("right-arm")).toBeGreaterThan(place("trunk"));
    expect(side.find(({ name }) => name === "left-leg")!.far).toBe(true);
    expect(side.find(({ name }) => name === "right-leg")!.far).toBe(false);
    expect(drawingOf({}, 90).layers.some(({ far }) => far)).toBe(false);
  });
  it("know where every landmark is on the paper, left and right apart", () => {
    const drawing = drawingOf({ hip: { left: 0, right: 90 } });
    expect(drawing.spot("knee", "right")[0]).toBeGreaterThan(drawing.spot("knee", "left")[0] + 20);
    expect(drawing.spot("crown")[1]).toBeLessThan(drawing.spot("neck")[1]);
  });
  it("can hang above the floor", () =>
    expect(drawingOf({}, 0, 0.2).bounds.bottom).toBeCloseTo(-20, 1));
});

describe("props", () => {
  const drawing = drawingOf({ pelvis: 0, shoulder: 90 });
  it("a wall stands before the fingertips, or behind", () => {
    const [front] = propShapes(
      { kind: "wall", at: "fingertips", facing: "front", gap: 0 },
      drawing,
    );
    const [back] = propShapes({ kind: "wall", at: "heel", facing: "back", gap: 0 }, drawing);
    expect(front).toMatchObject({ shape: "line" });
    expect((front as { x1: number }).x1).toBeGreaterThan(drawing.spot("fingertips")[0]);
    expect((back as { x1: number }).x1).toBeLessThan(drawing.spot("heel")[0]);
  });
  it("a box reaches from the floor to what rests on it", () => {
    const [box] = propShapes({ kind: "box", at: "wrist", width: 0.2, shift: 0 }, drawing);
    const { y, height } = box as { y: number; height: number };
    expect(y + height).toBeCloseTo(0, 6);
    expect(y).toBeGreaterThan(drawing.spot("wrist")[1]);
  });
  it("a strap goes from hand to foot, a mat lies under the whole body", () => {
    expect(propShapes({ kind: "strap", at: "fingertips", to: "toe" }, drawing)[0]).toMatchObject({
      shape: "path",
      points: [drawing.spot("fingertips"), drawing.spot("toe")],
      before: true,
    });
    const [mat] = propShapes({ kind: "mat" }, drawing);
    const { x, width } = mat as { x: number; width: number };
    expect(x).toBeLessThan(drawing.bounds.left);
    expect(x + width).toBeGreaterThan(drawing.bounds.right);
  });
});

describe("things that are held", () => {
  const front = drawingOf({ shoulder: 90, shoulderOut: 30 }, 90);
  const pathOf = (prop: Parameters<typeof propShapes>[0], drawing = front) =>
    propShapes(prop, drawing)[0] as { points: Point[]; thick: number };
  it("a stick stands out beyond both hands, and passes before the body", () => {
    const held = {
      kind: "stick",
      at: "wrist",
      side: "left",
      to: "wrist",
      toSide: "right",
    } as const;
    const { points } = pathOf({ ...held, upright: false });
    const hands = Math.abs(front.spot("wrist", "left")[0] - front.spot("wrist", "right")[0]);
    expect(Math.abs(points[0]![0] - points[1]![0])).toBeGreaterThan(hands + 15);
  });
  it("a band goes to where it is tied, thicker where it is stronger", () => {
    const tied: [number, number] = [-0.6, 0.5];
    const band = { kind: "band", at: "wrist", side: "right", tied } as const;
    expect(pathOf({ ...band, strength: 1 }).points[1]).toEqual([-60, -50]);
    expect(pathOf({ ...band, strength: 2 }).thick).toBe(2 * pathOf({ ...band, strength: 1 }).thick);
  });
  it("a loop goes round both places", () => {
    const { points } = pathOf({
      kind: "loop",
      at: "ankle",
      side: "left",
      to: "ankle",
      toSide: "right",
    });
    const xs = points.map(([x]) => x);
    for (const one of ["left", "right"] as const) {
      const [x] = front.spot("ankle", one);
      expect(Math.min(...xs)).toBeLessThan(x);
      expect(Math.max(...xs)).toBeGreaterThan(x);
    }
  });
  it("from above only what lies on the body is where it is", () => {
    const things = Picture.parse({
      start: {},
      props: [{ kind: "mat" }, { kind: "loop", at: "ankle" }],
    }).props;
    expect(shownProps(things, front)).toHaveLength(2);
    expect(shownProps(things, front, 30)).toHaveLength(1);
  });
});

describe("things to stand, sit and hang on", () => {
  const hanging = drawingOf({ shoulder: 178, fingers: 60 }, 0, 0.12);
  const of = (prop: object, drawing = hanging) =>
    propShapes(Picture.parse({ start: {}, props: [prop] }).props[0]!, drawing);
  it("rings hang above each hand, an edge and a bar lie under the fingers", () => {
    const rings = of({ kind: "rings", at: "fingertips" });
    expect(rings).toHaveLength(4);
    const [, y] = hanging.spot("fingertips");
    const [strap] = rings as { points: Point[] }[];
    expect(Math.min(...strap!.points.map(([, py]) => py))).toBeLessThan(y - 5);
    expect((of({ kind: "edge", at: "fingertips" })[0] as { y: number }).y).toBeCloseTo(y - 0.5, 6);
  });
  it("a chair has its seat under the hips and stands on the floor", () => {
    const sitting = drawingOf({ hip: 90, knee: 90 }, 0);
    const [seat, leg, back] = of({ kind: "chair", at: "hip" }, sitting) as unknown as [
      { y: number },
      { y2: number },
      { x1: number; y1: number },
    ];
    expect(seat.y).toBeGreaterThan(sitting.spot("hip")[1]);
    expect(leg.y2).toBe(0);
    expect(back.x1).toBeLessThan(sitting.spot("hip")[0]);
    expect(back.y1).toBeLessThan(seat.y);
  });
  it("a wall that faces the eye lies behind all of the body, a wall of holds has four", () => {
    const [behind] = of({ kind: "wall", at: "hip", facing: "eye" }) as unknown as [
      { x: number; width: number; y: number; height: number },
    ];
    expect(behind.x).toBeLessThan(hanging.bounds.left);
    expect(behind.x + behind.width).toBeGreaterThan(hanging.bounds.right);
    expect(behind.y + behind.height).toBeCloseTo(0, 6);
    const holds = of({ kind: "holds", at: "fingertips" });
    expect(holds.filter(({ shape }) => shape === "disc")).toHaveLength(4);
  });
  it("half a roller lies on its flat side; a towel is a roll, or a line between the hands", () => {
    const [half] = of({ kind: "roller", at: "ball", half: true }, drawingOf({}, 0)) as unknown as [
      { points: Point[] },
    ];
    const ys = half.points.map(([, y]) => y);
    expect(ys[0]).toBeCloseTo(ys.at(-1)!, 6);
    expect(Math.max(...ys)).toBeCloseTo(ys[0]!, 6);
    expect(of({ kind: "towel", at: "heel" })[0]).toMatchObject({ shape: "disc" });
    expect(
      of({ kind: "towel", at: "wrist", side: "left", to: "wrist", toSide: "right" })[0],
    ).toMatchObject({ shape: "path" });
  });
  it("bare bones lie where the body's do, but for how it stands on the floor", () => {
    const pose = { pelvis: 20, hip: 60, knee: 70, shoulder: 90 };
    const [bare, drawn] = [bareOf(pose, { azimuth: 30 }), drawingOf(pose, 30)];
    const off = (at: "knee" | "wrist") => drawn.spot(at)[1] - bare.spot(at)[1];
    expect(bare.spot("knee")[0]).toBeCloseTo(drawn.spot("knee")[0], 6);
    expect(off("knee")).toBeCloseTo(off("wrist"), 6);
  });
});

describe("builds", () => {
  it("heavier is wider, a child's head is larger, nobody is taller for it", () => {
    const wide = (girth: number, head = 1) => {
      const { bounds, layers } = drawingOf({}, { azimuth: 0, build: { girth, head } });
      const size = (name: string) => {
        const xs = layers
          .find((one) => one.name === name)!
          .rings.flat()
          .map(([x]) => x);
        return Math.max(...xs) - Math.min(...xs);
      };
      return { trunk: size("trunk"), head: size("head"), bottom: bounds.bottom };
    };
    expect(wide(1.2).trunk).toBeGreaterThan(wide(1).trunk * 1.1);
    expect(wide(1, 1.2).head).toBeGreaterThan(wide(1).head * 1.1);
    expect(wide(1.2).bottom).toBeCloseTo(0, 6);
  });
});

describe("poses and pictures as content", () => {
  it("take one angle for both sides or one a side, and refuse what is no angle", () => {
    expect(Pose.safeParse({ hip: 90, knee: { left: 0, right: 90 } }).success).toBe(true);
    expect(Pose.safeParse({ hip: { left: 90 } }).success).toBe(false);
    expect(Pose.safeParse({ pelvis: "tilted" }).success).toBe(false);
  });
  it("fill in what is left out: seen from the side, nothing around", () => {
    expect(Picture.parse({ start: {} })).toMatchObject({ view: 0, props: [] });
    expect(Picture.safeParse({ start: {}, props: [{ kind: "trampoline" }] }).success).toBe(false);
  });
});

describe("between two postures", () => {
  const from = { pelvis: 10, hip: { left: 0, right: 40 } };
  const to = { pelvis: 30, hip: 20, knee: 50 };
  it("every angle goes its own way, from the one to the other", () => {
    expect(between(from, to, 0)).toMatchObject({ pelvis: 10, hip: { left: 0, right: 40 } });
    expect(between(from, to, 0.5)).toMatchObject({
      pelvis: 20,
      hip: { left: 10, right: 30 },
      knee: { left: 25, right: 25 },
    });
    expect(apart(between(from, to, 1), to)).toBe(0);
  });
  it("they are as far apart as their most different angle", () => {
    expect(apart(from, to)).toBe(50);
    expect(apart(from, from)).toBe(0);
  });
});
