import * as z from "zod";
import { JointId } from "#core/body/motions";
import { Dose } from "#core/drill/dose";
import { Prep, PrepItem, type Run } from "#core/records/records";
import { ladderOf } from "#core/prep/doses";
import { eligibility } from "#core/prep/eligible";
import { Clocked, Gaps } from "#core/content/format";
import { itemFrom } from "#core/prep/item";
import { mended, orderTerms } from "#core/prep/mend";
import { breaches } from "#core/prep/order";
import { arrange } from "#core/prep/plan";
import { formatFor } from "#core/prep/request";
import { retimed } from "#core/prep/retime";
import { rungOf } from "#core/drill/drill";
import { drillOf } from "#core/content/library";
import { memberOf } from "#core/run/group";
import { moment, newId } from "../clock";
import { planned, refitted, requestOf } from "#core/situation/planning";
import type { AthleteView } from "../view";
import { change, jot, openNotebook, presentNotebook } from "../store/open";

/** The prep as the page has it: it counts only while the notebook has none, for then it is a proposal. */
const Sent = z.object({ prep: Prep });

/** The prep as the notebook has it now. Read, worked out and committed without a pause, so that two quick changes both count. */
function latest(sent: unknown): Prep {
  const { prep } = Sent.parse(sent);
  return presentNotebook()?.notebook.get("prep", prep.id) ?? prep;
}

const keep = (label: string, prep: Prep): Promise<void> => change(label, [prep]);

/** What may be changed. Written out, since a field with a default would set itself where it was not sent. */
const Changes = z
  .object({
    format: z.string(),
    budget: z.int().min(120).max(7200),
    placeId: z.string().nullable(),
    alreadyWarm: z.boolean(),
    flagged: z.array(JointId),
    handOver: z.int().min(0).max(600),
    clocked: Clocked.nullable(),
    gaps: Gaps.nullable(),
    ramp: z.object({ drillId: z.string(), rungId: z.string() }).nullable(),
    turn: z.int().min(0),
  })
  .partial();

/** Plans anew after a change of shape, minutes, place or warmth; keeps what is locked. A new format brings its own numbers. */
export async function planAgain(view: AthleteView, sent: unknown): Promise<null> {
  const { changes } = z.object({ changes: Changes }).parse(sent);
  const prep = latest(sent);
  const known = Object.fromEntries(
    Object.entries(changes).filter(([, value]) => value !== undefined),
  ) as Partial<Prep>;
  await keep("plan the prep", planned(view, reshaped(view, prep, known)).prep);
  return null;
}

/** A prep with some of its terms changed; where the format changes, at that format's minutes and doses. */
function reshaped(view: AthleteView, prep: Prep, changes: Partial<Prep>): Prep {
  const next: Prep = { ...prep, ...changes, touched: false };
  if (changes.format === undefined || changes.format === prep.format) return next;
  const format = formatFor(view.library, next);
  return {
    ...next,
    session: format.doses,
    budget: format.minutes * 60,
    handOver: format.handOver,
    clocked: null,
    gaps: null,
    flagged: next.flagged.length > 0 ? next.flagged : view.athlete.flagged,
  };
}

/** Takes a prep to other minutes as the preview showed it. */
export async function retime(view: AthleteView, sent: unknown): Promise<null> {
  const { budget } = z.object({ budget: z.int().min(120).max(7200) }).parse(sent);
  const prep = latest(sent);
  const { items } = retimed(prep.items, [], budget, requestOf(view, { ...prep, budget }));
  await keep("change the minutes", { ...prep, budget, items });
  return null;
}

/** Moves a drill by its place in the list. What that breaks is shown, not refused. */
export async function reorder(view: AthleteView, sent: unknown): Promise<null> {
  const { from, to } = z.object({ from: z.int().min(0), to: z.int().min(0) }).parse(sent);
  const prep = latest(sent);
  const items = [...prep.items];
  const [moved] = items.splice(from, 1);
  if (!moved) return null;
  items.splice(to, 0, moved);
  await keep("move a drill", refitted(view, { ...prep, items, touched: true }));
  return null;
}

/** Mends what an edit broke, as little as possible. */
export async function repair(view: AthleteView, sent: unknown): Promise<{ removed: string[] }> {
  const prep = latest(sent);
  const { items, removed } = mended(prep.items, requestOf(view, prep));
  await keep("mend the order", refitted(view, { ...prep, items }));
  return { removed: removed.map((id) => drillOf(view.library, id)?.name ?? id) };
}

const Item = z.object({ itemId: z.string() });

export async function lockItem(sent: unknown): Promise<null> {
  const { itemId } = Item.parse(sent);
  const prep = latest(sent);
  const items = prep.items.map((item) =>
    item.id === itemId ? { ...item, locked: !item.locked } : item,
  );
  await keep("lock a drill", { ...prep, items });
  return null;
}

/** Drops a drill. The freed seconds stay free until they are filled; what is broken by it is shown. */
export async function dropItem(view: AthleteView, sent: unknown): Promise<null> {
  const { itemId } = Item.parse(sent);
  const prep = latest(sent);
  const item = prep.items.find(({ id }) => id === itemId);
  if (!item) return null;
  const items = prep.items.filter(({ id }) => id !== itemId);
  const dropped = [...new Set([...prep.dropped, item.drillId])];
  await keep("drop a drill", { ...prep, items, dropped, touched: true });
  return null;
}

/** Lets a dropped drill in again, where it would stand. */
export async function addDrill(view: AthleteView, sent: unknown): Promise<null> {
  const { drillId } = z.object({ drillId: z.string() }).parse(sent);
  const prep = latest(sent);
  const drill = drillOf(view.library, drillId);
  if (!drill || prep.items.some((item) => item.drillId === drillId)) return null;
  const dropped = prep.dropped.filter((id) => id !== drillId);
  const request = requestOf(view, { ...prep, dropped });
  const found = eligibility(drill, {
    ...request,
    format: { ...request.format, serves: "every-joint" },
  });
  if (!("places" in found)) return null;
  const place = found.places[0]!;
  const item = itemFrom(
    place,
    ladderOf(place.dose, drill, request.format)[0] ?? place.dose,
    request,
  );
  const items = arrange([...prep.items, item], request);
  await keep(`add ${drill.name.toLowerCase()}`, { ...prep, items, dropped, touched: true });
  return null;
}

/** Puts another drill in the place of one. */
export async function swapItem(sent: unknown): Promise<null> {
  const { itemId, item } = Item.extend({ item: PrepItem }).parse(sent);
  const prep = latest(sent);
  const items = prep.items.map((one) => (one.id === itemId ? item : one));
  await keep("swap a drill", { ...prep, items, touched: true });
  return null;
}

/** Another rung, or another dose, of a drill in its place. */
export async function editItem(view: AthleteView, sent: unknown): Promise<null> {
  const { itemId, rungId, dose } = Item.extend({
    rungId: z.string().optional(),
    dose: Dose.optional(),
  }).parse(sent);
  const prep = latest(sent);
  const items = prep.items.map((item) => {
    const drill = drillOf(view.library, item.drillId);
    if (item.id !== itemId || !drill) return item;
    if (!rungId) return { ...item, dose: dose ?? item.dose };
    const rung = rungOf(drill, rungId);
    const usual = prep.session === "warm-up" ? rung.warmUp : rung.session;
    return { ...item, rungId: rung.id, dose: item.boxed ? item.dose : (usual ?? item.dose) };
  });
  await keep(rungId ? "another rung" : "another dose", { ...prep, items, touched: true });
  return null;
}

/** Gives one side of a drill so many sets more, or takes them off again; the rest of the prep makes room for it. */
export async function extraItem(view: AthleteView, sent: unknown): Promise<null> {
  const { itemId, extra } = Item.extend({ extra: PrepItem.shape.extra }).parse(sent);
  const prep = latest(sent);
  const was = prep.items.find(({ id }) => id === itemId);
  if (!was) return null;
  const wanted = prep.items.map((item) =>
    item.id === itemId ? { ...item, extra, locked: true } : item,
  );
  const { items } = retimed(wanted, [], prep.budget, requestOf(view, { ...prep, items: wanted }));
  await keep(extra ? `a set more on the ${extra.side}` : "both sides alike", {
    ...prep,
    items: items.map((item) => (item.id === itemId ? { ...item, locked: was.locked } : item)),
    touched: true,
  });
  return null;
}

/** Fills free minutes with more, or takes off what is over: everything there is kept as long as it fits. */
export async function fillUp(view: AthleteView, sent: unknown): Promise<null> {
  const prep = latest(sent);
  const { items } = retimed(prep.items, [], prep.budget, requestOf(view, prep));
  await keep("fit the minutes", { ...prep, items });
  return null;
}

/** Puts the proven plan in the place of the first one, if nobody has touched that since; false when somebody has. */
export async function takeProven(sent: unknown): Promise<Prep | null> {
  const { prep, items } = z.object({ prep: Prep, items: z.array(PrepItem) }).parse(sent);
  const kept = presentNotebook()?.notebook.get("prep", prep.id);
  if (kept && JSON.stringify(kept.items) !== JSON.stringify(prep.items)) return null;
  const proven = { ...prep, items };
  // Nobody asked for it: it is no step of undo, and loses none.
  if (kept) await jot([proven]);
  return proven;
}

/** Keeps a prep under a name as the athlete's own, for any day. */
export async function keepAsOwn(sent: unknown): Promise<null> {
  const { name } = z.object({ name: z.string().trim().min(1).max(60) }).parse(sent);
  const prep = latest(sent);
  const items = prep.items.map((item) => ({ ...item, locked: false }));
  await keep(`keep ${name}`, { ...prep, id: newId("prep"), own: name, items, touched: true });
  return null;
}

/** Puts one of the athlete's own preps on the day, as it was kept; what breaks a rule by now is shown. */
export async function takeOwn(view: AthleteView, sent: unknown): Promise<null> {
  const { ownId } = z.object({ ownId: z.string() }).parse(sent);
  const prep = latest(sent);
  const own = view.ownPreps.find(({ id }) => id === ownId);
  if (own)
    await keep(`use ${own.own}`, {
      ...own,
      id: prep.id,
      on: prep.on,
      own: "",
      placeId: prep.placeId,
      alreadyWarm: prep.alreadyWarm,
      touched: true,
    });
  return null;
}

export async function removeOwn(sent: unknown): Promise<null> {
  const { ownId } = z.object({ ownId: z.string() }).parse(sent);
  await change("remove an own prep", [], [`prep/${ownId}`]);
  return null;
}

/** Keeps preps for other days or another athlete. */
export async function keepPreps(sent: unknown): Promise<null> {
  const { preps } = z.object({ preps: z.array(Prep) }).parse(sent);
  await change(preps.length > 1 ? `keep ${preps.length} preps` : "keep the prep", preps);
  return null;
}

/**
 * Keeps the prep and opens a run of it; a run under way is not started twice, and a prep that breaks a rule not at all.
 * @param along everybody else who runs by the same clock
 */
export async function startRun(
  view: AthleteView,
  sent: unknown,
  along: readonly AthleteView[] = [],
): Promise<"running" | "unsafe"> {
  const prep = latest(sent);
  const { notebook } = await openNotebook();
  const request = requestOf(view, prep);
  if (breaches(prep.items, view.library, orderTerms(request)).length > 0) return "unsafe";
  if (notebook.all("run", view.athlete.id).length > 0) return "running";
  const run: Run = {
    kind: "run",
    id: newId("run"),
    athleteId: view.athlete.id,
    prep,
    events: [{ type: "start", at: moment() }],
    group: along.map((member) => memberOf(prep, member.athlete, requestOf(member, prep))),
  };
  await jot(notebook.get("prep", prep.id) ? [run] : [prep, run]);
  return "running";
}
