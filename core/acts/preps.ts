import * as z from "zod/mini";
import { withoutDefault } from "../records/without-default";
import { JointId } from "../body/motions";
import { Clocked, Gaps } from "../content/format";
import { Advice } from "../content/schools";
import { drillOf } from "../content/library";
import { BandStrength } from "../drill/band";
import { BreathMode } from "../drill/breathing";
import { Dose } from "../drill/dose";
import { onRung, rungOf } from "../drill/drill";
import { fitClocked, fitGaps } from "../prep/clock-fit";
import { ladderOf } from "../prep/doses";
import { eligibility } from "../prep/eligible";
import { itemFrom } from "../prep/item";
import { mended, orderTerms } from "../prep/mend";
import { against, withinLimits } from "../prep/permit";
import { arrange } from "../prep/arrange";
import { withLoad } from "../doses/load";
import { formatFor } from "../prep/format-for";
import { retimed } from "../prep/retime";
import { carriedOn, laid } from "../prep/sequence";
import { readTyped } from "../prep/typed";
import { quotasToday } from "../progress/quota";
import { uniquely } from "../prep/whole";
import { Breath, Prep, PrepItem } from "../records/records";
import { beginRun, throughTheGate } from "../run/begin";
import { memberOf } from "../run/group";
import { asWritten, newPrep, planned, proposed, refitted } from "../situation/planning";
import { requestOf } from "../situation/request-of";
import type { Situation } from "../situation/situation";
import type { Refusal } from "./refusal";
import { does, gone, nothing, Of, rule, type Outcome, type Scene } from "./act";

/** The prep as the page has it: it counts only while the notebook has none, for then it is a proposal. */
const Sent = z.extend(Of, { prep: Prep });
const Item = z.extend(Sent, { itemId: z.string() });
const Budget = z.int().check(z.minimum(120), z.maximum(7200));

/** The prep as the notebook has it now, so that two quick changes both count. */
const latest = (scene: Scene, { prep }: { prep: Prep }): Prep => scene.get("prep", prep.id) ?? prep;

/** What may be changed. Written out, since a field with a default would set itself where it was not sent. */
const Changes = z.partial(
  z.object({
    format: z.string(),
    budget: Budget,
    placeId: z.nullable(z.string()),
    alreadyWarm: z.boolean(),
    flagged: z.array(JointId),
    handOver: z.int().check(z.minimum(0), z.maximum(600)),
    clocked: z.nullable(Clocked),
    gaps: z.nullable(Gaps),
    ramp: withoutDefault(Prep.shape.ramp),
    turn: z.int().check(z.minimum(0)),
    next: withoutDefault(Prep.shape.next),
  }),
);

/** Plans anew after a change of shape, minutes, place or warmth; keeps what is pinned. A new format brings its own numbers. */
const planPrep = rule({
  sent: z.extend(Sent, { changes: Changes }),
  decide: (scene, sent) => {
    const known = Object.fromEntries(
      Object.entries(sent.changes).filter(([, value]) => value !== undefined),
    ) as Partial<Prep>;
    const situation = scene.situation(sent.athleteId);
    const prep = latest(scene, sent);
    // What was written by hand is not planned anew for another place or a warm body.
    if (prep.sequence && !asksAnew.some((key) => key in known))
      return does({ does: "plan-prep" }, [{ ...prep, ...known }]);
    const next = fitted(
      scene.library,
      reshaped(situation, { ...prep, sequence: false }, known),
      known,
    );
    return does({ does: "plan-prep" }, [planned(situation, next).prep]);
  },
});

/** What goes by the clock, at the minutes that were asked for: its boxes or gaps fitted to them. */
function fitted(
  library: Scene["library"],
  prep: Prep,
  { budget, clocked, gaps }: Partial<Prep>,
): Prep {
  if (budget === undefined || clocked || gaps) return prep;
  const format = formatFor(library, prep);
  const boxes = prep.clocked ?? format.clocked;
  const pauses = prep.gaps ?? format.gaps;
  const room = Math.max(0, budget - prep.handOver);
  return {
    ...prep,
    clocked: boxes && fitClocked(boxes, room),
    gaps: pauses && fitGaps(pauses, room),
  };
}

/** Changes that ask for another list of drills. */
const asksAnew = ["format", "next", "budget", "clocked", "gaps", "ramp", "turn"] as const;

/** A prep with some of its terms changed; where the format changes, at that format's minutes and doses. */
function reshaped(situation: Situation, prep: Prep, changes: Partial<Prep>): Prep {
  const next: Prep = { ...prep, ...changes, touched: false };
  if (changes.format === undefined || changes.format === prep.format) return next;
  const format = formatFor(situation.library, next);
  return {
    ...next,
    session: format.doses,
    budget: format.minutes * 60,
    handOver: format.handOver,
    clocked: null,
    gaps: null,
    flagged: next.flagged.length > 0 ? next.flagged : situation.athlete.flagged,
  };
}

/** Takes a prep to other minutes as the preview showed it. */
const retimePrep = rule({
  sent: z.extend(Sent, { budget: Budget }),
  decide: (scene, sent) => {
    const prep = { ...latest(scene, sent), budget: sent.budget };
    const request = requestOf(scene.situation(sent.athleteId), prep);
    const { items } = retimed(prep.items, [], sent.budget, request);
    return does({ does: "retime" }, [{ ...prep, items }]);
  },
});

/** Moves a drill by its place in the list. What that breaks is shown, not refused. */
const moveDrill = rule({
  sent: z.extend(Sent, { from: z.int().check(z.minimum(0)), to: z.int().check(z.minimum(0)) }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const items = [...prep.items];
    const [moved] = items.splice(sent.from, 1);
    if (!moved) return nothing;
    items.splice(sent.to, 0, moved);
    return does({ does: "move-drill" }, [
      refitted(scene.situation(sent.athleteId), { ...prep, items, touched: true }),
    ]);
  },
});

/** Mends what an edit broke, as little as possible. Answers with the names of what had to go. */
const mendOrder = rule({
  sent: Sent,
  decide: (scene, sent): Outcome<{ removed: string[] }> => {
    const prep = latest(scene, sent);
    const situation = scene.situation(sent.athleteId);
    const { items, removed } = mended(prep.items, requestOf(situation, prep));
    return {
      does: { does: "mend-order" },
      put: [refitted(situation, { ...prep, items })],
      answer: { removed: removed.map((id) => drillOf(scene.library, id)?.name ?? id) },
    };
  },
});

const pinDrill = rule({
  sent: Item,
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const items = prep.items.map((item) =>
      item.id === sent.itemId ? { ...item, pinned: !item.pinned } : item,
    );
    return does({ does: "pin-drill" }, [{ ...prep, items }]);
  },
});

/** Drops a drill. The freed seconds stay free until they are filled; what is broken by it is shown. */
const dropDrill = rule({
  sent: Item,
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const item = prep.items.find(({ id }) => id === sent.itemId);
    if (!item) return nothing;
    return does({ does: "drop-drill" }, [
      asWritten(scene.library, {
        ...prep,
        items: prep.items.filter((one) => one !== item),
        dropped: [...new Set([...prep.dropped, item.drillId])],
        touched: true,
      }),
    ]);
  },
});

/** Lets a dropped drill in again, where it would stand. */
const addDrill = rule({
  sent: z.extend(Sent, { drillId: z.string(), part: z.optional(z.string()) }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const drill = drillOf(scene.library, sent.drillId);
    if (!drill || (!prep.sequence && prep.items.some(({ drillId }) => drillId === drill.id)))
      return nothing;
    const dropped = prep.dropped.filter((id) => id !== drill.id);
    const request = requestOf(scene.situation(sent.athleteId), { ...prep, dropped });
    const found = eligibility(drill, {
      ...request,
      format: { ...request.format, serves: "every-joint" },
    });
    if (!("places" in found)) return nothing;
    const place =
      found.places.find(({ segment }) => segment.name === sent.part) ?? found.places[0]!;
    const dose = ladderOf(place.dose, drill, request.format)[0] ?? place.dose;
    const added = itemFrom(place, dose, request);
    const items = prep.sequence
      ? uniquely([...prep.items, added])
      : arrange([...prep.items, added], request);
    return does({ does: "add-drill", name: drill.name }, [
      asWritten(scene.library, { ...prep, items, dropped, touched: true }),
    ]);
  },
});

const Match = z.nullable(z.object({ drillId: z.string(), rungId: z.nullable(z.string()) }));

/** Lays a session as the coach has typed it, in his order: one match for every line that is read. */
const laySequence = rule({
  sent: z.extend(Sent, {
    text: z.string().check(z.maxLength(8000)),
    matches: z.array(Match).check(z.maxLength(400)),
  }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const request = requestOf(scene.situation(sent.athleteId), prep);
    const lines = readTyped(sent.text).map((line, n) => ({
      line,
      drillId: sent.matches[n]?.drillId ?? null,
      rungId: sent.matches[n]?.rungId ?? null,
    }));
    const items = laid(lines, request);
    if (items.length === 0) return nothing;
    return does({ does: "lay-sequence" }, [
      asWritten(scene.library, {
        ...prep,
        items,
        sequence: true,
        touched: true,
        dropped: [],
        clocked: null,
        gaps: null,
        ramp: null,
      }),
    ]);
  },
});

/** Does a drill once more, right after itself. */
const repeatDrill = rule({
  sent: Item,
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const at = prep.items.findIndex(({ id }) => id === sent.itemId);
    if (at < 0) return nothing;
    const items = uniquely([...prep.items.slice(0, at + 1), ...prep.items.slice(at)]);
    return does({ does: "repeat-drill" }, [
      asWritten(scene.library, { ...prep, items, touched: true }),
    ]);
  },
});

/** What a person says of one drill beside its rung and dose. Written out, since a field with a default would set itself. */
const Said = z.partial(
  z.object({
    breath: z.nullable(Breath),
    pace: withoutDefault(PrepItem.shape.pace),
    breathing: z.nullable(BreathMode),
    untilLoose: z.boolean(),
    labels: withoutDefault(PrepItem.shape.labels),
    amounts: withoutDefault(PrepItem.shape.amounts),
    kg: z.nullable(z.number().check(z.minimum(0.25), z.maximum(400))),
    band: z.nullable(BandStrength),
    sets: z.int().check(z.minimum(1), z.maximum(12)),
  }),
);

/** Says of a drill how it is done: break, pace, breathing, parts, until loose, weight, band. Nothing else moves. */
const sayOfDrill = rule({
  sent: z.extend(Item, { said: Said }),
  decide: (scene, { itemId, said, ...sent }) => {
    const prep = latest(scene, { ...sent });
    const { kg, band, sets, ...rest } = Object.fromEntries(
      Object.entries(said).filter(([, value]) => value !== undefined),
    ) as z.infer<typeof Said>;
    const items = prep.items.map((item) =>
      item.id === itemId
        ? withLoad(
            {
              ...item,
              ...rest,
              dose:
                sets === undefined || item.dose.type === "contract-relax"
                  ? item.dose
                  : { ...item.dose, sets },
            },
            { ...(kg === undefined ? {} : { kg }), ...(band === undefined ? {} : { band }) },
          )
        : item,
    );
    return does({ does: "say-of-drill" }, [
      asWritten(scene.library, { ...prep, items, touched: true }),
    ]);
  },
});

/** The sets in which so many repetitions are done, at most so many at once. */
const quotaSet = 25;

/** Puts what is left of a daily number at the end of the prep, in sets that can be done. */
const putQuota = rule({
  sent: z.extend(Sent, { drillId: z.string() }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const situation = scene.situation(sent.athleteId);
    const { quotas } = situation.athlete;
    const [today] = quotasToday(
      quotas.filter(({ drillId }) => drillId === sent.drillId),
      situation.logs,
      prep,
      situation.preps,
      scene.library,
    );
    const drill = drillOf(scene.library, sent.drillId);
    if (!today || today.left === 0 || !drill) return nothing;
    const request = requestOf(situation, prep);
    const found = eligibility(drill, {
      ...request,
      dropped: [],
      format: { ...request.format, serves: "every-joint" },
    });
    if (!("places" in found))
      return { refused: { why: "not-permitted", drill: drill.name, against: [found.reason] } };
    const place = found.places[0]!;
    const item = itemFrom(place, place.dose, request);
    const times = Math.max(1, item.sides.length);
    const each = Math.min(quotaSet, Math.ceil(today.left / times));
    const sets = Math.min(12, Math.max(1, Math.floor(today.left / times / each)));
    const dose: Dose = {
      type: "reps",
      sets,
      reps: each,
      tempo: place.dose.type === "reps" ? place.dose.tempo : 2,
      rest: sets > 1 ? 20 : 0,
    };
    const items = uniquely([...prep.items, { ...item, dose }]);
    return does({ does: "add-drill", name: drill.name }, [
      asWritten(scene.library, { ...prep, items, touched: true }),
    ]);
  },
});

/** What keeps a rung of a drill from the athlete of a prep; null when it may be done. */
function keptAway(
  scene: Scene,
  athleteId: string,
  prep: Prep,
  { drillId, rungId, dose }: Pick<PrepItem, "drillId" | "rungId"> & { dose?: Dose | undefined },
): { refused: Refusal } | null {
  const drill = drillOf(scene.library, drillId);
  if (!drill) return null;
  const request = requestOf(scene.situation(athleteId), prep);
  const reasons = against(request, { drill, rung: rungOf(drill, rungId), dose });
  return reasons.length > 0
    ? { refused: { why: "not-permitted", drill: drill.name, against: reasons } }
    : null;
}

/** Puts another drill in the place of one. */
const swapDrill = rule({
  sent: z.extend(Item, { item: PrepItem }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const kept = keptAway(scene, sent.athleteId, prep, sent.item);
    if (kept) return kept;
    const items = prep.items.map((one) => (one.id === sent.itemId ? sent.item : one));
    return does({ does: "swap-drill" }, [
      asWritten(scene.library, { ...prep, items, touched: true }),
    ]);
  },
});

/** Another rung, or another dose, of a drill in its place. */
const editDrill = rule({
  sent: z.extend(Item, { rungId: z.optional(z.string()), dose: z.optional(Dose) }),
  decide: (scene, sent) => {
    const { itemId, rungId, dose } = sent;
    const prep = latest(scene, sent);
    const item = prep.items.find(({ id }) => id === itemId);
    const kept =
      item &&
      keptAway(scene, sent.athleteId, prep, {
        drillId: item.drillId,
        rungId: rungId ?? item.rungId,
        dose,
      });
    if (kept) return kept;
    const { body } = requestOf(scene.situation(sent.athleteId), prep);
    const items = prep.items.map((item) => {
      const drill = drillOf(scene.library, item.drillId);
      if (item.id !== itemId || !drill) return item;
      if (!rungId) return { ...item, dose: dose ?? item.dose };
      const rung = rungOf(drill, rungId);
      const usual = prep.session === "warm-up" ? rung.warmUp : rung.session;
      const next = item.boxed ? item.dose : (usual ?? item.dose);
      return { ...onRung(item, drill, rung), dose: withinLimits(body, drill, rung, next) };
    });
    return does({ does: rungId ? "another-rung" : "another-dose" }, [
      asWritten(scene.library, { ...prep, items, touched: true }),
    ]);
  },
});

/** Gives one side of a drill so many sets more, or takes them off again. Nothing else moves: what is over is said, and fitted when asked. */
const setMore = rule({
  sent: z.extend(Item, { extra: PrepItem.shape.extra }),
  decide: (scene, sent) => {
    const { itemId, extra } = sent;
    const prep = latest(scene, sent);
    if (!prep.items.some(({ id }) => id === itemId)) return nothing;
    const items = prep.items.map((item) => (item.id === itemId ? { ...item, extra } : item));
    return does(extra ? { does: "set-more", side: extra.side } : { does: "both-sides-alike" }, [
      asWritten(scene.library, { ...prep, items, touched: true }),
    ]);
  },
});

/** Fills free minutes with more, or takes off what is over: everything there is kept as long as it fits. */
const fitMinutes = rule({
  sent: Sent,
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const request = requestOf(scene.situation(sent.athleteId), prep);
    const { items } = retimed(prep.items, [], prep.budget, request);
    return does({ does: "fit-minutes" }, [{ ...prep, items }]);
  },
});

/** Puts the better plan that was looked for, and shown, in the place of the first one. */
const takeBetter = rule({
  sent: z.extend(Sent, { items: z.array(PrepItem) }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    return does({ does: "take-better" }, [{ ...prep, items: sent.items }]);
  },
});

/** Sets a piece of advice on the order of work aside for good, or lets it be given again. */
const setAside = rule({
  sent: z.extend(Of, { advice: Advice, aside: z.boolean() }),
  decide: (scene, { athleteId, advice, aside }) => {
    const { settings } = scene.situation(athleteId);
    const others = settings.aside.filter((one) => one !== advice);
    return does({ does: aside ? "set-aside" : "advise-again" }, [
      { ...settings, aside: aside ? [...others, advice] : others },
    ]);
  },
});

/** Keeps a prep under a name as the athlete's own, for any day. */
const keepOwnPrep = rule({
  sent: z.extend(Sent, { name: z.string().check(z.trim(), z.minLength(1), z.maxLength(60)) }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const items = prep.items.map((item) => ({ ...item, pinned: false }));
    return does({ does: "keep-own-prep", name: sent.name }, [
      { ...prep, id: scene.newId("prep"), own: sent.name, items, touched: true },
    ]);
  },
});

/** Puts one of the athlete's own preps on the day, as it was kept; what breaks a rule by now is shown. */
const useOwnPrep = rule({
  sent: z.extend(Sent, { ownId: z.string() }),
  decide: (scene, sent) => {
    const prep = latest(scene, sent);
    const situation = scene.situation(sent.athleteId);
    const own = situation.ownPreps.find(({ id }) => id === sent.ownId);
    if (!own) return nothing;
    const request = requestOf(situation, prep);
    return does({ does: "use-own-prep", name: own.own }, [
      asWritten(scene.library, {
        ...own,
        items: own.sequence ? carriedOn(own.items, request, situation.logs, prep.on) : own.items,
        id: prep.id,
        on: prep.on,
        own: "",
        placeId: prep.placeId,
        alreadyWarm: prep.alreadyWarm,
        touched: true,
      }),
    ]);
  },
});

type Standing = NonNullable<Prep["standing"]>;

/** Two of one kind that meet on a day; no days named are all. */
const standOnOneDay = (a: Standing, b: Standing): boolean =>
  a.kind === b.kind &&
  (a.weekdays.length === 0 ||
    b.weekdays.length === 0 ||
    a.weekdays.some((day) => b.weekdays.includes(day)));

/** Hangs an own prep on a kind of session of the week, or takes it off; another on the same days gives way. */
const hangOwnPrep = rule({
  sent: z.extend(Of, { ownId: z.string(), standing: withoutDefault(Prep.shape.standing) }),
  decide: (scene, { athleteId, ownId, standing }) => {
    const situation = scene.situation(athleteId);
    const own = situation.ownPreps.find(({ id }) => id === ownId);
    if (!own) return gone("prep");
    const others = situation.ownPreps.filter(
      (one) =>
        one.id !== ownId && standing && one.standing && standOnOneDay(standing, one.standing),
    );
    return does({ does: "hang-own-prep", name: own.own }, [
      ...rewritten(situation, [
        { ...own, standing },
        ...others.map((one) => ({ ...one, standing: null })),
      ]),
    ]);
  },
});

/** Own preps as they are written again: the athlete's own as they are, what is kept for several in its place. */
function rewritten(situation: Situation, preps: readonly Prep[]): (Prep | Situation["settings"])[] {
  const { settings } = situation;
  const isShared = ({ id }: Prep) => settings.shared.some(({ prep }) => prep.id === id);
  const several = preps.filter(isShared);
  return [
    ...preps.filter((prep) => !isShared(prep)),
    ...(several.length > 0
      ? [
          {
            ...settings,
            shared: settings.shared.map((one) => {
              const next = several.find(({ id }) => id === one.prep.id);
              return next ? { ...one, prep: next } : one;
            }),
          },
        ]
      : []),
  ];
}

/** Takes an own prep away, from everybody that it is kept for. */
const removeOwnPrep = rule({
  sent: z.extend(Of, { ownId: z.string() }),
  decide: (scene, { athleteId, ownId }) => {
    const { settings } = scene.situation(athleteId);
    const others = settings.shared.filter(({ prep }) => prep.id !== ownId);
    if (others.length < settings.shared.length)
      return does({ does: "remove-own-prep" }, [{ ...settings, shared: others }]);
    return scene.get("prep", ownId)
      ? does({ does: "remove-own-prep" }, [], [`prep/${ownId}`])
      : gone("prep");
  },
});

/** Says whom an own prep is kept for: this athlete alone (null), those named, or everybody (nobody named). */
const shareOwnPrep = rule({
  sent: z.extend(Of, {
    ownId: z.string(),
    with: z.nullable(z.array(z.string()).check(z.maxLength(200))),
  }),
  decide: (scene, { athleteId, ownId, with: whom }) => {
    const { settings, ownPreps } = scene.situation(athleteId);
    const own = ownPreps.find(({ id }) => id === ownId);
    if (!own) return gone("prep");
    const others = settings.shared.filter(({ prep }) => prep.id !== ownId);
    const label = { does: "share-own-prep", name: own.own } as const;
    if (whom === null) return does(label, [{ ...settings, shared: others }, own]);
    return does(
      label,
      [{ ...settings, shared: [...others, { prep: own, with: whom }] }],
      scene.get("prep", ownId) ? [`prep/${ownId}`] : [],
    );
  },
});

/** Keeps preps for other days or another athlete. */
const keepPreps = rule({
  sent: z.object({ preps: z.array(Prep).check(z.minLength(1)) }),
  decide: (_, { preps }) => does({ does: "keep-preps", count: preps.length }, preps),
});

/** The prep that a run of today begins from: the first that was not run yet, or a proposal. */
const prepOfToday = (situation: Situation, scene: Scene): Prep =>
  situation.preps.find(
    (prep) => prep.on === scene.today && !situation.logs.some(({ prepId }) => prepId === prep.id),
  ) ?? proposed(situation, newPrep(situation, scene.today, scene.newId("prep")));

/**
 * Keeps the prep and opens a run of it. A run under way is not started twice, and a prep that breaks a rule not at
 * all. No step of undo: a run is ended, not taken back.
 */
const startRun = rule({
  sent: z.extend(Of, {
    /** Today's, where none is sent. */
    prep: z.optional(Prep),
    /** Everybody else who runs by the same clock. */
    along: z._default(z.array(z.string()), []),
  }),
  others: ({ along }) => along,
  decide: (scene, { athleteId, prep: sent, along }): Outcome<{ runId: string }> => {
    const situation = scene.situation(athleteId);
    const prep = sent ? latest(scene, { prep: sent }) : prepOfToday(situation, scene);
    // As of today, whatever day it was planned for.
    const request = requestOf(situation, { ...prep, on: scene.today });
    const passed = throughTheGate(prep, scene.library, orderTerms(request));
    if ("breaches" in passed) return { refused: { why: "unsafe", breaches: passed.breaches } };
    const [under] = scene.all("run", athleteId);
    if (under) return { does: null, put: [], answer: { runId: under.id } };
    const run = beginRun(passed.prep, {
      id: scene.newId("run"),
      athleteId,
      growing: request.body.growing,
      at: scene.moment,
      group: along.map((id) => {
        const member = scene.situation(id);
        return memberOf(prep, member.athlete, requestOf(member, { ...prep, on: scene.today }));
      }),
    });
    return {
      does: null,
      put: scene.get("prep", prep.id) ? [run] : [prep, run],
      answer: { runId: run.id },
    };
  },
});

export const prepActs = {
  "plan-prep": planPrep,
  "retime-prep": retimePrep,
  "move-drill": moveDrill,
  "mend-order": mendOrder,
  "pin-drill": pinDrill,
  "drop-drill": dropDrill,
  "add-drill": addDrill,
  "swap-drill": swapDrill,
  "edit-drill": editDrill,
  "set-more": setMore,
  "fit-minutes": fitMinutes,
  "lay-sequence": laySequence,
  "put-quota": putQuota,
  "repeat-drill": repeatDrill,
  "say-of-drill": sayOfDrill,
  "take-better": takeBetter,
  "set-aside": setAside,
  "keep-own-prep": keepOwnPrep,
  "use-own-prep": useOwnPrep,
  "hang-own-prep": hangOwnPrep,
  "remove-own-prep": removeOwnPrep,
  "share-own-prep": shareOwnPrep,
  "keep-preps": keepPreps,
  "start-run": startRun,
};
