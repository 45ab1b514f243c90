import type { Dose } from "#core/drill/dose";
import { clock, writeDose } from "#core/drill/dose";
import { nextSameTotal } from "#core/drill/same-total";
import { rungOf, type Drill, type Rung } from "#core/drill/drill";
import type { PrepItem } from "#core/records/records";
import { Stepper } from "./stepper";

/** The rung and the dose of a drill, changed in their place. */
export function DoseEditor({
  item,
  drill,
  edit,
  barred,
  children,
}: {
  item: Pick<PrepItem, "rungId" | "dose">;
  drill: Drill;
  edit: (change: { rungId?: string; dose?: Dose }) => void;
  /** Why a rung may not be done here and now; null when it may. */
  barred?: (rung: Rung) => string | null;
  /** What else is said beside the rung. */
  children?: React.ReactNode;
}) {
  const { dose } = item;
  const rung = rungOf(drill, item.rungId);
  const set = (next: Dose) => edit({ dose: next });
  const other = nextSameTotal(dose);
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
      <label className="flex items-center gap-2 text-sm">
        <span className="text-muted">level</span>
        <select
          className="field !min-h-9 max-w-52"
          value={rung.id}
          onChange={(event) => edit({ rungId: event.target.value })}
        >
          {drill.rungs.map((one, i) => {
            const why = barred?.(one) ?? null;
            return (
              <option key={one.id} value={one.id} disabled={why !== null}>
                {i + 1}. {one.name}
                {why ? ` – ${why}` : ""}
              </option>
            );
          })}
        </select>
      </label>
      {other ? (
        <button
          type="button"
          className="quiet underlined"
          title="The same total in other sets"
          onClick={() => set(other)}
        >
          = {writeDose(other)}
        </button>
      ) : null}
      {children}
      {dose.type === "contract-relax" ? (
        <>
          <Stepper
            name="rounds"
            value={dose.rounds}
            from={1}
            to={6}
            set={(rounds) => set({ ...dose, rounds })}
          />
          <Stepper
            name="s push"
            value={dose.contract}
            from={3}
            to={20}
            set={(contract) => set({ ...dose, contract })}
          />
          <Stepper
            name="s deeper"
            value={dose.deepen}
            from={5}
            to={60}
            step={5}
            set={(deepen) => set({ ...dose, deepen })}
          />
        </>
      ) : (
        <>
          <Stepper
            name="sets"
            value={dose.sets}
            from={1}
            to={12}
            set={(sets) =>
              set({ ...dose, sets, rest: sets > 1 ? Math.max(5, dose.rest) : dose.rest })
            }
          />
          {dose.type === "reps" ? (
            <Stepper
              name="times"
              value={dose.reps}
              from={1}
              to={120}
              set={(reps) => set({ ...dose, reps })}
            />
          ) : (
            <Stepper
              name={dose.type === "hold" ? "s held" : `s (${clock(dose.seconds)})`}
              value={dose.seconds}
              from={dose.type === "hold" ? 3 : 5}
              to={dose.type === "hold" ? 600 : 1200}
              step={5}
              set={(seconds) => set({ ...dose, seconds })}
            />
          )}
          {dose.sets > 1 ? (
            <Stepper
              name="s rest"
              value={dose.rest}
              from={0}
              to={300}
              step={5}
              set={(rest) => set({ ...dose, rest })}
            />
          ) : null}
        </>
      )}
    </div>
  );
}
