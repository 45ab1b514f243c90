import * as z from "zod";
import { NextChosen } from "#core/records/athlete";
import { today } from "../clock";
import { change, openNotebook } from "../store/open";

/** Keeps what the coach says comes next for a drill, over what the rules propose. */
export async function chooseNext(athleteId: string, sent: unknown): Promise<null> {
  const chosen = NextChosen.omit({ on: true }).parse((sent as { chosen?: unknown }).chosen);
  const athlete = (await openNotebook()).notebook.get("athlete", athleteId);
  if (!athlete) return null;
  const others = athlete.nextChosen.filter(({ drillId }) => drillId !== chosen.drillId);
  await change(chosen.how === "pinned" ? "pin what comes next" : "choose what comes next", [
    { ...athlete, nextChosen: [...others, { ...chosen, on: today() }] },
  ]);
  return null;
}

/** Lets the rules propose again. */
export async function letGo(athleteId: string, sent: unknown): Promise<null> {
  const { drillId } = z.object({ drillId: z.string() }).parse(sent);
  const athlete = (await openNotebook()).notebook.get("athlete", athleteId);
  if (!athlete) return null;
  await change("let the rules propose", [
    { ...athlete, nextChosen: athlete.nextChosen.filter((one) => one.drillId !== drillId) },
  ]);
  return null;
}
