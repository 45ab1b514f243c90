import { waySaid } from "#words/dose-detail";
import { rungText } from "#words/rung-text";
import {
  ChevronLeft,
  ChevronRight,
  Pause,
  Play,
  SlidersHorizontal,
  TriangleAlert,
} from "lucide-react";
import { useEffect, useState } from "react";
import { intoThePage, useKeptFocus } from "../frame/kept-focus";
import { useNavigate } from "react-router";
import { format } from "date-fns";
import { clock } from "#core/drill/dose";
import { atRung, rungOf } from "#core/drill/drill";
import type { Run } from "#core/records/records";
import { drillOf } from "#core/content/library";
import { isOpenStep, isWorkStep } from "#core/run/state";
import type { AthleteView } from "../../view";
import { later, useLater } from "../later";
import { say } from "../say";
import { FloorKeys, floorIcons, type FloorAct } from "./floor-keys";
import { FloorPanel } from "./floor-panel";
import { FormPanel } from "./form-panel";
import { KeysPanel } from "./keys-panel";
import { PainDialog } from "./pain-dialog";
import { PeoplePanel } from "./people-panel";
import { RunCount } from "./run-count";
import { RunEnd } from "./run-end";
import { RunFigure } from "./run-figure";
import { RunStrip } from "./run-strip";
import { useAwake } from "./use-clock";
import { useCues } from "./use-cues";
import { useRun, type RunDesk } from "./use-run";
import { useRunKeys } from "./use-run-keys";
import { hasVoice } from "./voice";
import { givenWords, groupLine, mostlyOn, rampSoFar, stepWord } from "./words";
import { shorterWords } from "#words/measure";

// They plan anew: what does is fetched beside the run, which begins without it.
const minutesPanel = later(() =>
  import("./minutes-panel").then(({ MinutesPanel }) => MinutesPanel),
);
const swapPanel = later(() => import("./swap-panel").then(({ SwapPanel }) => SwapPanel));

type Panel = { kind: "pain" | "people" | "form" | "minutes" | "swap" | "keys"; desk: RunDesk };

/** What changes the run of one athlete, and nothing of a hall's: there it is done for each, under People. */
const onesOwn = new Set(["easier", "harder", "loose", "form", "side"]);

/** The run: black and enormous, one thing at a time. */
export function RunScreen({
  view,
  run,
  set,
  end,
}: {
  view: AthleteView;
  run: Run;
  set: (choice: { sound?: boolean; voice?: boolean }) => void;
  end: (clean: boolean) => void;
}) {
  const desk = useRun(view, run);
  const { state, step, item, drill, time } = desk;
  const { sound, voice } = view.settings;
  const [panel, setPanel] = useState<Panel | null>(null);
  const [tray, setTray] = useState(false);
  const [wall, setWall] = useState(false);
  const MinutesPanel = useLater(minutesPanel);
  const SwapPanel = useLater(swapPanel);
  const navigate = useNavigate();
  useAwake(state.status === "running");
  useCues(state, view.library, { sound, voice });

  useKeptFocus();
  useEffect(intoThePage, [panel]);
  const together = run.group.length > 0;
  const running = state.status === "running";
  const open = (kind: Panel["kind"]) => {
    if (kind === "pain" && running) desk.tell({ type: "pause" });
    setPanel({ kind, desk });
  };
  const leave = () => {
    if (running) desk.tell({ type: "pause" });
    void navigate(`/at/${view.athlete.id}/prep`);
  };
  const toWall = () => {
    setWall(!wall);
    if (!wall) void document.documentElement.requestFullscreen?.().catch(() => undefined);
    else if (document.fullscreenElement) void document.exitFullscreen();
  };
  const counted = step && ((step.reps && isWorkStep(step) && !together) || isOpenStep(step));
  const tap =
    running && counted
      ? { act: desk.next, word: step.kind === "until-loose" ? "loose" : "done" }
      : { act: desk.toggle, word: running ? "pause" : "go on" };
  // A hall's drills belong to nobody alone: rung, form and what came loose are one person's matter.
  const ofOne = run.hallId === undefined;
  const acts = [
    { id: "easier", label: "Easier", key: "e", icon: floorIcons.easier, press: desk.easier },
    { id: "harder", label: "Harder", key: "h", icon: floorIcons.harder, press: desk.harder },
    { id: "swap", label: "Swap", key: "w", icon: floorIcons.swap, press: () => open("swap") },
    { id: "skip", label: "Skip drill", key: "s", icon: floorIcons.skip, press: desk.skip },
    { id: "longer", label: "15 s", key: "+", icon: floorIcons.longer, press: desk.longer },
    { id: "more", label: "A set", key: "a", icon: floorIcons.more, press: desk.more },
    ...(desk.extra
      ? [
          {
            id: "side",
            label: `A set ${desk.extra.extra.side}`,
            key: "x",
            icon: floorIcons.side,
            press: () => desk.moreOn(desk.extra!.extra.side),
            title: shorterWords(desk.extra.shorter),
          },
        ]
      : []),
    { id: "loose", label: "Loose now", key: "l", icon: floorIcons.loose, press: desk.loose },
    ...(together
      ? [
          {
            id: "people",
            label: "People",
            key: "g",
            icon: floorIcons.people,
            press: () => open("people"),
          },
        ]
      : []),
    { id: "form", label: "Form", key: "f", icon: floorIcons.form, press: () => open("form") },
    {
      id: "minutes",
      label: "Minutes",
      key: "t",
      icon: floorIcons.minutes,
      press: () => open("minutes"),
    },
    {
      id: "undo",
      label: "Take back",
      key: "u",
      icon: floorIcons.undo,
      press: desk.undo,
      off: !desk.canUndo,
    },
  ].filter(({ id }) => ofOne || !onesOwn.has(id)) satisfies FloorAct[];
  const tools: FloorAct[] = [
    {
      id: "sound",
      label: sound ? "Mute" : "Sound",
      key: "m",
      icon: sound ? floorIcons.sound : floorIcons.silent,
      press: () => set({ sound: !sound }),
    },
    ...(hasVoice()
      ? [
          {
            id: "voice",
            label: voice ? "No voice" : "Voice",
            key: "v",
            icon: floorIcons.voice,
            press: () => set({ voice: !voice }),
          },
        ]
      : []),
    { id: "wall", label: "Wall", key: "d", icon: floorIcons.wall, press: toWall },
    { id: "leave", label: "Leave", key: "q", icon: floorIcons.leave, press: leave },
  ];
  useRunKeys(
    {
      " ": desk.toggle,
      Enter: tap.act,
      ArrowRight: desk.next,
      PageDown: desk.next,
      MediaTrackNext: desk.next,
      ArrowLeft: desk.back,
      PageUp: desk.back,
      MediaTrackPrevious: desk.back,
      MediaPlayPause: desk.toggle,
      p: () => open("pain"),
      "?": () => open("keys"),
      "=": desk.longer,
      ...Object.fromEntries(
        [...acts, ...tools].map(({ key, press, off }) => [key, off ? undefined : press]),
      ),
      ...(wall ? { Escape: toWall } : {}),
    },
    panel !== null || state.status === "finished",
  );

  if (state.status === "finished" || !step || !item || !drill)
    return (
      <RunEnd
        worked={state.time.work}
        others={run.group.length - (run.hallId ? 1 : 0)}
        end={end}
        back={desk.back}
      />
    );
  const rung = rungOf(drill, run.hallId ? mostlyOn(run, state, item) : item.rungId);
  const following = state.steps.slice(state.at).find((one) => one.item !== step.item);
  const nextItem = following ? state.items[following.item] : undefined;
  const nextDrill = nextItem ? drillOf(view.library, nextItem.drillId) : null;
  const given = state.given.find(({ itemId }) => itemId === item.id);
  const way = [...waySaid(item, drill), ...(given ? [givenWords(given)] : [])].join(" · ");
  const ramp = rampSoFar(state, run.prep, view.library);
  const close = () => setPanel(null);
  return (
    <main
      data-run
      tabIndex={-1}
      className={`outline-none flex min-h-dvh flex-col bg-[#0e1213] text-[#f2eee4] ${wall ? "h-dvh p-6 sm:p-12" : "p-4 sm:p-7 lg:h-dvh"}`}
    >
      <p className="sr-only" aria-live="polite">
        {[drill.name, step.side ?? "", stepWord(step, item.dose, item.breath)]
          .filter(Boolean)
          .join(", ")}
      </p>
      <p className="sr-only" aria-live="polite">
        {state.status === "paused" ? "The clock stands." : running ? "The clock runs." : ""}
      </p>
      <div className="flex items-start justify-between gap-6">
        <div className="min-w-0">
          <h1
            className={`leading-[1.02] ${wall ? "text-[clamp(2.4rem,6vw,6.5rem)]" : "text-[clamp(2rem,4.8vw,4rem)]"}`}
          >
            {drill.name}
          </h1>
          <p
            className={`mt-2 text-[#d8d2c3] ${wall ? "text-[clamp(1.3rem,2.8vw,3rem)]" : "text-[clamp(1.15rem,2.2vw,1.85rem)]"} leading-tight`}
          >
            <span className="text-[#e9d9a6]">{rung.name}.</span> {rungText(rung, item.why).cue}
          </p>
          {way ? (
            <p className="mt-1 text-[clamp(0.95rem,1.6vw,1.35rem)] text-[#c9c3b3]">{way}</p>
          ) : null}
          {together ? (
            <p className="mt-2 text-[clamp(0.95rem,1.5vw,1.3rem)] text-[#e9d9a6]">
              {groupLine(run, state, view, item, drill)}
            </p>
          ) : null}
        </div>
        <p
          className={`shrink-0 text-right font-display font-bold leading-none text-[#e9d9a6] ${wall ? "text-[clamp(2rem,5vw,5.5rem)]" : "text-[clamp(1.8rem,4.2vw,3.6rem)]"}`}
        >
          {stepWord(step, item.dose, item.breath)}
          {step.side ? (
            <span className="mt-2 block text-[0.8em] text-[#f2eee4]">
              {step.side === "left" ? "◂ left" : "right ▸"}
            </span>
          ) : null}
        </p>
      </div>
      <div className="flex min-h-0 flex-1 flex-col items-center justify-between gap-2 sm:flex-row">
        <div className="min-h-0 w-full flex-1 self-stretch py-3 sm:max-w-[48%]">
          <RunFigure
            key={`${item.id}/${rung.id}`}
            picture={rung.picture}
            serves={atRung(drill, rung).serves}
            step={step}
            dose={item.dose}
            running={running}
            wall={wall}
            label={`${drill.name}, ${rung.name.toLowerCase()}`}
          />
        </div>
        <RunCount
          state={state}
          step={step}
          item={item}
          together={together}
          wall={wall}
          tap={wall && !counted ? { ...tap, word: `${tap.word}; D shows the keys` } : tap}
        />
      </div>
      <RunStrip state={state} />
      <div
        className={`mt-2 flex flex-wrap items-baseline justify-between gap-x-6 ${wall ? "text-[clamp(1.2rem,2.4vw,2.6rem)]" : "text-[clamp(1.05rem,1.7vw,1.5rem)]"}`}
      >
        <p>
          <b className="mr-3 font-display">next</b>
          {nextDrill ? nextDrill.name : "the end"}
          {nextItem?.sides[0] ? `, ${nextItem.sides[0]} first` : ""}
        </p>
        {ramp ? <p className="figures text-[#e9d9a6]">{ramp}</p> : null}
        <p className="figures">
          {clock(Math.ceil(state.left))} left · done at {format(time + state.left * 1000, "HH:mm")}
        </p>
      </div>
      {wall ? null : (
        <>
          <div className="mt-3 grid grid-cols-4 gap-1.5 sm:grid-cols-[1.4fr_1fr_1fr_1fr]">
            <MainKey main onClick={desk.toggle} label={running ? "Pause" : "Go on"}>
              {running ? <Pause /> : <Play />}
            </MainKey>
            <MainKey onClick={desk.back} label="Back">
              <ChevronLeft />
            </MainKey>
            <MainKey onClick={desk.next} label={counted ? "Done" : "Next"}>
              <ChevronRight />
            </MainKey>
            <MainKey onClick={() => open("pain")} label="It hurts" warns>
              <TriangleAlert />
            </MainKey>
          </div>
          <button
            type="button"
            className="mt-1.5 flex min-h-12 items-center justify-center gap-2 text-[#c9c3b3] sm:hidden"
            aria-expanded={tray}
            onClick={() => setTray(!tray)}
          >
            <SlidersHorizontal size={18} aria-hidden="true" /> Change something
          </button>
          <div className={`mt-1.5 ${tray ? "" : "hidden sm:block"}`}>
            <FloorKeys acts={acts} tools={tools} />
          </div>
        </>
      )}
      {panel?.kind === "keys" ? (
        <KeysPanel acts={[...acts, ...tools]} close={close} />
      ) : panel?.kind === "pain" ? (
        <PainDialog
          drill={drill}
          group={run.group}
          own={ofOne}
          close={close}
          stop={(said) => {
            close();
            desk.hurt(said);
            say(
              said.who
                ? `Noted for ${run.group.find((one) => one.athleteId === said.who)?.name ?? "them"}: this one is over for them.`
                : `${drill.name} stopped and noted. Go on when ready.`,
            );
          }}
          leaveRun={() => end(false)}
        />
      ) : panel?.kind === "people" ? (
        <PeoplePanel run={run} desk={desk} item={item} drill={drill} close={close} />
      ) : panel?.kind === "form" ? (
        <FormPanel
          item={item}
          drill={drill}
          doses={run.prep.session}
          close={close}
          take={(seen, remedy, words) => {
            close();
            desk.seen(seen, remedy, words);
          }}
        />
      ) : panel?.kind === "minutes" && MinutesPanel ? (
        <MinutesPanel
          state={state}
          request={desk.request}
          close={close}
          take={(now) => {
            close();
            desk.minutes(now);
          }}
        />
      ) : panel?.kind === "swap" && SwapPanel ? (
        <SwapPanel
          items={panel.desk.state.items}
          index={panel.desk.step?.item ?? 0}
          request={panel.desk.request}
          close={close}
          swap={(chosen) => {
            close();
            desk.swap(chosen);
          }}
        />
      ) : panel ? (
        <Opening close={close} />
      ) : null}
    </main>
  );
}

/** A panel that has not come yet; it can be left. */
const Opening = ({ close }: { close: () => void }) => (
  <FloorPanel title="Opening …" close={close}>
    <button type="button" className="press mt-4 min-h-12" onClick={close}>
      Back to the run
    </button>
  </FloorPanel>
);

function MainKey({
  children,
  label,
  onClick,
  main = false,
  warns = false,
}: {
  children: React.ReactNode;
  label: string;
  onClick: () => void;
  main?: boolean;
  warns?: boolean;
}) {
  return (
    <button
      type="button"
      onClick={onClick}
      className={`flex min-h-18 flex-col items-center justify-center gap-1 px-2 text-lg leading-tight font-semibold sm:min-h-16 sm:flex-row sm:gap-2 sm:text-xl ${main ? "bg-[#e9d9a6] text-[#0e1213] hover:bg-[#f2eee4]" : `border-2 ${warns ? "border-[#e0764a]" : "border-[#4a504f]"} hover:border-[#f2eee4]`}`}
    >
      <span aria-hidden="true">{children}</span>
      {label}
    </button>
  );
}
