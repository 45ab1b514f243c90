import * as z from "zod/mini";
import { liftedWithout } from "../safety/lifted";
import type { PainLock } from "../safety/pain";
import { drillOf } from "../content/library";
import { rungOf } from "../drill/drill";
import { NextChosen } from "../records/athlete";
import { DayNote, Log } from "../records/records";
import { does, gone, Of, rule, type Outcome } from "./act";

/** Keeps a log as it was filled in. */
const saveLog = rule({
  sent: z.object({ log: Log }),
  decide: (_, { log }): Outcome<{ kept: string }> => ({
    does: { does: "log" },
    put: [log],
    answer: { kept: log.id },
  }),
});

/** What tells one log of a day from another: what was done in it. */
const logName = ({ athleteId, on, items }: Pick<Log, "athleteId" | "on" | "items">): string =>
  [athleteId, on, ...items.map(({ drillId, rungId }) => `${drillId}/${rungId}`).sort()].join("|");

/**
 * Takes over logs of a coach's own table, of any day up to today, as one change. What the notebook has already (the same
 * drills on the same day) is left out. Answers with how many were kept.
 */
const takeLogs = rule({
  sent: z.object({
    logs: z
      .array(z.pick(Log, { athleteId: true, on: true, minutes: true, items: true, note: true }))
      .check(z.minLength(1), z.maxLength(5000)),
  }),
  others: ({ logs }) => [...new Set(logs.map(({ athleteId }) => athleteId))],
  decide: (scene, { logs }): Outcome<{ kept: number }> => {
    const there = new Set<string>();
    for (const id of new Set(logs.map(({ athleteId }) => athleteId))) {
      if (!scene.get("athlete", id)) return gone("athlete");
      for (const known of scene.all("log", id)) there.add(logName(known));
    }
    const fresh = logs.filter((log) => {
      const isNew = log.on <= scene.today && !there.has(logName(log));
      there.add(logName(log));
      return isNew;
    });
    return {
      does: { does: "take-logs", count: fresh.length },
      put: fresh.map((log): Log => ({ kind: "log", id: scene.newId("log"), prepId: null, ...log })),
      answer: { kept: fresh.length },
    };
  },
});

/** Takes a log away. Answers with the locks that only its pain had set. */
const removeLog = rule({
  sent: z.extend(Of, { id: z.string() }),
  decide: (scene, { athleteId, id }): Outcome<{ lifted: PainLock[] }> =>
    scene.get("log", id)
      ? {
          does: { does: "remove-log" },
          put: [],
          remove: [`log/${id}`],
          answer: { lifted: liftedWithout(scene.situation(athleteId), id) },
        }
      : gone("log"),
});

/** Marks a day, in the one note that it has; what is not sent stays. A note that says nothing any more goes. */
const markDay = rule({
  sent: z.extend(Of, {
    on: DayNote.shape.on,
    sleep: z.optional(DayNote.shape.sleep),
    energy: z.optional(DayNote.shape.energy),
    soreness: z.optional(DayNote.shape.soreness),
    // Written out: a field with a default would set itself where it was not sent.
    sore: z.optional(DayNote.shape.sore),
  }),
  decide: (scene, { athleteId, on, ...marks }) => {
    const known = scene.all("day", athleteId).find((day) => day.on === on);
    const said = Object.fromEntries(
      Object.entries(marks).filter(([, value]) => value !== undefined),
    );
    const day: DayNote = {
      kind: "day",
      id: known?.id ?? `day-${on}-${athleteId}`.slice(0, 80),
      athleteId,
      on,
      sleep: known?.sleep ?? null,
      energy: known?.energy ?? null,
      soreness: known?.soreness ?? null,
      sore: known?.sore ?? [],
      ...said,
    };
    const empty = day.sleep === null && day.energy === null && day.soreness === null;
    return empty
      ? does({ does: "clear-day" }, [], known ? [`day/${known.id}`] : [])
      : does({ does: "mark-day" }, [day]);
  },
});

/** Keeps what the coach says comes next for a drill, over what the rules propose. */
const chooseNext = rule({
  sent: z.extend(Of, { chosen: z.omit(NextChosen, { on: true }) }),
  decide: (scene, { athleteId, chosen }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const others = athlete.nextChosen.filter(({ drillId }) => drillId !== chosen.drillId);
    return does({ does: chosen.how === "pinned" ? "pin-next" : "choose-next" }, [
      { ...athlete, nextChosen: [...others, { ...chosen, on: scene.today }] },
    ]);
  },
});

/** Lets the rules propose again. */
const letGoNext = rule({
  sent: z.extend(Of, { drillId: z.string() }),
  decide: (scene, { athleteId, drillId }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const nextChosen = athlete.nextChosen.filter((one) => one.drillId !== drillId);
    return does({ does: "let-go-next" }, [{ ...athlete, nextChosen }]);
  },
});

/** Puts somebody on the rungs that were found to be clean: each stands until the drill is logged. */
const placeOn = rule({
  sent: z.extend(Of, {
    placed: z
      .array(z.object({ drillId: z.string(), rungId: z.string() }))
      .check(z.minLength(1), z.maxLength(60)),
  }),
  decide: (scene, { athleteId, placed }) => {
    const athlete = scene.get("athlete", athleteId);
    if (!athlete) return gone("athlete");
    const said = placed.flatMap(({ drillId, rungId }): NextChosen[] => {
      const drill = drillOf(scene.library, drillId);
      const rung = drill && rungOf(drill, rungId);
      const dose = rung && (rung.session ?? rung.warmUp);
      return rung && dose
        ? [{ drillId, rungId: rung.id, dose, how: "changed", on: scene.today, why: placedWhy }]
        : [];
    });
    const others = athlete.nextChosen.filter(
      (one) => !said.some(({ drillId }) => drillId === one.drillId),
    );
    return does({ does: "place-on" }, [{ ...athlete, nextChosen: [...others, ...said] }]);
  },
});

/** Why a rung stands that a placement found. */
const placedWhy = "clean in the placement";

export const logActs = {
  "place-on": placeOn,
  "save-log": saveLog,
  "take-logs": takeLogs,
  "remove-log": removeLog,
  "mark-day": markDay,
  "choose-next": chooseNext,
  "let-go-next": letGoNext,
};
