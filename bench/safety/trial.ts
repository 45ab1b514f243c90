import { unsaid } from "#core/prep/unsaid";
import { diceOf } from "../../core/stats/dice";
import { drillOf } from "../../core/content/library";
import { onRung } from "../../core/drill/drill";
import { alternativesTo } from "../../core/prep/alternatives";
import { mended, orderTerms } from "../../core/prep/mend";
import { planPrep } from "../../core/prep/plan";
import { retimed } from "../../core/prep/retime";
import { copiedTo } from "../../core/prep/variants";
import { itemBarred } from "../../core/run/barred";
import { atRungBy } from "../../core/run/floor";
import { memberOf } from "../../core/run/group";
import { throughTheGate } from "../../core/run/begin";
import type { PrepItem } from "../../core/records/records";
import { library } from "../../library/index";
import { wrongIn, type Judged } from "./oracle";
import { safetySituation } from "./situations";

/** A plan may be this many seconds short before it has to say so. */
const untold = 15;

/**
 * Everything that the oracle finds wrong in one situation: in the plan, at other minutes, in a copy, a swap, for
 * somebody who runs along, harder on the floor, and in what the start lets through after edits by hand.
 */
export function trial(seed: number): string[] {
  const { athlete, logs, place, prep, request } = safetySituation(seed);
  const dice = diceOf(seed + 7_000_003);
  const judged: Judged = {
    athlete,
    logs,
    place,
    on: prep.on,
    alreadyWarm: prep.alreadyWarm,
    library,
  };
  const wrong: string[] = [];
  const judge = (way: string, items: readonly PrepItem[]) =>
    wrong.push(...wrongIn(items, judged).map((one) => `${way}: ${one}`));
  /** Each by itself: whether it may be done, whatever stands before it. */
  const judgeAlone = (way: string, items: readonly PrepItem[]) => {
    for (const item of items)
      wrong.push(
        ...wrongIn([item], { ...judged, alreadyWarm: true })
          .filter((one) => !one.includes("hands"))
          .map((one) => `${way}: ${one}`),
      );
  };
  const plan = planPrep(request);
  judge("plan", plan.items);
  if (plan.seconds > request.budget && plan.note === null) wrong.push("plan: over its minutes");
  if (request.budget - plan.seconds > untold && plan.note === null)
    wrong.push(`plan: ${request.budget - plan.seconds} s short without a word`);
  for (const item of plan.items) {
    const drill = drillOf(library, item.drillId)!;
    const reached = request.nextSteps.get(drill.id)?.rungId ?? drill.rungs[0]!.id;
    const at = drill.rungs.findIndex(({ id }) => id === item.rungId);
    if (!item.id.includes("~") && at > drill.rungs.findIndex(({ id }) => id === reached))
      wrong.push(`plan: ${drill.id}/${item.rungId} is above the rung that was reached`);
  }
  const other = retimed(plan.items, [], Math.round(request.budget * (0.4 + dice.unit())), {
    ...request,
    budget: Math.round(request.budget * 0.6),
  });
  judge("other minutes", other.items);
  // A list by hand: any drills on any rungs, in any order.
  const any = Array.from({ length: 4 }, (_, n): PrepItem => {
    const drill = library.drills[Math.floor(dice.unit() * library.drills.length)]!;
    const rung = drill.rungs[Math.floor(dice.unit() * drill.rungs.length)]!;
    return onRung(
      {
        id: `${drill.id}~hand${n}`,
        drillId: drill.id,
        rungId: rung.id,
        ...unsaid,
        phase: drill.phase,
        segment: "",
        dose: rung.session ?? rung.warmUp!,
        sides: [] as ("left" | "right")[],
        why: [],
        serves: [],
      },
      drill,
      rung,
    );
  });
  const edited = [...plan.items.slice(0, 3), ...any];
  const started = throughTheGate({ ...prep, items: edited }, library, orderTerms(request));
  if ("prep" in started) judge("start after edits", edited);
  judge("mended", mended(edited, request).items);
  const free = mended(any, { ...request, place: null }).items;
  judgeAlone("copy", copiedTo(free, request).items);
  const [first] = plan.items.length > 1 ? alternativesTo(plan.items, 1, request, 2) : [];
  if (first)
    judge(
      "swap",
      plan.items.map((item, i) => (i === 1 ? first.item : item)),
    );
  // Somebody who runs along what was planned for another: each part by itself.
  for (const part of memberOf({ items: any }, { id: "p", name: "P" }, request).parts) {
    const item = any.find(({ id }) => id === part.itemId)!;
    if (part.rungId) judgeAlone("running along", [{ ...item, rungId: part.rungId }]);
  }
  for (const item of plan.items.slice(0, 5)) {
    const drill = drillOf(library, item.drillId)!;
    const harder = atRungBy(item, drill, 1, prep.session);
    if (harder && itemBarred(harder, drill, request).length === 0)
      judgeAlone("harder on the floor", [harder]);
  }
  return wrong;
}
