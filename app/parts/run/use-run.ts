import { useCallback, useMemo, useState } from "react";
import type { SiteId } from "#core/body/sites";
import type { LeftRight } from "#core/body/side";
import { rungOf } from "#core/drill/drill";
import type { PlanChange, PrepItem, Run } from "#core/records/records";
import { drillOf } from "#core/content/library";
import { sideDifferences } from "#core/aim/sides";
import { extraFor, shorterSides } from "#core/progress/shorter-side";
import { itemBarred } from "#core/run/barred";
import { nextDue } from "#core/run/cues";
import { atRungBy, oneMore, oneMoreOn, withItem, type Remedy } from "#core/run/floor";
import type { MinutesNow } from "#core/run/minutes-now";
import { runAt } from "#core/run/run";
import { withShut } from "#core/run/shut";
import type { RunState } from "#core/run/state";
import { requestOf } from "#core/situation/request-of";
import { lastSlip } from "#core/run/slips";
import type { Happening } from "#core/acts/runs";
import { perform } from "../../acts/perform";
import type { AthleteView } from "../../view";
import { say } from "../say";
import type { PainSaid } from "./pain-dialog";
import { useNextLook, useWallClock } from "./use-clock";
import { againstWords, liftOf, notPermittedWords } from "#words/prep";

/** An event is later than the last look at the clock. */
const lastMoment = ({ events }: Run): number => Date.parse(events.at(-1)?.at ?? "") || 0;

/** Seconds until the number on the screen is another. */
const nextSecond = ({ into }: RunState): number => 1 - (into % 1);

/** The run as it stands, and everything that can be done to it. */
export function useRun(view: AthleteView, run: Run) {
  const { library } = view;
  const [time, look] = useWallClock();
  const state = useMemo(
    () => runAt(run, library, Math.max(time, lastMoment(run))),
    [run, library, time],
  );
  useNextLook(state.status === "running", Math.min(nextDue(state), nextSecond(state)), look);
  const [waiting, setWaiting] = useState(false);
  const step = state.steps[state.at];
  const item = step ? state.items[step.item] : undefined;
  const drill = item ? drillOf(library, item.drillId) : undefined;

  const asked = useMemo(() => requestOf(view, run.prep), [view, run.prep]);
  // The same list as long as it says the same: the state is new at every look at the clock.
  const said = state.shut.join(" ");
  const shut = useMemo(() => said.split(" ").filter(Boolean) as SiteId[], [said]);
  const request = useMemo(() => ({ ...asked, body: withShut(asked.body, shut) }), [asked, shut]);

  const tell = useCallback(
    (...events: Happening[]) => {
      setWaiting(true);
      void perform({ act: "happen", runId: run.id, events })
        .then((came) => {
          if ("refused" in came && came.refused.why === "not-permitted")
            say(notPermittedWords(came.refused.drill, came.refused.against));
        })
        .finally(() => setWaiting(false));
    },
    [run],
  );
  const plan = (why: PlanChange, changed: PrepItem | null, ...before: Parameters<typeof tell>) => {
    if (changed) tell(...before, { type: "plan", why, items: withItem(state.items, changed) });
  };

  const climb = (by: -1 | 1) => {
    if (!item || !drill) return;
    const next = atRungBy(item, drill, by, run.prep.session);
    if (!next)
      return say(
        by > 0 ? "No harder level: the top of the ladder." : "This is the easiest level already.",
      );
    const [barred] = itemBarred(next, drill, request);
    if (barred) return say(`Not that level: ${againstWords(barred)}. ${liftOf(barred)}`);
    plan(by > 0 ? "harder" : "easier", next);
    say(`${rungOf(drill!, next.rungId).name}.`);
  };

  const shorter = useMemo(
    () => shorterSides(sideDifferences(view.allGaps, view.checks, library, view.day)),
    [view, library],
  );
  const extra = item && drill && !item.extra ? extraFor(item, drill, shorter) : null;

  return {
    time,
    library,
    state,
    step,
    item,
    drill,
    request,
    waiting,
    extra,
    canUndo: lastSlip(run) >= 0,
    tell,
    toggle: () => tell({ type: state.status === "running" ? "pause" : "resume" }),
    next: () => tell({ type: "next" }),
    back: () => tell({ type: "back" }),
    skip: () => tell({ type: "skip" }),
    longer: () => {
      tell({ type: "longer", seconds: 15 });
      say("15 s more.");
    },
    easier: () => climb(-1),
    harder: () => climb(1),
    more: () => {
      const next = item && oneMore(item);
      if (!next) return say("No more sets of this.");
      plan("more-sets", next);
      say(next.dose.type === "contract-relax" ? "One round more." : "One set more.");
    },
    moreOn: (side: LeftRight) => {
      const next = item && oneMoreOn(item, side);
      if (!next) return;
      plan("shorter-side", next);
      say(`One set more on the ${side}.`);
    },
    swap: (next: PrepItem) => {
      if (!item) return;
      const { id, segment, boxed } = item;
      plan("swap", { ...next, id, segment, boxed, dose: boxed ? item.dose : next.dose });
    },
    loose: () => {
      tell({ type: "loose" });
      say("Loose, noted.");
    },
    seen: (see: string, remedy: Remedy, words: string) => {
      const form = remedy.id === "rung-down" ? "lost" : "wobble";
      const then = words.split(":")[0]!.toLowerCase();
      // What was seen is kept, whatever the gate says of the rung below.
      const barred = remedy.item && drill ? itemBarred(remedy.item, drill, request) : [];
      if (remedy.item && barred.length === 0)
        plan("form", remedy.item, { type: "form", form, seen: see, then });
      else tell({ type: "form", form, seen: see, then });
      say(drill && barred.length > 0 ? notPermittedWords(drill.name, barred) : `${words}.`);
    },
    minutes: (now: MinutesNow) => {
      if (now.endsPresent)
        tell({ type: "skip" }, { type: "plan", why: "minutes", items: now.items });
      else tell({ type: "plan", why: "minutes", items: now.items });
    },
    hurt: (said: PainSaid) => tell({ type: "pain", ...said }),
    undo: () =>
      void perform({ act: "take-back", runId: run.id }).then((came) =>
        say("done" in came && came.done.taken ? "Taken back." : "Nothing to take back."),
      ),
  };
}

export type RunDesk = ReturnType<typeof useRun>;
