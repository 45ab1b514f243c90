import { pressed } from "../frame/key-choice";
import {
  ChevronLeft,
  ChevronRight,
  Hourglass,
  Pause,
  Play,
  Plus,
  UsersRound,
  X,
  type LucideIcon,
} from "lucide-react";
import { useEffect, useMemo, useRef, useState } from "react";
import { Link } from "react-router";
import { clock } from "#core/drill/dose";
import { rungOf } from "#core/drill/drill";
import { drillOf } from "#core/content/library";
import { hallAt, roundNow, type HallSpan } from "#core/hall/clock";
import type { Hall } from "#core/records/records";
import type { HallView } from "../../hall";
import { perform } from "../../acts/perform";
import { useAwake, useNextLook, useWallClock } from "../run/use-clock";
import { cueTone } from "../run/tones";
import { shortNames } from "../words";
import { onLevelWords } from "#words/hall";
import { byRung } from "./by-rung";
import { FloorPeople } from "./floor-people";
import { FloorMinutes } from "./floor-minutes";
import { useMembers } from "./use-members";

/** The screen that a hall reads from ten metres: one clock, the stations, who is there now and who comes next. */
export function HallWall({ view, hall }: { view: HallView; hall: Hall }) {
  const { library } = view;
  const [time, look] = useWallClock();
  const last = Date.parse(hall.events.at(-1)?.at ?? "") || 0;
  const now = useMemo(
    () => hallAt(hall, library, Math.max(time, last)),
    [hall, library, time, last],
  );
  const running = now.status === "running";
  useNextLook(running, now.left - Math.floor(now.left) || 1, look);
  useAwake(running);
  const [panel, setPanel] = useState<"people" | "minutes" | null>(null);
  const members = useMembers(view, hall);
  const span = now.spans[now.at];
  const round = roundNow(now);
  useTones(span, running && view.settings.sound);
  const tell = (...events: { type: "start" | "pause" | "resume" | "next" | "back" }[]) =>
    void perform({ act: "hall-happen", id: hall.id, events });
  const longer = () =>
    void perform({ act: "hall-happen", id: hall.id, events: [{ type: "longer", seconds: 30 }] });
  const toggle = () =>
    tell({ type: running ? "pause" : now.status === "ready" ? "start" : "resume" });
  useKeys(
    {
      " ": toggle,
      Enter: toggle,
      ArrowRight: () => tell({ type: "next" }),
      ArrowLeft: () => tell({ type: "back" }),
      "+": longer,
      g: () => setPanel("people"),
      t: () => setPanel("minutes"),
    },
    panel !== null,
  );
  return (
    <main
      data-run
      className="flex h-dvh flex-col bg-[#0e1213] p-[clamp(0.8rem,2vw,2.2rem)] text-[#f2eee4]"
    >
      <header className="flex items-start justify-between gap-6">
        <h1 className="text-[clamp(1.8rem,4.6vw,5rem)] leading-none">
          {titleOf(hall, span, view)}
        </h1>
        <p
          role="timer"
          className="figures text-[clamp(3.5rem,12.5vw,17rem)] leading-[0.85] font-bold text-[#e9d9a6]"
        >
          {now.status === "finished" ? "0:00" : clock(Math.ceil(now.left))}
        </p>
      </header>
      <div className="min-h-0 flex-1 overflow-y-auto py-3">
        {now.status === "finished" ? (
          <p className="mt-8 text-[clamp(1.4rem,3vw,3rem)]">
            Done.{" "}
            <Link className="underline" to={`/hall/${view.id}/log?session=${hall.id}`}>
              Log it for all
            </Link>
          </p>
        ) : span?.kind === "start" ? (
          <Together hall={hall} item={span.item} members={[...members.values()]} view={view} />
        ) : (
          <Stations
            hall={hall}
            round={round}
            changing={span?.kind === "change"}
            view={view}
            members={members}
          />
        )}
      </div>
      <p className="figures flex flex-wrap justify-between gap-x-8 text-[clamp(1rem,2vw,2rem)] text-[#c9c3b3]">
        <span>{round >= 0 ? `round ${round + 1} of ${hall.rounds.length}` : "all together"}</span>
        <span>{clock(Math.ceil(now.whole))} left in all</span>
      </p>
      <div className="mt-2 flex flex-wrap gap-1.5">
        <WallKey
          icon={running ? Pause : Play}
          label={running ? "Pause" : now.status === "ready" ? "Start" : "Go on"}
          press={toggle}
          main
        />
        <WallKey icon={ChevronLeft} label="Back" press={() => tell({ type: "back" })} />
        <WallKey icon={ChevronRight} label="Next" press={() => tell({ type: "next" })} />
        <WallKey icon={Plus} label="30 s" press={longer} />
        <WallKey icon={UsersRound} label="Who is there" press={() => setPanel("people")} />
        <WallKey icon={Hourglass} label="Minutes" press={() => setPanel("minutes")} />
        <Link
          to={`/hall/${view.id}/session?session=${hall.id}`}
          className="ml-auto flex min-h-12 items-center gap-2 border border-[#3a4142] px-3 font-semibold"
        >
          <X size={17} aria-hidden="true" /> Leave
        </Link>
      </div>
      {panel === "people" ? (
        <FloorPeople view={view} hall={hall} round={round} close={() => setPanel(null)} />
      ) : null}
      {panel === "minutes" ? (
        <FloorMinutes hall={hall} now={now} round={round} close={() => setPanel(null)} />
      ) : null}
    </main>
  );
}

function titleOf(hall: Hall, span: HallSpan | undefined, { library }: HallView): string {
  if (!span) return hall.name;
  if (span.kind === "start")
    return drillOf(library, hall.items[span.item]?.drillId ?? "")?.name ?? "";
  return span.kind === "change" ? "Change" : "Work";
}

/** What all do in step, and who is on which rung. */
function Together({
  hall,
  item: at,
  members,
  view,
}: {
  hall: Hall;
  item: number;
  members: readonly Parameters<typeof byRung>[1][number][];
  view: HallView;
}) {
  const item = hall.items[at];
  const drill = item && drillOf(view.library, item.drillId);
  if (!item || !drill) return null;
  const { rungs, out } = byRung(item, members);
  const next = drillOf(view.library, hall.items[at + 1]?.drillId ?? "");
  return (
    <div className="text-[clamp(1.2rem,2.6vw,2.8rem)] leading-tight">
      {rungs.map(({ rungId, who }, n) => (
        <p key={rungId} className="mt-2">
          <span className="text-[#e9d9a6]">{rungOf(drill, rungId).name}</span>{" "}
          {rungs.length > 1 || out.length > 0
            ? onLevelWords(
                who.map(({ name }) => ({ name })),
                { alone: false, most: n === 0 },
              )
            : ""}
        </p>
      ))}
      {out.length > 0 ? (
        <p className="mt-2 text-[#e0764a]">rest: {out.map(({ name }) => name).join(", ")}</p>
      ) : null}
      <p className="mt-4 text-[#c9c3b3]">next {next ? next.name.toLowerCase() : "the stations"}</p>
    </div>
  );
}

/** The stations: who is there in this round, and in the one after. */
function Stations({
  hall,
  round,
  changing,
  view,
  members,
}: {
  hall: Hall;
  round: number;
  changing: boolean;
  view: HallView;
  members: ReturnType<typeof useMembers>;
}) {
  const short = shortNames(hall.people);
  const nameOf = (id: string) =>
    short(hall.people.find(({ athleteId }) => athleteId === id)?.name ?? id);
  // A seat is shown once the gate was asked anew today, and only as far as it still lets its athlete.
  const mayBe = (athleteId: string, when: number) =>
    members.has(athleteId) && !members.get(athleteId)!.barred.has(when);
  const at = (stationId: string, when: number) =>
    hall.seats.filter(
      (seat) => seat.stationId === stationId && seat.round === when && mayBe(seat.athleteId, when),
    );
  const seated = new Set(
    hall.seats.flatMap(({ athleteId, round: when }) =>
      when === round && mayBe(athleteId, when) ? [athleteId] : [],
    ),
  );
  const there = hall.people.filter(
    ({ from, until }) => round >= from && (until === null || round <= until),
  );
  const unread = there.filter(({ athleteId }) => !members.has(athleteId));
  const free = there.filter(({ athleteId }) => members.has(athleteId) && !seated.has(athleteId));
  const columns =
    hall.stations.length > 6
      ? "lg:grid-cols-4"
      : hall.stations.length > 4
        ? "lg:grid-cols-3"
        : "lg:grid-cols-2";
  return (
    <>
      <ol className={`grid gap-x-8 gap-y-3 sm:grid-cols-2 ${columns}`}>
        {hall.stations.map(({ id, drillId }, n) => {
          const drill = drillOf(view.library, drillId);
          const now = at(id, round);
          const next = at(id, round + 1).filter(
            (seat) => !now.some(({ athleteId }) => athleteId === seat.athleteId),
          );
          return (
            <li key={id} className="border-t-2 border-[#4a504f] pt-1.5 leading-tight">
              <p className="flex items-baseline gap-3">
                <span className="figures text-[clamp(2rem,5.6vw,7rem)] leading-none font-bold text-[#e9d9a6]">
                  {n + 1}
                </span>
                <span className="text-[clamp(1rem,1.9vw,2.2rem)] leading-tight text-[#c9c3b3]">
                  {drill?.name}
                </span>
              </p>
              <p className="font-display text-[clamp(1.5rem,4vw,5rem)] leading-[1.05] font-bold">
                {now.map(({ athleteId }) => nameOf(athleteId)).join(", ") || "–"}
              </p>
              {!changing && next.length > 0 ? (
                <p className="text-[clamp(0.9rem,1.5vw,1.6rem)] text-[#c9c3b3]">
                  then {next.map(({ athleteId }) => nameOf(athleteId)).join(", ")}
                </p>
              ) : null}
            </li>
          );
        })}
      </ol>
      {free.length > 0 ? (
        <p className="mt-4 text-[clamp(1rem,2vw,2rem)] text-[#c9c3b3]">
          rest, or own work: {free.map(({ athleteId }) => nameOf(athleteId)).join(", ")}
        </p>
      ) : null}
      {unread.length > 0 ? (
        <p role="status" className="mt-4 text-[clamp(1rem,2vw,2rem)] text-[#c9c3b3]">
          reading the record of {unread.map(({ athleteId }) => nameOf(athleteId)).join(", ")} …
        </p>
      ) : null}
    </>
  );
}

function WallKey({
  icon: Icon,
  label,
  press,
  main = false,
}: {
  icon: LucideIcon;
  label: string;
  press: () => void;
  main?: boolean;
}) {
  return (
    <button
      type="button"
      onClick={press}
      className={`flex min-h-12 items-center gap-2 px-4 font-semibold ${main ? "bg-[#e9d9a6] text-[#0e1213]" : "border border-[#3a4142] hover:border-[#f2eee4]"}`}
    >
      <Icon size={18} aria-hidden="true" /> {label}
    </button>
  );
}

/** A tone where a span begins: to begin with work, to let go for a change. */
function useTones(span: HallSpan | undefined, on: boolean): void {
  const before = useRef(span);
  const heard = useRef(on);
  useEffect(() => {
    const [was, sounded] = [before.current, heard.current];
    [before.current, heard.current] = [span, on];
    if (!on || !sounded || was === span || (was && span && sameSpan(was, span))) return;
    cueTone(span === undefined ? "end" : span.kind === "change" ? "place" : "begin");
  }, [span, on]);
}

const sameSpan = (a: HallSpan, b: HallSpan): boolean =>
  a.kind === b.kind &&
  (a.kind === "start" ? a.item === (b as typeof a).item : a.round === (b as typeof a).round);

/** Keys of the wall; none while a panel is open or something is typed. */
function useKeys(keys: Record<string, () => void>, off: boolean): void {
  const now = useRef(keys);
  now.current = keys;
  useEffect(() => {
    if (off) return;
    const press = (event: KeyboardEvent) => {
      const { target } = event;
      if (target instanceof HTMLButtonElement && (event.key === " " || event.key === "Enter"))
        return;
      const key = pressed(event);
      const act = key === null ? undefined : now.current[key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [off]);
}
