import { closestCenter, DndContext } from "@dnd-kit/core";
import { SortableContext, verticalListSortingStrategy } from "@dnd-kit/sortable";
import { Play, Printer, QrCode, Shuffle, Users } from "lucide-react";
import { memo, useCallback, useEffect, useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { clock } from "#core/drill/dose";
import type { Prep } from "#core/records/records";
import { orderTerms } from "#core/prep/mend";
import { breaches, mustBeMended } from "#core/prep/order";
import type { Plan } from "#core/prep/plan";
import { tolerance } from "#core/prep/whole";
import { retimed } from "#core/prep/retime";
import { prepSeconds } from "#core/prep/timeline";
import { newId } from "../../clock";
import type { AthleteView } from "../../view";
import { requestOf } from "#core/situation/request-of";
import { CautionLines } from "../cautions";
import { say } from "../say";
import { sideDifferences } from "#core/aim/sides";
import { shorterSides } from "#core/progress/shorter-side";
import { useAct } from "../use-act";
import { useCarrying } from "../use-carrying";
import { longDay } from "#words/days";
import { AdviceLine } from "./advice-line";
import { BesideAim } from "./beside-aim";
import { BreachBanner } from "./breach-banner";
import { DayPreps } from "./day-preps";
import { EmptyPartLines } from "./empty-part-lines";
import { DrillFinder } from "./drill-finder";
import type { Vouch } from "./done-already";
import { FormatFields } from "./format-fields";
import { MoreTools } from "./more-tools";
import { PrepControls } from "./prep-controls";
import { QuotaLines } from "./quota-lines";
import { PrepRow } from "./prep-row";
import { ProofLine } from "./proof-line";
import { RetimePreview } from "./retime-preview";
import { itemSpans, PrepStrip } from "./strip";
import { UnderWay } from "./under-way";
import { useProof } from "./use-proof";
import { WaysOfWorking } from "./ways-of-working";
import { noteWords } from "#words/prep";
import { refusalWords } from "#words/acts";
import { servedBy } from "#core/prep/served";
import { breachWords, notPermittedWords, servedWords } from "#words/prep";

type DeskProps = {
  view: AthleteView;
  /** The day that is planned: the one looked at, or one to come. */
  on: string;
  prep: Prep | null;
  kept: boolean;
  plan: Plan | null;
  picked: string | null;
  pick: (id: string | null) => void;
};

/** The prep as a timed list: to be looked over, moved about, changed, thinned out, printed and run. */
export function PrepDesk({ prep, on, ...rest }: DeskProps) {
  if (prep) return <Desk prep={prep} {...rest} />;
  return (
    <>
      <DayPreps view={rest.view} on={on} prep={null} />
      <h1 className="text-3xl">No prep on {longDay(on)}.</h1>
      <p className="mt-2 text-muted">That day is past. Today and days to come can be planned.</p>
    </>
  );
}

const Desk = memo(function Desk({
  view,
  prep,
  kept,
  plan,
  picked,
  pick,
}: Omit<DeskProps, "on" | "prep"> & { prep: Prep }) {
  const { act, answer, refused } = useAct<"mend-order">();
  // Its own, so that nothing sent meanwhile calls off the way to the run.
  const runner = useAct();
  const sender = useAct(`/at/${view.athlete.id}/prep/send`);
  const navigate = useNavigate();
  const [asked, setAsked] = useState<number | null>(null);
  const sensors = useCarrying();
  useEffect(() => {
    if (answer && "removed" in answer && answer.removed.length > 0)
      say(`Taken out, for nothing makes it safe here: ${answer.removed.join(", ")}.`);
  }, [answer]);
  const editable =
    prep.on >= view.today &&
    !view.runs.some((run) => run.prep.id === prep.id) &&
    !view.logs.some((log) => log.prepId === prep.id);
  const request = useMemo(() => requestOf(view, prep), [view, prep]);
  const { format } = request;
  const broken = useMemo(
    () => breaches(prep.items, view.library, orderTerms(request)),
    [prep.items, view.library, request],
  );
  const spans = useMemo(() => itemSpans(prep.items, view.library), [prep.items, view.library]);
  const shorter = useMemo(
    () => shorterSides(sideDifferences(view.allGaps, view.checks, view.library, view.day)),
    [view],
  );
  const vouch: Vouch = (drill, rung) =>
    act("choose-next", {
      chosen: {
        drillId: drill.id,
        rungId: rung.id,
        dose: (rung.session ?? rung.warmUp)!,
        how: "changed",
        why: "done already",
      },
    });
  const repair = useCallback(() => act("mend-order", { prep }), [act, prep]);
  const question = useMemo(
    () => JSON.stringify({ ...prep, items: prep.items.filter(({ pinned }) => pinned) }),
    [prep],
  );
  const [looked, setLooked] = useState<string | null>(null);
  const proof = useProof(question, looked === question ? request : null);
  const same = proof.status === "proven" && alike(proof.items, prep.items);
  const served = useMemo(
    () => servedWords(servedBy(prep.items, request.needs, view.library)),
    [prep.items, request.needs, view.library],
  );
  const mustMend = mustBeMended(broken);
  // Boxes and gaps are made to fit at once: there is nothing to choose.
  const byTheClock = Boolean(request.clocked ?? format.clocked ?? request.gaps ?? format.gaps);
  const preview = useMemo(
    () =>
      asked === null
        ? null
        : retimed(prep.items, [], asked * 60, { ...request, budget: asked * 60 }),
    [asked, prep, request],
  );
  const ask = (minutes: number) => {
    if (kept && !byTheClock) setAsked(minutes);
    else act("plan-prep", { prep, changes: { budget: minutes * 60 } });
  };
  const moveTo = (from: number, to: number) => {
    if (to < 0 || to >= prep.items.length || from === to) return;
    act("move-drill", { prep, from, to });
  };
  // What is done or under way is not written over: a session that is typed then is another one of the day.
  const target = useMemo(
    (): Prep =>
      editable
        ? prep
        : {
            ...prep,
            id: newId("prep"),
            on: prep.on < view.today ? view.today : prep.on,
            items: [],
            dropped: [],
            turn: 0,
          },
    [editable, prep, view.today],
  );
  const under = prep.budget - prepSeconds(prep.items, view.library, prep.handOver);
  return (
    <>
      <DayPreps view={view} on={prep.on} prep={prep} />
      {view.runs[0] ? <UnderWay run={view.runs[0]} view={view} act={act} /> : null}
      <PrepControls
        prep={prep}
        format={format}
        formats={view.library.formats}
        places={view.places}
        skills={view.library.skills}
        trainings={view.season?.usual ?? []}
        editable={editable}
        plan={(changes) => act("plan-prep", { prep, changes })}
        ask={ask}
      />
      <div className="mt-1 flex flex-wrap items-center gap-x-3 text-sm">
        <p className="text-sm text-muted" role="status">
          {fitLine(under, prep)} {stateLine(prep, kept, editable, view)}
          {editable && prep.items.length > 0 && (under > tolerance || under < 0) ? (
            <>
              {" "}
              <button
                type="button"
                className="underlined"
                onClick={() => act("fit-minutes", { prep })}
              >
                {under > 0 ? "Fill it" : "Fit it"}
              </button>
            </>
          ) : null}
          {served ? ` ${served}` : ""}
        </p>
        {editable && !prep.sequence ? (
          <EmptyPartLines prep={prep} request={request} act={act} />
        ) : null}
      </div>
      {plan?.note &&
      !prep.sequence &&
      editable &&
      prep.items.length > 0 &&
      under >= 0 &&
      (plan.note.note !== "left" || under > tolerance) ? (
        <p className="mt-1 border-l-4 border-tape bg-raised px-4 py-2">
          {plan.note ? noteWords(plan.note) : null}{" "}
          {plan.wants ? (
            <button
              type="button"
              className="underlined"
              onClick={() => act("plan-prep", { prep, changes: { budget: plan.wants! } })}
            >
              Take {clock(plan.wants)}
            </button>
          ) : null}
        </p>
      ) : null}
      <FormatFields
        prep={prep}
        format={format}
        library={view.library}
        gate={request}
        variants={plan?.variants ?? null}
        editable={editable}
        plan={(changes) => act("plan-prep", { prep, changes })}
        vouch={vouch}
      />
      {preview && asked !== null ? (
        <RetimePreview
          from={prep.budget}
          to={asked * 60}
          next={preview}
          library={view.library}
          take={() => {
            setAsked(null);
            act("retime-prep", { prep, budget: asked * 60 });
          }}
          leave={() => setAsked(null)}
        />
      ) : null}
      <CautionLines cautions={view.cautions.filter(({ stops }) => stops !== null)} />
      <BreachBanner breaches={editable ? mustMend : []} repair={repair} />
      <AdviceLine
        breaches={editable ? broken.filter((one) => !mustMend.includes(one)) : []}
        repair={repair}
        setAside={(advice) => act("set-aside", { advice, aside: true })}
      />
      {refused ? (
        <p role="alert" className="mt-2 font-semibold text-clay">
          {refused.why === "not-permitted"
            ? notPermittedWords(refused.drill, refused.against)
            : refusalWords(refused)}
        </p>
      ) : null}
      {editable && isNew(view) ? (
        <p className="mt-1 text-sm">
          Nothing is known of {view.athlete.name} yet.{" "}
          <Link className="underlined" to={`/at/${view.athlete.id}/prep/place`}>
            Three minutes of pictures find where to begin
          </Link>
          .
        </p>
      ) : null}
      <QuotaLines view={view} prep={prep} editable={editable} act={act} />
      <BesideAim view={view} prep={prep} request={request} editable={editable} act={act} />
      {view.aim || request.needs.length > 0 ? null : (
        <p className="mt-2 border-l-4 border-tape bg-raised px-4 py-2">
          Without an aim this is a warm-up of the whole body.{" "}
          <Link className="underlined" to={`/at/${view.athlete.id}/aim`}>
            Choose a skill and a date
          </Link>
          .
        </p>
      )}
      {prep.items.length > 0 ? (
        <>
          <div className="mt-1">
            <PrepStrip
              items={prep.items}
              library={view.library}
              budget={prep.budget}
              handOver={prep.handOver}
              notes={format.segments}
              picked={picked}
              pick={pick}
            />
          </div>
          <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            onDragEnd={({ active, over }) => {
              const index = (id: unknown) => prep.items.findIndex((item) => item.id === id);
              if (over) moveTo(index(active.id), index(over.id));
            }}
          >
            <SortableContext
              items={prep.items.map(({ id }) => id)}
              strategy={verticalListSortingStrategy}
            >
              <ol className="mt-1 border-t border-ink">
                {spans.map(({ item, seconds }, index) => (
                  <PrepRow
                    key={item.id}
                    items={prep.items}
                    index={index}
                    request={request}
                    seconds={seconds}
                    view={view}
                    picked={picked === item.id}
                    editable={editable}
                    pick={() => pick(picked === item.id ? null : item.id)}
                    move={(by) => moveTo(index, index + by)}
                    lock={() => act("pin-drill", { prep, itemId: item.id })}
                    drop={() => act("drop-drill", { prep, itemId: item.id })}
                    shorter={shorter}
                    more={(extra) => act("set-more", { prep, itemId: item.id, extra })}
                    quota={
                      view.athlete.quotas.find(({ drillId }) => drillId === item.drillId)?.reps ??
                      null
                    }
                    aDay={(reps) => act("set-quota", { drillId: item.drillId, reps })}
                    again={() => act("repeat-drill", { prep, itemId: item.id })}
                    sayOf={(said) => act("say-of-drill", { prep, itemId: item.id, said })}
                    edit={(change) => act("edit-drill", { prep, itemId: item.id, ...change })}
                    swap={(other) => act("swap-drill", { prep, itemId: item.id, item: other })}
                    vouch={vouch}
                  />
                ))}
              </ol>
            </SortableContext>
          </DndContext>
        </>
      ) : (
        <p className="mt-6">Nothing safe fits: see below what is left out and why.</p>
      )}
      <div className="no-print mt-4 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="press press-main"
          // Advice shuts nothing; only what the gate, warmth and the hands ask for does.
          disabled={
            prep.items.length === 0 || !editable || mustMend.length > 0 || prep.on > view.today
          }
          title={prep.on > view.today ? "It is run on its day." : undefined}
          onClick={() => runner.act("start-run", { prep })}
        >
          <Play size={16} /> Run it
        </button>
        {editable && prep.on === view.today && view.others.length > 0 ? (
          <Link className="press" to={`/at/${view.athlete.id}/run`}>
            <Users size={16} /> With others
          </Link>
        ) : null}
        <Link
          className="press"
          to={`/at/${view.athlete.id}/prep/sheet?day=${prep.on}&prep=${prep.id}`}
        >
          <Printer size={16} /> Sheets
        </Link>
        <button
          type="button"
          className="press"
          disabled={prep.items.length === 0 || mustMend.length > 0 || (!kept && !editable)}
          onClick={() => {
            const to = `/at/${view.athlete.id}/prep/send`;
            if (kept) void navigate(`${to}?prep=${prep.id}`);
            else sender.act("keep-preps", { preps: [prep] });
          }}
        >
          <QrCode size={16} aria-hidden="true" /> To the phone
        </button>
        {editable && !prep.sequence ? (
          <button
            type="button"
            className="press"
            onClick={() => act("plan-prep", { prep, changes: { turn: prep.turn + 1 } })}
          >
            <Shuffle size={16} /> Another variant
          </button>
        ) : null}
        {mustMend.length > 0 && editable ? (
          <span className="text-sm text-muted">{breachWords(mustMend[0]!)}</span>
        ) : null}
      </div>
      <div className="no-print mt-3">
        {editable && !byTheClock && !prep.sequence ? (
          <ProofLine
            proof={{
              ...proof,
              stop: () => {
                proof.stop();
                setLooked(null);
              },
            }}
            same={same}
            look={() => setLooked(question)}
            take={(items) => act("take-better", { prep, items })}
          />
        ) : null}
        <WaysOfWorking view={view} act={act} />
      </div>
      {plan ? (
        <>
          <DrillFinder
            library={view.library}
            prep={prep}
            plan={plan}
            editable={editable}
            add={(drillId) => act("add-drill", { prep, drillId })}
          />
          <MoreTools
            prep={target}
            format={format}
            request={request}
            others={view.others}
            ownPreps={view.ownPreps}
            shared={view.settings.shared}
            act={act}
          />
        </>
      ) : null}
      <div className="mt-4">
        <CautionLines cautions={view.cautions.filter(({ stops }) => stops === null)} />
      </div>
    </>
  );
});

/** Nothing was logged, and nobody has said where anything begins. */
const isNew = ({ logs, athlete }: AthleteView): boolean =>
  logs.length === 0 && athlete.nextChosen.length === 0;

/** Two lists of the same drills, rungs and doses. */
const alike = (a: Prep["items"], b: Prep["items"]): boolean => {
  const told = (items: Prep["items"]) =>
    JSON.stringify(items.map(({ drillId, rungId, dose, sides }) => [drillId, rungId, dose, sides]));
  return told(a) === told(b);
};

function fitLine(under: number, prep: Prep): string {
  if (prep.items.length === 0) return "";
  if (prep.sequence) return "As you wrote it.";
  if (under === 0) return "Filled to the second.";
  return under > 0
    ? `${clock(prep.budget - under)} planned, ${under} s free.`
    : `${clock(prep.budget - under)} planned: ${-under} s over.`;
}

function stateLine(prep: Prep, kept: boolean, editable: boolean, view: AthleteView): string {
  if (!editable && view.logs.some((log) => log.prepId === prep.id))
    return `Done and logged, ${longDay(prep.on)}.`;
  if (!editable && prep.on < view.today) return `As it was planned for ${longDay(prep.on)}.`;
  return kept ? "" : "A proposal: any change saves it, and so does running it.";
}
