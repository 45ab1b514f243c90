import { Log } from "#core/records/records";
import { change } from "../store/open";

/** Keeps a log as it was filled in. Answers with what cannot be right. */
export async function saveLog(sent: unknown): Promise<{ error: string } | { kept: string }> {
  const parsed = Log.safeParse((sent as { log?: unknown }).log);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return { error: `${issue.path.join(" → ")}: ${issue.message}` };
  }
  await change("log", [parsed.data]);
  return { kept: parsed.data.id };
}

export const removeLog = (id: string): Promise<void> => change("remove a log", [], [`log/${id}`]);
