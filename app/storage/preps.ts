import * as z from "zod";
import { Prep, type Run } from "#core/exchange/records";
import { unsafeOrder } from "#core/prep/order";
import { drillOf } from "#core/library";
import { moment, newId } from "../clock";
import { planned, refitted } from "../planning";
import type { AthleteView } from "../view";
import { change, openNotebook, presentNotebook } from "./open";

type Answer = { refused: string } | null;

/** The prep as the page has it: it counts only while the notebook has none, for then it is a proposal. */
const Sent = z.object({ prep: Prep });

/** The prep as the notebook has it now. Read, worked out and committed without a pause, so that two quick changes both count. */
function latest(sent: unknown): Prep {
  const { prep } = Sent.parse(sent);
  return presentNotebook()?.notebook.get("prep", prep.id) ?? prep;
}

const Changes = Prep.pick({
  session: true,
  budget: true,
  placeId: true,
  alreadyWarm: true,
}).partial();

/** Plans anew after a change of kind, minutes, place or warmth; keeps what is locked. */
export async function planAgain(view: AthleteView, sent: unknown): Promise<Answer> {
  const { changes } = z.object({ changes: Changes }).parse(sent);
  const prep = latest(sent);
  const known = Object.fromEntries(
    Object.entries(changes).filter(([, value]) => value !== undefined),
  );
  await change("plan the prep", [planned(view, { ...prep, ...known }).prep]);
  return null;
}

/** Moves a drill by its place in the list, unless that breaks a rule of safety: then it says which. */
export async function reorder(view: AthleteView, sent: unknown): Promise<Answer> {
  const { from, to } = z.object({ from: z.int().min(0), to: z.int().min(0) }).parse(sent);
  const prep = latest(sent);
  const items = [...prep.items];
  const [moved] = items.splice(from, 1);
  if (!moved) return null;
  items.splice(to, 0, moved);
  const unsafe = unsafeOrder(items, view.library, prep.alreadyWarm);
  if (unsafe) return { refused: unsafe };
  await change("move a drill", [refitted(view, { ...prep, items })]);
  return null;
}

const Item = z.object({ itemId: z.string() });

export async function lockItem(sent: unknown): Promise<Answer> {
  const { itemId } = Item.parse(sent);
  const prep = latest(sent);
  const items = prep.items.map((item) =>
    item.id === itemId ? { ...item, locked: !item.locked } : item,
  );
  await change("lock a drill", [{ ...prep, items }]);
  return null;
}

/** Drops a drill and plans the freed seconds, unless safety needs it: the raise, or the wrists before weight. */
export async function dropItem(view: AthleteView, sent: unknown): Promise<Answer> {
  const { itemId } = Item.parse(sent);
  const prep = latest(sent);
  const item = prep.items.find(({ id }) => id === itemId);
  if (!item) return null;
  const without = prep.items.filter(({ id }) => id !== itemId);
  const unsafe = unsafeOrder(without, view.library, prep.alreadyWarm);
  if (unsafe)
    return {
      refused: `${drillOf(view.library, item.drillId)?.name ?? "This drill"} stays: ${unsafe}`,
    };
  const dropped = [...prep.dropped, item.drillId];
  await change("drop a drill", [planned(view, { ...prep, items: without, dropped }).prep]);
  return null;
}

export async function bringBack(view: AthleteView, sent: unknown): Promise<Answer> {
  const { drillId } = z.object({ drillId: z.string() }).parse(sent);
  const prep = latest(sent);
  const dropped = prep.dropped.filter((id) => id !== drillId);
  await change("bring a drill back", [planned(view, { ...prep, dropped }).prep]);
  return null;
}

/** Keeps the prep and opens a run of it; a run under way is not started twice. */
export async function startRun(view: AthleteView, sent: unknown): Promise<void> {
  const prep = latest(sent);
  const { notebook } = await openNotebook();
  if (notebook.all("run").some((run) => run.athleteId === view.athlete.id)) return;
  if (!notebook.get("prep", prep.id)) await change("keep the prep", [prep]);
  const run: Run = {
    kind: "run",
    id: newId("run"),
    athleteId: view.athlete.id,
    prep,
    events: [{ type: "start", at: moment() }],
  };
  await notebook.jot(run);
}
