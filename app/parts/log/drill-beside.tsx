import { drillOf, type Library } from "#core/content/library";
import { atRung, rungOf } from "#core/drill/drill";
import { effortOf } from "../figure/effort";
import { MovingPicture } from "../figure/moving-picture";

/** Which drill of a log is under the cursor, by its row. */
export type DrillUnder = { drillId: string; rungId: string };

/** Reads the row that an event is in. @returns null where it is in none */
export function drillUnder(target: EventTarget): DrillUnder | null {
  const row = target instanceof Element ? target.closest<HTMLElement>("[data-drill]") : null;
  const { drill, rung } = row?.dataset ?? {};
  return drill && rung ? { drillId: drill, rungId: rung } : null;
}

/** The drill that the log is about just now: what it looks like, what to think of, and what form to look for. */
export function DrillBeside({ under, library }: { under: DrillUnder; library: Library }) {
  const drill = drillOf(library, under.drillId);
  if (!drill) return null;
  const rung = rungOf(drill, under.rungId);
  return (
    <div>
      <h2 className="text-xl">{drill.name}</h2>
      <p className="text-sm text-muted">
        level {drill.rungs.indexOf(rung) + 1} of {drill.rungs.length}: {rung.name.toLowerCase()}
      </p>
      <MovingPicture
        key={`${drill.id}/${rung.id}`}
        picture={rung.picture}
        serves={atRung(drill, rung).serves}
        effort={effortOf(drill.kind)}
        label={`${drill.name}, ${rung.name.toLowerCase()}`}
        className="mt-4 max-h-80 w-full"
      />
      <p className="mt-4 font-display text-lg font-bold">{rung.cue}</p>
      <ul className="mt-2 border-t border-line text-sm">
        {rung.gates.map((gate) => (
          <li key={gate.see} className="border-b border-line py-1.5">
            <b>{gate.see}</b>: {gate.then}
          </li>
        ))}
      </ul>
    </div>
  );
}
