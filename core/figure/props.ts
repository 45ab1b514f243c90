import type { Drawing } from "./drawing";
import type { Prop } from "./picture";
import type { Point } from "./space";

/**
 * A prop as simple shapes on paper, in the drawing's units (hundredths of stature, y down).
 * `before`: it passes in front of the body.
 */
export type PropShape =
  | { shape: "block"; x: number; y: number; width: number; height: number }
  | { shape: "disc"; x: number; y: number; radius: number; before?: boolean }
  | { shape: "line"; x1: number; y1: number; x2: number; y2: number; heavy: boolean }
  | { shape: "ramp"; x: number; y: number; width: number; height: number }
  | {
      shape: "path";
      points: Point[];
      closed: boolean;
      filled: boolean;
      thick: number;
      before: boolean;
    };

const block = (x: number, y: number, width: number, height: number): PropShape => ({
  shape: "block",
  x,
  y,
  width,
  height,
});

/** A line in front of the body: a band, a strap, a stick. */
const cord = (points: Point[], thick: number, closed = false): PropShape => ({
  shape: "path",
  points,
  closed,
  filled: false,
  thick,
  before: true,
});

/** How thick things are, hundredths of stature. */
const thick = { band: 1.5, strap: 1.1, stick: 1.7, towel: 3 };
/** A stick stands out beyond the hands by so much. */
const stickBeyond = 9;
/** A loop stands off the limbs it holds by so much; off fingers, less. */
const loopOff = { limbs: 3.4, fingers: 1.1 };

/** Lays a prop where its landmark is in this drawing, so that it touches in the start and in the end picture. */
export function propShapes(prop: Prop, drawing: Drawing): PropShape[] {
  if (prop.kind === "mat") {
    const { left, right } = drawing.bounds;
    return [block(left - 3, 0, right - left + 6, 2)];
  }
  const side = prop.side ?? "right";
  const [x, y] = drawing.spot(prop.at, side);
  const other = (): Point | null =>
    "to" in prop && prop.to ? drawing.spot(prop.to, prop.toSide ?? side) : null;
  switch (prop.kind) {
    case "wall":
      if (prop.facing === "eye") return [wallBehind(drawing)];
      return [wallLine(x + (prop.facing === "front" ? 1 : -1) * (1.5 + prop.gap * 100), drawing)];
    case "box":
    case "block": {
      const width = prop.width * 100;
      const top = Math.min(y + 2.5, prop.kind === "block" ? -3 : -2);
      return [block(x - width / 2 + prop.shift * 100, top, width, -top)];
    }
    case "chair":
      return chair(x, y + 4, prop.facing === "front" ? 1 : -1);
    case "roller":
      return [roller(x + prop.shift[0] * 100, y - prop.shift[1] * 100, prop.radius * 100, prop)];
    case "ball":
      return [
        {
          shape: "disc",
          x: x + prop.shift[0] * 100,
          y: y - prop.shift[1] * 100,
          radius: prop.radius * 100,
          before: prop.before,
        },
      ];
    case "bar":
      return [
        { shape: "line", x1: x, y1: y, x2: x, y2: y - 10, heavy: false },
        { shape: "disc", x, y, radius: 2.2 },
      ];
    case "rings":
      return (["left", "right"] as const).flatMap((hand) =>
        ring(drawing.spot(prop.at, hand), drawing),
      );
    case "edge":
      return [block(x - 1.5, y - 0.5, 7, 2.6)];
    case "holds":
      return [
        wallLine(x + 2 + prop.gap * 100, drawing),
        ...(["fingertips", "toe"] as const).flatMap((at) =>
          (["left", "right"] as const).map((one): PropShape => {
            const [hx, hy] = drawing.spot(at, one);
            return { shape: "disc", x: hx + 1, y: hy + 1, radius: 1.8 };
          }),
        ),
      ];
    case "wedge":
      return [{ shape: "ramp", x: x - 4, y: 0, width: prop.width * 100, height: prop.width * 25 }];
    case "weight":
      return [{ shape: "disc", x, y: y - 6, radius: 5 }];
    case "stick": {
      if (prop.upright)
        return [
          cord(
            [
              [x, 0],
              [x, -52],
            ],
            thick.stick,
          ),
        ];
      const to = other();
      return to
        ? [cord(beyond([x, y], to, stickBeyond), thick.stick)]
        : [{ shape: "disc", x, y, radius: 1.6, before: true }];
    }
    case "towel": {
      const to = other();
      return to
        ? [cord([[x, y], to], thick.towel)]
        : [{ shape: "disc", x, y: Math.min(y + 3, -2.6), radius: 2.6, before: prop.before }];
    }
    case "strap":
      return [cord([[x, y], other() ?? [x, y]], thick.strap)];
    case "band": {
      if (!prop.tied) return [cord([[x, y], other() ?? [x, y]], thick.band * prop.strength)];
      const [tx, ty] = [prop.tied[0] * 100, -prop.tied[1] * 100];
      return [
        cord(
          [
            [x, y],
            [tx, ty],
          ],
          thick.band * prop.strength,
        ),
        block(tx - 1.2, ty - 1.6, 2.4, 3.2),
      ];
    }
    case "loop":
      return [
        cord(
          around(
            [x, y],
            other() ?? [x, y],
            prop.at === "fingertips" ? loopOff.fingers : loopOff.limbs,
          ),
          prop.at === "fingertips" ? 0.7 : thick.band,
          true,
        ),
      ];
  }
}

/** What lies on the body, and not on the floor: what a close-up from above can show where it is. */
const onTheBody = new Set<Prop["kind"]>(["ball", "stick", "strap", "band", "loop", "weight"]);

/** The things of a picture as one of its drawings shows them. @param above how far from above it is looked at, degrees */
export const shownProps = (props: readonly Prop[], drawing: Drawing, above = 0): PropShape[] =>
  props
    .filter(({ kind }) => above === 0 || onTheBody.has(kind))
    .flatMap((prop) => propShapes(prop, drawing));

const wallLine = (x: number, drawing: Drawing): PropShape => ({
  shape: "line",
  x1: x,
  y1: Math.min(drawing.bounds.top - 4, -100),
  x2: x,
  y2: 0,
  heavy: true,
});

/** A wall that the eye looks at, behind everything. */
function wallBehind({ bounds: { left, right, top } }: Drawing): PropShape {
  const high = Math.min(top - 4, -60);
  return block(left - 4, high, right - left + 8, -high);
}

/** A seat with its legs and back. @param ahead 1 where who sits on it looks to the right */
function chair(x: number, seat: number, ahead: 1 | -1): PropShape[] {
  const top = Math.min(seat, -4);
  const [front, back] = [x + ahead * 12, x - ahead * 9];
  const leg = (at: number, y1: number): PropShape => ({
    shape: "line",
    x1: at,
    y1,
    x2: at,
    y2: 0,
    heavy: false,
  });
  return [block(Math.min(front, back), top, 21, 2.2), leg(front, top), leg(back, top - 26)];
}

/** A roll seen from its end; half of one lies on its flat side. */
const roller = (
  x: number,
  y: number,
  radius: number,
  { half, before }: { half: boolean; before: boolean },
): PropShape =>
  half
    ? {
        shape: "path",
        points: Array.from({ length: 13 }, (_, n): Point => {
          const angle = (n / 12) * Math.PI;
          return [x - radius * Math.cos(angle), y + radius * (0.5 - Math.sin(angle))];
        }),
        closed: true,
        filled: true,
        thick: 0.9,
        before,
      }
    : { shape: "disc", x, y, radius, before };

/** A ring in the hand, and what it hangs on. */
const ring = ([x, y]: Point, { bounds }: Drawing): PropShape[] => [
  cord(
    [
      [x, y - 3.4],
      [x, Math.min(bounds.top, y) - 12],
    ],
    thick.strap,
  ),
  cord(around([x, y], [x, y], 3.4), thick.stick, true),
];

/** A line through two points, drawn on beyond both. */
function beyond(a: Point, b: Point, by: number): Point[] {
  const size = Math.hypot(b[0] - a[0], b[1] - a[1]);
  // Hands one behind the other: the stick is seen from its end, as a short piece.
  const [ux, uy] = size < 1 ? [1, 0] : [(b[0] - a[0]) / size, (b[1] - a[1]) / size];
  return [
    [a[0] - ux * by, a[1] - uy * by],
    [b[0] + ux * by, b[1] + uy * by],
  ];
}

/** A closed line about two points at a distance from both. */
function around(a: Point, b: Point, off: number): Point[] {
  const turn = Math.atan2(b[1] - a[1], b[0] - a[0]);
  const half = (centre: Point, from: number): Point[] =>
    Array.from({ length: 9 }, (_, n) => {
      const angle = from + (n / 8) * Math.PI;
      return [centre[0] + off * Math.cos(angle), centre[1] + off * Math.sin(angle)];
    });
  return [...half(b, turn - Math.PI / 2), ...half(a, turn + Math.PI / 2)];
}
