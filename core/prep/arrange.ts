import { atRung, byText, rungOf, type Drill, type Rung } from "../drill/drill";
import { drillOf, type Library } from "../content/library";
import type { Format } from "../content/format";
import { defaultSchools, type Schools } from "../content/schools";
import type { PrepItem } from "../records/records";
import { doesOf } from "../exposure/does";
import { clash, rankOf } from "./order";
import { isReady } from "./mainly";
import { transition } from "./timeline";

/** Regions from the head down. */
const headToToe: readonly Drill["region"][] = [
  "whole body",
  "neck",
  "shoulders",
  "elbows and forearms",
  "hands and wrists",
  "upper back",
  "trunk",
  "hips",
  "splits",
  "turnout",
  "knees",
  "ankles and feet",
  "climbing",
];

type Terms = { format: Format; library: Library; schools?: Schools };

/** An item with what its place in the prep depends on. */
type Placed = {
  item: PrepItem;
  drill: Drill;
  part: number;
  position: ReturnType<typeof atRung>["position"];
  kit: readonly string[];
  ready: boolean;
  /** Of a skill, how much it does to a body: the easy ones come first. */
  risk: number;
  loadsHands: boolean;
};

/**
 * The items part by part; inside a part by kind, what readies the hands first, and then with as few changes of
 * position as the order of work allows, ending on the feet where the format asks for it.
 */
export function arrange(items: readonly PrepItem[], terms: Terms): PrepItem[] {
  const placed = items.flatMap((item) => placedIn(item, terms) ?? []);
  const sorted = placed.sort(
    (a, b) =>
      a.part - b.part ||
      rankIn(a.drill, terms) - rankIn(b.drill, terms) ||
      handsRank(a.drill, terms) - handsRank(b.drill, terms) ||
      a.risk - b.risk ||
      byText(a.position, b.position) ||
      headToToe.indexOf(a.drill.region) - headToToe.indexOf(b.drill.region) ||
      byText(a.drill.id, b.drill.id),
  );
  return withFewChanges(sorted, terms.format).map(({ item }) => item);
}

/** The kind of work, as the ways of working chosen order it. */
const rankIn = (drill: Drill, { schools = defaultSchools }: Terms): number =>
  rankOf(drill) + (schools.held === "static-first" && drill.kind === "contract-relax" ? 0.5 : 0);

/** What readies the hands stands first among its like, or last; what bears on them comes later than either. */
const handsRank = ({ preparesHands }: Drill, { schools = defaultSchools }: Terms): number =>
  preparesHands === (schools.hands === "first") ? 0 : 1;

function placedIn(item: PrepItem, { format, library }: Terms): Placed | null {
  const drill = drillOf(library, item.drillId);
  if (!drill) return null;
  const rung = rungOf(drill, item.rungId);
  const { position, loadsHands } = atRung(drill, rung);
  return {
    item,
    drill,
    part: partOf(item, format),
    position,
    kit: rung.kit,
    ready: isReady(drill, rung),
    risk: drill.kind === "skill" ? riskOf(drill, rung, library) : 0,
    loadsHands,
  };
}

/** What others of the library wait for comes before all of them. */
const comesFirst = -100;

function riskOf(drill: Drill, rung: Rung, { drills }: Library): number {
  const waitedFor = drills.some(({ rungs }) =>
    rungs.some(({ needs }) => needs?.after.some(({ drillId }) => drillId === drill.id)),
  );
  return (waitedFor ? comesFirst : 0) + doesOf(drill, rung).exposes.size;
}

/** The part an item stands in; a drill of none goes by its phase. */
export function partOf(item: PrepItem, { segments }: Format): number {
  const at = segments.findIndex(
    ({ name, phase }) => phase === item.phase && (item.segment === "" || name === item.segment),
  );
  return at >= 0 ? at : segments.findIndex(({ phase }) => phase === item.phase);
}

/** What it costs to end somewhere else than on the feet, seconds; more than any change of position. */
const notReady = 60;

function costOf(order: readonly Placed[], { ends }: Format): number {
  let sum = 0;
  let before: Placed | null = null;
  for (const one of order) {
    if (one.item.outside) continue;
    sum += transition(before, one);
    before = one;
  }
  return sum + (ends === "ready" && before && !before.ready ? notReady : 0);
}

/** Whether one may be moved from behind the other to before it. */
const mayPass = (mover: Placed, passed: Placed): boolean =>
  mover.part === passed.part &&
  clash(mover.drill, passed.drill) === null &&
  !(mover.loadsHands && passed.drill.preparesHands) &&
  !(mover.risk > passed.risk) &&
  !(mover.drill.kind === "pulse") &&
  !(passed.drill.kind === "pulse");

/** Moves what is done in one position about inside its part for as long as that saves changes. */
function withFewChanges(sorted: readonly Placed[], format: Format): Placed[] {
  let best = [...sorted];
  let cost = costOf(best, format);
  for (let round = 0; round < 4; round += 1) {
    const before = cost;
    for (let from = 0; from < best.length; from += 1)
      for (let length = 1; length <= runAt(best, from); length += 1)
        for (const to of reach(best, from, length)) {
          const tried = moved(best, from, length, to);
          const next = costOf(tried, format);
          if (next < cost) [best, cost] = [tried, next];
        }
    for (const tried of meetings(best)) {
      const next = costOf(tried, format);
      if (next < cost) [best, cost] = [tried, next];
    }
    if (cost === before) break;
  }
  return best;
}

/** Where one part could end and the next begin in one position: the last there moved to the end, the first to the front. */
function meetings(order: readonly Placed[]): Placed[][] {
  const found: Placed[][] = [];
  order.forEach((one, from) => {
    const lastOfPart = order.findLastIndex(({ part }) => part === one.part);
    order.forEach((other, at) => {
      if (other.part <= one.part || other.position !== one.position || at <= lastOfPart) return;
      const start = lastOfPart + 1;
      if (order[start]?.part !== other.part) return;
      if (from !== lastOfPart && !reach(order, from, 1).includes(lastOfPart)) return;
      if (at !== start && !reach(order, at, 1).includes(start)) return;
      found.push(moved(moved(order, at, 1, start), from, 1, lastOfPart));
    });
  });
  return found;
}

/** How many drills from here on are done in one position, in one part. */
function runAt(order: readonly Placed[], from: number): number {
  const first = order[from]!;
  const end = order.findIndex(
    (one, i) => i > from && (one.position !== first.position || one.part !== first.part),
  );
  return (end < 0 ? order.length : end) - from;
}

/** Where some that follow each other may go: up past what they may pass, and down past what may pass them. */
function reach(order: readonly Placed[], from: number, length: number): number[] {
  const block = order.slice(from, from + length);
  const found: number[] = [];
  for (let to = from - 1; to >= 0 && block.every((one) => mayPass(one, order[to]!)); to -= 1)
    found.push(to);
  for (
    let to = from + length;
    to < order.length && block.every((one) => mayPass(order[to]!, one));
    to += 1
  )
    found.push(to - length + 1);
  return found;
}

function moved(order: readonly Placed[], from: number, length: number, to: number): Placed[] {
  const list = [...order];
  list.splice(to, 0, ...list.splice(from, length));
  return list;
}
