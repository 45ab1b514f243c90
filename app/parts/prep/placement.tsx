import { pressed } from "../frame/key-choice";
import { Check, SkipForward, X } from "lucide-react";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { drillOf } from "#core/content/library";
import { atRung, rungOf } from "#core/drill/drill";
import {
  nextQuestion,
  placedOn,
  questionsLeft,
  type PlacedAnswer,
  type PlacementLadder,
} from "#core/prep/placement";
import type { AthleteView } from "../../view";
import { PosePicture } from "../figure/pose-picture";
import { useAct } from "../use-act";

/** What was said of each ladder, in its order; a ladder that was passed over is null. */
type Said = readonly (readonly PlacedAnswer[] | null)[];

/** Pictures of rungs, one at a time: cleanly, today? What comes out is where each ladder begins. */
export function PlacementWalk({
  view,
  ladders,
}: {
  view: AthleteView;
  ladders: readonly PlacementLadder[];
}) {
  const [said, setSaid] = useState<Said>(() => ladders.map(() => []));
  const [past, setPast] = useState<readonly Said[]>([]);
  const back = `/at/${view.athlete.id}/prep`;
  const open = ladders.findIndex((ladder, n) => said[n] && nextQuestion(ladder, said[n]) !== null);
  const asks = ladders[open];
  const rungId = asks ? nextQuestion(asks, said[open]!) : null;
  const drill = asks && drillOf(view.library, asks.drillId);
  const put = (answer: readonly PlacedAnswer[] | null) => {
    setPast([...past, said]);
    setSaid(said.map((one, n) => (n === open ? answer : one)));
  };
  const answer = (clean: boolean) => put([...said[open]!, { rungId: rungId!, clean }]);
  const unsay = () => {
    const last = past.at(-1);
    if (!last) return;
    setSaid(last);
    setPast(past.slice(0, -1));
  };
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const key = pressed(event)?.toLowerCase();
      if (key === undefined) return;
      const acts: Record<string, () => void> = rungId
        ? { y: () => answer(true), n: () => answer(false), s: () => put(null), backspace: unsay }
        : { backspace: unsay };
      const does = acts[key];
      if (!does) return;
      event.preventDefault();
      event.stopPropagation();
      does();
    };
    window.addEventListener("keydown", press, true);
    return () => window.removeEventListener("keydown", press, true);
  });
  if (ladders.length === 0)
    return (
      <>
        <h1 className="text-3xl">Nothing to place</h1>
        <p className="mt-2 text-muted">
          Every ladder that matters now is known or has a lock on it.{" "}
          <Link className="underlined" to={back}>
            Back to the prep
          </Link>
        </p>
      </>
    );
  if (!asks || !drill || rungId === null)
    return <Found view={view} ladders={ladders} said={said} unsay={unsay} back={back} />;
  const rung = rungOf(drill, rungId);
  const left = ladders.reduce(
    (sum, ladder, n) => sum + (said[n] ? questionsLeft(ladder, said[n]) : 0),
    0,
  );
  return (
    <section aria-label="Placement" className="flex flex-col">
      <h1 className="text-3xl">Cleanly, today?</h1>
      <p className="text-sm text-muted">
        {left === 1 ? "The last picture" : `At most ${left} pictures`} · where it is not sure, say
        no
      </p>
      <figure className="mt-3">
        <PosePicture
          picture={rung.picture}
          serves={atRung(drill, rung).serves}
          label={`${drill.name}, ${rung.name}: start and end`}
          className="h-56 w-full sm:h-72"
        />
        <figcaption aria-live="polite" className="mt-2">
          <b className="font-display text-2xl leading-tight">{rung.name}</b>
          <span className="block text-muted">{drill.name}</span>
          <span className="block">{rung.cue}</span>
        </figcaption>
      </figure>
      <div className="mt-4 grid grid-cols-2 gap-2 sm:max-w-lg">
        <button
          type="button"
          className="press press-main min-h-14 text-lg"
          onClick={() => answer(true)}
        >
          <Check size={20} /> Yes <kbd className="ml-1 text-sm opacity-70">Y</kbd>
        </button>
        <button type="button" className="press min-h-14 text-lg" onClick={() => answer(false)}>
          <X size={20} /> No <kbd className="ml-1 text-sm opacity-70">N</kbd>
        </button>
        <button type="button" className="quiet underlined min-h-11" onClick={() => put(null)}>
          <SkipForward size={16} className="mr-1 inline" /> Leave this one out
        </button>
        <button
          type="button"
          className="quiet underlined min-h-11"
          disabled={past.length === 0}
          onClick={unsay}
        >
          One back
        </button>
      </div>
    </section>
  );
}

/** Where each ladder begins by what was said, to be kept. */
function Found({
  view,
  ladders,
  said,
  unsay,
  back,
}: {
  view: AthleteView;
  ladders: readonly PlacementLadder[];
  said: Said;
  unsay: () => void;
  back: string;
}) {
  const { act, done } = useAct<"place-on">();
  const placed = ladders.flatMap((ladder, n) => {
    const of = said[n];
    return of ? [{ drillId: ladder.drillId, rungId: placedOn(ladder, of) }] : [];
  });
  return (
    <section aria-label="Placement">
      <h1 className="text-3xl">{view.athlete.name} begins here</h1>
      <ul className="mt-3 border-t border-ink">
        {placed.map(({ drillId, rungId }) => {
          const drill = drillOf(view.library, drillId);
          if (!drill) return null;
          const rung = rungOf(drill, rungId);
          return (
            <li
              key={drillId}
              className="grid grid-cols-[5rem_1fr] items-center gap-3 border-b border-line py-1.5"
            >
              <PosePicture
                picture={rung.picture}
                label={`${drill.name}: start and end`}
                small
                className="h-12 w-full"
              />
              <span>
                <b className="font-display">{drill.name}</b>
                <span className="block text-sm text-muted">
                  {rung.name} · level {drill.rungs.indexOf(rung) + 1} of {drill.rungs.length}
                </span>
              </span>
            </li>
          );
        })}
      </ul>
      <p className="mt-2 text-sm text-muted">
        It stands until the drill is logged; then the log says what comes next.
      </p>
      <p className="mt-3 flex flex-wrap items-center gap-3">
        {done ? (
          <Link className="press press-main" to={back}>
            Kept. On to the prep
          </Link>
        ) : (
          <button
            type="button"
            className="press press-main"
            disabled={placed.length === 0}
            onClick={() => act("place-on", { placed })}
          >
            Keep
          </button>
        )}
        <button type="button" className="quiet underlined" onClick={unsay} disabled={Boolean(done)}>
          One back
        </button>
        <Link className="quiet underlined" to={back}>
          Cancel
        </Link>
      </p>
    </section>
  );
}
