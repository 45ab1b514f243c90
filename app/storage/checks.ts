import * as z from "zod";
import { Check } from "#core/exchange/records";
import { moment, newId, today } from "../clock";
import { change, openNotebook } from "./open";
import { plainSettings } from "../view";

const Sent = Check.pick({
  protocolId: true,
  protocolVersion: true,
  side: true,
  mode: true,
  temperature: true,
  instrument: true,
  tester: true,
  trials: true,
  pain: true,
  seen: true,
  note: true,
});

/** Keeps a round of checks as one change, dated today; remembers who measured. */
export async function saveRound(athleteId: string, sent: unknown): Promise<{ kept: number }> {
  const { checks } = z.object({ checks: z.array(Sent).min(1) }).parse(sent);
  const { notebook } = await openNotebook();
  const settings = notebook.get("settings", "settings") ?? plainSettings;
  const tester = checks[0]!.tester;
  await change(`${checks.length} check${checks.length > 1 ? "s" : ""}`, [
    ...checks.map((check): Check => ({
      kind: "check",
      id: newId("check"),
      athleteId,
      on: today(),
      at: moment(),
      ...check,
    })),
    ...(tester !== settings.tester ? [{ ...settings, tester }] : []),
  ]);
  return { kept: checks.length };
}

export async function removeCheck(sent: unknown): Promise<null> {
  const { id } = z.object({ id: z.string() }).parse(sent);
  await change("remove a check", [], [`check/${id}`]);
  return null;
}
