import type { Point } from "./space";

/** What is to be written at a joint: where the joint is and how much room its words take. Unit: that of the paper, y down. */
export type Written = { at: Point; width: number; height: number };
export type Paper = {
  left: number;
  top: number;
  width: number;
  height: number;
  /** The size of the marks on it: a hundredth of its width, say. */
  unit: number;
};
/** A label with the top left corner of its words and the end of its leader at their rim. */
export type WrittenPlace = { left: number; top: number; edge: Point };

/** What a unit of each costs, against a unit of leader. Working figures, set by looking. */
const cost = { inside: 6, crossing: 60, overBody: 60, overFaint: 3, overLabel: 400, tangle: 120 };
/** A place is looked for on a grid of so many units. */
const step = 2;
/** Words keep so far off the body, units. */
const clear = 1.5;
/** Labels are placed one by one, then so often again with all others known. */
const rounds = 3;

/**
 * Writes labels near what they name: on free paper, off the body, off one another, each with a short leader that
 * leaves the limb of its joint the nearest way and crosses no other.
 * @param body rings that nothing may be written on and no leader should cross
 * @param faint rings that are better left free
 * @returns a place for each label, in the same order
 */
export function labelPlaces(
  labels: readonly Written[],
  paper: Paper,
  body: readonly (readonly Point[])[],
  faint: readonly (readonly Point[])[] = [],
): WrittenPlace[] {
  const ink = maskOf(body, paper);
  const chalk = maskOf(faint, paper);
  const alone = labels.map((label) => candidatesOf(label, paper, ink, chalk));
  const chosen: Placed[] = [];
  for (let round = 0; round < rounds; round += 1)
    labels.forEach((_, i) => {
      const others = chosen.filter((__, n) => n !== i);
      chosen[i] = best(alone[i]!, others);
    });
  return chosen.map(({ left, top, edge }) => ({ left, top, edge }));
}

type Rectangle = { left: number; top: number; right: number; bottom: number };
type Placed = WrittenPlace & { at: Point; right: number; bottom: number; alone: number };

/** Every place on the grid, with what it costs by itself; the cheapest first. */
function candidatesOf(label: Written, paper: Paper, ink: Mask, chalk: Mask): Placed[] {
  const { at } = label;
  const width = Math.min(label.width, paper.width);
  const height = Math.min(label.height, paper.height);
  const found: Placed[] = [];
  const by = paper.unit * step;
  for (let top = paper.top; top + height <= paper.top + paper.height; top += by)
    for (let left = paper.left; left + width <= paper.left + paper.width; left += by) {
      const place = { left, top, right: left + width, bottom: top + height };
      const edge = nearest(at, place);
      const length = Math.hypot(edge[0] - at[0], edge[1] - at[1]) / paper.unit;
      const way = walked(at, edge, ink, paper.unit);
      const alone =
        length +
        // Nearer, it covers the joint's ring.
        (length < 4 ? cost.overLabel : 0) +
        cost.inside * way.inside +
        cost.crossing * way.crossings +
        cost.overBody * ink.within(widened(place, paper.unit * clear)) +
        cost.overFaint * chalk.within(place);
      found.push({ ...place, edge, at, alone });
    }
  return found.sort((a, b) => a.alone - b.alone);
}

/** The cheapest with the others where they are. Candidates come sorted, so the search ends early. */
function best(candidates: readonly Placed[], others: readonly Placed[]): Placed {
  let chosen = candidates[0]!;
  let least = Infinity;
  for (const candidate of candidates) {
    if (candidate.alone >= least) break;
    const whole =
      candidate.alone + others.reduce((sum, other) => sum + against(candidate, other), 0);
    if (whole < least) [chosen, least] = [candidate, whole];
  }
  return chosen;
}

const against = (one: Placed, other: Placed): number =>
  (overlaps(one, other) ? cost.overLabel : 0) +
  (cross(one.at, one.edge, other.at, other.edge) ? cost.tangle : 0) +
  (through(one, other) || through(other, one) ? cost.tangle : 0);

const overlaps = (a: Placed, b: Placed): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Whether the leader of one runs through the words of another. */
const through = ({ at, edge }: Placed, { left, top, right, bottom }: Placed): boolean =>
  cross(at, edge, [left, top], [right, bottom]) || cross(at, edge, [left, bottom], [right, top]);

function cross(a: Point, b: Point, c: Point, d: Point): boolean {
  const turn = (p: Point, q: Point, r: Point) =>
    (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
}

const widened = ({ left, top, right, bottom }: Rectangle, by: number): Rectangle => ({
  left: left - by,
  top: top - by,
  right: right + by,
  bottom: bottom + by,
});

const nearest = ([x, y]: Point, { left, top, right, bottom }: Rectangle): Point => [
  Math.min(Math.max(x, left), right),
  Math.min(Math.max(y, top), bottom),
];

/** How much of a leader lies on the body, and how often it comes back onto it. */
function walked(from: Point, to: Point, mask: Mask, unit: number) {
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const steps = Math.max(1, Math.ceil(length / unit));
  let inside = 0;
  let crossings = 0;
  let before = true;
  for (let n = 1; n <= steps; n += 1) {
    const share = n / steps;
    const covered = mask.covers(
      from[0] + (to[0] - from[0]) * share,
      from[1] + (to[1] - from[1]) * share,
    );
    if (covered) inside += 1;
    if (covered && !before) crossings += 1;
    before = covered;
  }
  return { inside, crossings };
}

type Mask = {
  covers: (x: number, y: number) => boolean;
  /** The covered cells of a rectangle. */
  within: (place: Rectangle) => number;
};

/** The paper in cells of a unit, covered where a ring holds the middle of the cell. */
function maskOf(
  rings: readonly (readonly Point[])[],
  { left, top, width, height, unit }: Paper,
): Mask {
  const columns = Math.ceil(width / unit);
  const rows = Math.ceil(height / unit);
  const cells = new Uint8Array(columns * rows);
  for (const ring of rings)
    for (let row = 0; row < rows; row += 1) {
      const y = top + (row + 0.5) * unit;
      const cuts = crossingsAt(ring, y);
      for (let n = 0; n + 1 < cuts.length; n += 2) {
        const from = Math.max(0, Math.ceil((cuts[n]! - left) / unit - 0.5));
        const to = Math.min(columns - 1, Math.floor((cuts[n + 1]! - left) / unit - 0.5));
        for (let column = from; column <= to; column += 1) cells[row * columns + column] = 1;
      }
    }
  const sums = new Uint32Array((columns + 1) * (rows + 1));
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1)
      sums[(row + 1) * (columns + 1) + column + 1] =
        cells[row * columns + column]! +
        sums[row * (columns + 1) + column + 1]! +
        sums[(row + 1) * (columns + 1) + column]! -
        sums[row * (columns + 1) + column]!;
  const columnOf = (x: number) => Math.min(columns, Math.max(0, Math.floor((x - left) / unit)));
  const rowOf = (y: number) => Math.min(rows, Math.max(0, Math.floor((y - top) / unit)));
  return {
    covers: (x, y) => {
      const [column, row] = [Math.floor((x - left) / unit), Math.floor((y - top) / unit)];
      return (
        column >= 0 &&
        row >= 0 &&
        column < columns &&
        row < rows &&
        cells[row * columns + column] === 1
      );
    },
    within: (place) => {
      const [c1, c2] = [columnOf(place.left), Math.min(columns, columnOf(place.right) + 1)];
      const [r1, r2] = [rowOf(place.top), Math.min(rows, rowOf(place.bottom) + 1)];
      const at = (row: number, column: number) => sums[row * (columns + 1) + column]!;
      return at(r2, c2) - at(r1, c2) - at(r2, c1) + at(r1, c1);
    },
  };
}

/** Where a ring crosses a level, from left to right. */
function crossingsAt(ring: readonly Point[], y: number): number[] {
  const cuts: number[] = [];
  ring.forEach(([x1, y1], i) => {
    const [x2, y2] = ring[(i + 1) % ring.length]!;
    if (y1 <= y !== y2 <= y) cuts.push(x1 + ((y - y1) / (y2 - y1)) * (x2 - x1));
  });
  return cuts.sort((a, b) => a - b);
}
