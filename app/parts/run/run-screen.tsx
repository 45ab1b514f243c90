import {
  ChevronLeft,
  ChevronRight,
  Pause,
  Play,
  SkipForward,
  TriangleAlert,
  Volume2,
  VolumeX,
  X,
} from "lucide-react";
import { useCallback, useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import { say } from "../say";
import { format } from "date-fns";
import { clock } from "#core/drill/dose";
import { otherSide } from "#core/body/side";
import { rungOf } from "#core/drill/drill";
import type { Picture, Prop } from "#core/figure/picture";
import { mirrored } from "#core/figure/pose";
import type { Run } from "#core/exchange/records";
import { drillOf } from "#core/library";
import { runAt } from "#core/run/run";
import { happened } from "../../storage/runs";
import type { AthleteView } from "../../view";
import { PosePicture, runTones } from "../figure/pose-picture";
import { PainDialog } from "./pain-dialog";
import { RunStrip } from "./run-strip";
import { changeTone } from "./tones";
import { useAwake, useWallClock } from "./use-clock";
import { countWord, stepWord } from "./words";

/** The run: black and enormous, one thing at a time. */
export function RunScreen({
  view,
  run,
  sound,
  setSound,
  end,
  leave,
}: {
  view: AthleteView;
  run: Run;
  sound: boolean;
  setSound: (on: boolean) => void;
  end: () => void;
  leave: () => void;
}) {
  const quiet = run.events.at(-1)?.type === "pause";
  const time = useWallClock(!quiet);
  const state = runAt(run, view.library, time);
  const [hurting, setHurting] = useState(false);
  useAwake(state.status === "running");
  useTones(state.at, state.steps[state.at]?.kind ?? "end", sound);

  const { status } = state;
  const tell = useCallback(
    (...events: Parameters<typeof happened>[1][]) => void happened(run, ...events),
    [run],
  );
  const toggle = useCallback(
    () => tell({ type: status === "running" ? "pause" : "resume" }),
    [status, tell],
  );
  const hurt = useCallback(() => {
    if (status === "running") tell({ type: "pause" });
    setHurting(true);
  }, [status, tell]);
  useRunKeys({
    toggle,
    next: () => tell({ type: "next" }),
    back: () => tell({ type: "back" }),
    skip: () => tell({ type: "skip" }),
    hurt,
    mute: () => setSound(!sound),
    off: hurting,
  });

  if (status === "finished")
    return <RunEnd minutes={worked(state)} end={end} back={() => tell({ type: "back" })} />;
  const step = state.steps[state.at]!;
  const item = run.prep.items[step.item]!;
  const drill = drillOf(view.library, item.drillId)!;
  const rung = rungOf(drill, item.rungId);
  const left = Math.ceil(step.seconds - state.into - 0.001);
  const following = run.prep.items[step.item + 1];
  const nextDrill = following ? drillOf(view.library, following.drillId) : null;
  const resting =
    step.kind === "rest" ||
    step.kind === "transition" ||
    step.kind === "set-up" ||
    step.kind === "side-change";
  return (
    <div
      data-run
      className="flex min-h-dvh flex-col bg-[#0e1213] p-5 text-[#f2eee4] sm:p-9 lg:h-dvh"
    >
      <div className="flex items-start justify-between gap-6">
        <div className="min-w-0">
          <h1 className="text-[clamp(1.9rem,4.3vw,3.6rem)] leading-[1.05]">{drill.name}</h1>
          <p className="mt-2 text-[clamp(1.05rem,1.9vw,1.6rem)] text-[#c9c3b3]">{rung.cue}</p>
        </div>
        <p className="shrink-0 text-right font-display text-[clamp(1.7rem,3.8vw,3.2rem)] font-bold leading-none text-[#e9d9a6]">
          {stepWord(step, item.dose)}
          {step.side ? (
            <span className="mt-2 block text-[0.72em] text-[#f2eee4]">
              {step.side === "left" ? "◂ left" : "right ▸"}
            </span>
          ) : null}
        </p>
      </div>
      <div className="flex min-h-0 flex-1 flex-col items-center justify-between gap-4 sm:flex-row">
        <div className="min-h-0 w-full flex-1 self-stretch py-4 sm:max-w-[56%]">
          <PosePicture
            key={item.id}
            picture={step.side === "left" ? mirroredPicture(rung.picture) : rung.picture}
            label={`${drill.name}: ${resting ? "start" : "end"} position`}
            only={resting || !rung.picture.end ? "start" : "end"}
            tones={runTones}
            className="h-full max-h-[46vh] w-full"
          />
        </div>
        <div className="shrink-0 text-center sm:text-right">
          <p
            role="timer"
            aria-label={`${left} seconds left`}
            className={`font-display text-[clamp(8rem,25vw,19rem)] font-extrabold leading-[0.82] tracking-[-0.05em] tabular-nums ${status === "paused" ? "opacity-35" : ""}`}
          >
            {left > 99 ? clock(left) : left}
          </p>
          <p className="mt-5 min-h-8 text-[clamp(1.1rem,2vw,1.7rem)] text-[#c9c3b3]">
            {status === "paused" ? "paused" : countWord(step, item.dose)}
          </p>
        </div>
      </div>
      <RunStrip state={state} items={run.prep.items} />
      <div className="mt-3 flex flex-wrap items-baseline justify-between gap-x-6 text-[clamp(1rem,1.6vw,1.35rem)]">
        <p>
          <b className="mr-3 font-display">next</b>
          {nextDrill ? nextDrill.name : "the end"}
          {following && following.sides[0] ? `, ${following.sides[0]} first` : ""}
        </p>
        <p className="figures">
          {clock(Math.ceil(state.left))} left · done at {format(time + state.left * 1000, "HH:mm")}
        </p>
      </div>
      <div className="mt-4 grid grid-cols-6 gap-2 sm:grid-cols-[1.3fr_1fr_1fr_1fr_1fr_auto_auto]">
        <RunButton main onClick={toggle} label={status === "running" ? "Pause" : "Go on"}>
          {status === "running" ? <Pause /> : <Play />}
        </RunButton>
        <RunButton onClick={() => tell({ type: "back" })} label="Back">
          <ChevronLeft />
        </RunButton>
        <RunButton onClick={() => tell({ type: "next" })} label="Next">
          <ChevronRight />
        </RunButton>
        <RunButton onClick={() => tell({ type: "skip" })} label="Skip drill">
          <SkipForward />
        </RunButton>
        <RunButton onClick={hurt} label="It hurts">
          <TriangleAlert />
        </RunButton>
        <RunButton onClick={() => setSound(!sound)} label={sound ? "Mute" : "Sound"} small>
          {sound ? <Volume2 /> : <VolumeX />}
        </RunButton>
        <Link
          to={`/at/${view.athlete.id}/prep`}
          className="flex min-h-16 items-center justify-center gap-2 border border-[#4a504f] px-2 hover:border-[#f2eee4]"
          title="Leave the screen; the run waits"
          onClick={() => status === "running" && tell({ type: "pause" })}
        >
          <X aria-hidden="true" /> <span className="sr-only sm:not-sr-only">Leave</span>
        </Link>
      </div>
      {hurting ? (
        <PainDialog
          drill={drill}
          close={() => setHurting(false)}
          stop={(level, place, sharp) => {
            setHurting(false);
            tell({ type: "pain", level, place, sharp });
            say(`${drill.name} stopped and noted. Go on when ready.`);
          }}
          leaveRun={leave}
        />
      ) : null}
    </div>
  );
}

/** Pictures show the right side at work; for the left they are turned over. */
const mirroredPicture = (picture: Picture): Picture => ({
  ...picture,
  start: mirrored(picture.start),
  ...(picture.end ? { end: mirrored(picture.end) } : {}),
  props: picture.props.map(otherProp),
});
const otherProp = (prop: Prop): Prop =>
  "side" in prop && prop.side ? { ...prop, side: otherSide(prop.side) } : prop;

const worked = (state: ReturnType<typeof runAt>): number =>
  state.items.reduce((sum, item) => sum + item.worked, 0);

function RunButton({
  children,
  label,
  onClick,
  main = false,
  small = false,
}: {
  children: React.ReactNode;
  label: string;
  onClick: () => void;
  main?: boolean;
  small?: boolean;
}) {
  return (
    <button
      type="button"
      onClick={onClick}
      className={`flex min-h-16 items-center justify-center gap-2 px-2 text-lg leading-tight font-semibold ${small ? "" : "col-span-2 sm:col-span-1"} ${main ? "bg-[#e9d9a6] text-[#0e1213] hover:bg-[#f2eee4]" : "border border-[#4a504f] hover:border-[#f2eee4]"}`}
    >
      <span aria-hidden="true">{children}</span>
      <span className={small ? "sr-only" : ""}>{label}</span>
    </button>
  );
}

function RunEnd({ minutes, end, back }: { minutes: number; end: () => void; back: () => void }) {
  return (
    <div
      data-run
      className="grid min-h-dvh content-center gap-6 bg-[#0e1213] p-8 text-[#f2eee4] sm:p-16"
    >
      <h1 className="text-[clamp(2.6rem,7vw,6rem)]">Done.</h1>
      <p className="text-xl text-[#c9c3b3]">
        {clock(Math.round(minutes))} of work. Write down how it felt while it is fresh.
      </p>
      <p className="flex flex-wrap gap-3">
        <button
          type="button"
          autoFocus
          className="min-h-16 bg-[#e9d9a6] px-8 text-xl font-bold text-[#0e1213]"
          onClick={end}
        >
          Log it
        </button>
        <button
          type="button"
          className="min-h-16 border border-[#4a504f] px-8 text-lg"
          onClick={back}
        >
          Back to the last drill
        </button>
      </p>
    </div>
  );
}

/** A tone when the step changes while the page is open; none for what passed before. */
function useTones(at: number, kind: Parameters<typeof changeTone>[0], sound: boolean): void {
  const heard = useRef(at);
  useEffect(() => {
    if (heard.current === at) return;
    heard.current = at;
    if (sound) changeTone(kind);
  }, [at, kind, sound]);
}

function useRunKeys(keys: {
  toggle: () => void;
  next: () => void;
  back: () => void;
  skip: () => void;
  hurt: () => void;
  mute: () => void;
  off: boolean;
}): void {
  useEffect(() => {
    if (keys.off) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const onButton =
        event.target instanceof HTMLElement && event.target.closest("button, a") !== null;
      const act = {
        " ": onButton ? undefined : keys.toggle,
        ArrowRight: keys.next,
        PageDown: keys.next,
        ArrowLeft: keys.back,
        PageUp: keys.back,
        s: keys.skip,
        p: keys.hurt,
        m: keys.mute,
      }[event.key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });
}
