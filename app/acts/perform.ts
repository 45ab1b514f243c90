import type { Outcome, Scene } from "#core/acts/act";
import type { ActName, AnswerOf, FieldsOf } from "#core/acts/decide";
import type { Refusal } from "#core/acts/refusal";
import type { AnyRecord } from "#core/records/records";
import { moment, newId, today } from "../clock";
import { everybody, ownerOf } from "../store/layout";
import type { Notebook } from "../store/notebook";
import { openNotebook, keepForLong } from "../store/open";
import { libraryOf } from "../whole-library";
import { shippedLibrary } from "../library";

/** The acts bring the planners along: they are fetched when the first page stands, and no act waits for them after that. */
const deciding = () => import("#core/acts/decide");
/** What they know of an athlete comes with them. */
const viewing = () => import("../view");
const ahead = () => void Promise.all([deciding(), viewing()]).catch(() => undefined);
if (typeof document !== "undefined")
  void openNotebook()
    .then(() => setTimeout(ahead, 1_000))
    .catch(() => undefined);

/** What came of an act: its answer, or why it was refused. */
export type Done<Answer> = { done: Answer } | { refused: Refusal };

/**
 * Does an act to the open notebook. What it reads is opened first; reading, deciding and committing are then one step
 * without a pause, so that two quick acts both count.
 * @param request where it is done, for the day that is looked at
 */
export async function perform<Name extends ActName>(
  sent: { act: Name } & FieldsOf<Name>,
  request = new Request("http://localhost/"),
): Promise<Done<AnswerOf<Name>>> {
  const [{ decide, neededFor }, { viewIn }, opened, shipped] = await Promise.all([
    deciding(),
    viewing(),
    openNotebook(),
    shippedLibrary(),
  ]);
  const { notebook } = opened;
  const look: Pick<Scene, "get" | "all"> = {
    get: (kind, id) => notebook.get(kind, id),
    all: (kind, athleteId) => notebook.all(kind, athleteId),
  };
  const own = [...("athleteId" in sent ? [sent.athleteId as string] : []), ...ownersSent(sent)];
  await openThose(notebook, own);
  const { others, asked } = neededFor(sent, look);
  await openThose(notebook, [...own, ...others]);
  const askedSkills = asked ? await skillsAsked(notebook) : new Set<string>();
  const scene: Scene = {
    ...look,
    situation: (athleteId) => viewIn(opened, shipped, athleteId, request),
    askedSkills,
    library: libraryOf(shipped, notebook),
    today: today(),
    moment: moment(),
    newId,
  };
  const outcome: Outcome<AnswerOf<Name>> = decide<Name>(scene, sent);
  if ("refused" in outcome) return outcome;
  keep(notebook, outcome);
  if (opened.name === "own" && outcome.does) void keepForLong();
  return { done: outcome.answer };
}

/** Opens the pages of those among them who are in the notebook and not open yet; all are needed at once. */
async function openThose(notebook: Notebook, ids: readonly string[]): Promise<void> {
  const known = [...new Set(ids)].filter((id) => notebook.get("athlete", id));
  if (known.some((id) => !notebook.isOpen(id))) await notebook.openAthletes(known);
}

function keep(
  notebook: Notebook,
  {
    does,
    put,
    remove = [],
    restore = [],
    quietly,
  }: Exclude<Outcome<unknown>, { refused: Refusal }>,
): void {
  if (does && (put.length > 0 || remove.length > 0))
    void notebook.commit(does, put, remove, restore);
  else if (put.length > 0) void notebook.jot(put, !quietly);
}

/** Whose records are sent along, as in a prep that is kept for another athlete. */
function ownersSent(sent: object): string[] {
  const records = Object.values(sent).flatMap((value: unknown) =>
    Array.isArray(value) ? (value as unknown[]) : [value],
  );
  return records.flatMap((record) =>
    typeof record === "object" && record !== null && "kind" in record && "id" in record
      ? [ownerOf(record as AnyRecord)].filter(
          (owner): owner is string => typeof owner === "string" && owner !== everybody,
        )
      : [],
  );
}

async function skillsAsked(notebook: Notebook): Promise<Set<string>> {
  const people = await notebook.people();
  return new Set(people.flatMap(({ aims }) => aims.map(({ skillId }) => skillId)));
}

/** An act as a page sends it: its name and fields as JSON; the athlete of the address stands where none is named. */
export async function performSent(
  request: Request,
  params: { athleteId?: string } = {},
): Promise<Done<unknown>> {
  const { isActName } = await deciding();
  const sent: unknown = await request.clone().json();
  const name = typeof sent === "object" && sent !== null && "act" in sent ? sent.act : null;
  if (!isActName(name))
    throw new Response(`There is no act called “${String(name)}”.`, { status: 400 });
  const whole = {
    ...(params.athleteId ? { athleteId: params.athleteId } : {}),
    ...(sent as object),
  };
  return perform(whole as { act: ActName } & FieldsOf<ActName>, request);
}
