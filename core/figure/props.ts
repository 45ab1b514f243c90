import type { Drawing } from "./drawing";
import type { Prop } from "./picture";

/** A prop as simple shapes on paper, in the drawing's units (hundredths of stature, y down). */
export type PropShape =
  | { shape: "block"; x: number; y: number; width: number; height: number }
  | { shape: "disc"; x: number; y: number; radius: number }
  | { shape: "line"; x1: number; y1: number; x2: number; y2: number; heavy: boolean }
  | { shape: "ramp"; x: number; y: number; width: number; height: number };

/** Lays a prop where its landmark is in this drawing, so that it touches in the start and in the end picture. */
export function propShapes(prop: Prop, drawing: Drawing): PropShape[] {
  if (prop.kind === "mat") {
    const { left, right } = drawing.bounds;
    return [{ shape: "block", x: left - 3, y: 0, width: right - left + 6, height: 2 }];
  }
  const [x, y] = drawing.spot(prop.at, prop.side ?? "right");
  switch (prop.kind) {
    case "wall": {
      const wall = prop.facing === "front" ? x + 1.5 + prop.gap * 100 : x - 1.5 - prop.gap * 100;
      return [
        {
          shape: "line",
          x1: wall,
          y1: Math.min(drawing.bounds.top - 4, -100),
          x2: wall,
          y2: 0,
          heavy: true,
        },
      ];
    }
    case "box": {
      const width = prop.width * 100;
      const top = Math.min(y + 2.5, -2);
      return [{ shape: "block", x: x - width / 2 + prop.shift * 100, y: top, width, height: -top }];
    }
    case "roller":
      return [{ shape: "disc", x, y: y + 6 + prop.radius * 40, radius: prop.radius * 100 }];
    case "ball":
      return [
        {
          shape: "disc",
          x: x + prop.shift[0] * 100,
          y: y - prop.shift[1] * 100,
          radius: prop.radius * 100,
        },
      ];
    case "bar":
      return [
        { shape: "line", x1: x, y1: y, x2: x, y2: y - 10, heavy: false },
        { shape: "disc", x, y, radius: 2.2 },
      ];
    case "stick":
      return prop.at === "toe"
        ? [{ shape: "line", x1: x, y1: 0, x2: x, y2: -52, heavy: false }]
        : [{ shape: "disc", x, y, radius: 1.6 }];
    case "wedge":
      return [{ shape: "ramp", x: x - 4, y: 0, width: 16, height: 4 }];
    case "weight":
      return [{ shape: "disc", x, y: y - 6, radius: 5 }];
    case "strap": {
      const [tx, ty] = drawing.spot(prop.to, prop.toSide ?? prop.side ?? "right");
      return [{ shape: "line", x1: x, y1: y, x2: tx, y2: ty, heavy: false }];
    }
  }
}
