import * as z from "zod";
import { Prep, type Run } from "#core/exchange/records";
import { unsafeOrder } from "#core/prep/order";
import { drillOf } from "#core/library";
import { moment, newId } from "../clock";
import { planned, refitted } from "../planning";
import type { AthleteView } from "../view";
import { change, openNotebook } from "./open";

type Answer = { refused: string } | null;

const Sent = z.object({ prep: Prep });

/** Plans anew after a change of kind, minutes, place or warmth; keeps what is locked. */
export async function planAgain(view: AthleteView, sent: unknown): Promise<Answer> {
  const { prep } = Sent.parse(sent);
  await change("plan the prep", [planned(view, prep).prep]);
  return null;
}

/** Keeps a new order, unless it breaks a rule of safety: then it says which. */
export async function reorder(view: AthleteView, sent: unknown): Promise<Answer> {
  const { prep } = Sent.parse(sent);
  const unsafe = unsafeOrder(prep.items, view.library, prep.alreadyWarm);
  if (unsafe) return { refused: unsafe };
  await change("move a drill", [refitted(view, prep)]);
  return null;
}

export async function lockItem(sent: unknown): Promise<Answer> {
  const { prep, itemId } = Sent.extend({ itemId: z.string() }).parse(sent);
  const items = prep.items.map((item) =>
    item.id === itemId ? { ...item, locked: !item.locked } : item,
  );
  await change("lock a drill", [{ ...prep, items }]);
  return null;
}

/** Drops a drill and plans the freed seconds, unless safety needs it: the raise, or the wrists before weight. */
export async function dropItem(view: AthleteView, sent: unknown): Promise<Answer> {
  const { prep, itemId } = Sent.extend({ itemId: z.string() }).parse(sent);
  const item = prep.items.find(({ id }) => id === itemId);
  if (!item) return null;
  const without = prep.items.filter(({ id }) => id !== itemId);
  const unsafe = unsafeOrder(without, view.library, prep.alreadyWarm);
  if (unsafe)
    return {
      refused: `${drillOf(view.library, item.drillId)?.name ?? "This drill"} stays: ${unsafe}`,
    };
  await change("drop a drill", [
    planned(view, {
      ...prep,
      items: without.filter(({ locked }) => locked),
      dropped: [...prep.dropped, item.drillId],
    }).prep,
  ]);
  return null;
}

export async function bringBack(view: AthleteView, sent: unknown): Promise<Answer> {
  const { prep, drillId } = Sent.extend({ drillId: z.string() }).parse(sent);
  await change("bring a drill back", [
    planned(view, { ...prep, dropped: prep.dropped.filter((id) => id !== drillId) }).prep,
  ]);
  return null;
}

/** Keeps the prep and opens a run of it; a run under way is not started twice. */
export async function startRun(view: AthleteView, sent: unknown): Promise<void> {
  const { prep } = Sent.parse(sent);
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
