import { thousands } from "#words/locale";
import { X } from "lucide-react";
import { JointId } from "#core/body/motions";
import { clockedSeconds, mostFamilies, type Clocked } from "#core/content/format";
import { clock } from "#core/drill/dose";
import { MoveFamily } from "#core/drill/families";
import { fitClocked } from "#core/prep/clock-fit";
import { grownFor, grownSeconds } from "#core/prep/grow-families";
import type { Prep } from "#core/records/records";
import { familyWords } from "#words/drill-way";
import { jointWords } from "#words/slots";
import { Stepper } from "./stepper";

/** More different preps than this are not counted out. */
const countless = 1_000_000;

/** The families of a prep by the clock, in their order, with what is done in a box. */
export function FamilyFields({
  clocked,
  prep,
  variants,
  plan,
}: {
  clocked: Clocked;
  prep: Prep;
  variants: number | null;
  plan: (changes: Partial<Prep>) => void;
}) {
  const set = (changes: Partial<Clocked>, handOver = prep.handOver) => {
    const next = { ...clocked, ...changes };
    plan({ clocked: next, handOver, budget: Math.max(120, clockedSeconds(next, handOver)) });
  };
  const grow = (joint: JointId) =>
    plan({
      clocked: fitClocked(grownFor(clocked, joint), grownSeconds - prep.handOver),
      budget: grownSeconds,
    });
  const { families, rounds, seconds, drills, raise } = clocked;
  return (
    <div>
      <p className="figures">
        {raise > 0 ? `${clock(raise)} + ` : ""}
        {families.length} × {rounds} × {seconds} s + {clock(prep.handOver)} ={" "}
        <b>{clock(clockedSeconds(clocked, prep.handOver))}</b>
        {variants ? (
          <span className="font-sans text-sm text-muted">
            {" "}
            · {variants > countless ? "over a million" : thousands(variants)}{" "}
            {variants === 1 ? "prep" : "different preps"} here
          </span>
        ) : null}
      </p>
      <ol className="flex flex-wrap items-center gap-x-2 gap-y-1" aria-label="Families">
        {families.map((family, at) => (
          <li
            key={`${family} ${at}`}
            className="flex items-center border border-line bg-paper pl-2"
          >
            {familyWords(family)}
            <button
              type="button"
              className="quiet"
              disabled={families.length < 2}
              aria-label={`Take out ${familyWords(family)}, place ${at + 1}`}
              onClick={() => set({ families: families.filter((_, i) => i !== at) })}
            >
              <X size={14} />
            </button>
          </li>
        ))}
        {families.length < mostFamilies ? (
          <li>
            <select
              className="field !min-h-9"
              aria-label="Add a family"
              value=""
              onChange={(event) =>
                set({ families: [...families, MoveFamily.parse(event.target.value)] })
              }
            >
              <option value="">add a family</option>
              {MoveFamily.options.map((family) => (
                <option key={family} value={family}>
                  {familyWords(family)}
                </option>
              ))}
            </select>
          </li>
        ) : null}
        {families.length < mostFamilies ? (
          <li>
            <select
              className="field !min-h-9"
              aria-label="Grow for a complaint"
              value=""
              onChange={(event) => grow(JointId.parse(event.target.value))}
            >
              <option value="">grow for a complaint</option>
              {JointId.options.map((joint) => (
                <option key={joint} value={joint}>
                  {jointWords(joint)}
                </option>
              ))}
            </select>
          </li>
        ) : null}
      </ol>
      <p className="mt-1 flex flex-wrap gap-x-6">
        <Stepper name="rounds" value={rounds} from={1} to={6} set={(to) => set({ rounds: to })} />
        <Stepper
          name="seconds a box"
          value={seconds}
          from={15}
          to={180}
          step={5}
          set={(to) => set({ seconds: to })}
        />
        <Stepper
          name="raise, s"
          value={raise}
          from={0}
          to={600}
          step={15}
          set={(to) => set({ raise: to })}
        />
        <Stepper
          name="hand-over, s"
          value={prep.handOver}
          from={0}
          to={600}
          step={30}
          set={(handOver) => set({}, handOver)}
        />
        <Tick
          on={drills === 2}
          set={(on) => set({ drills: on ? 2 : 1, seconds: on ? Math.max(30, seconds) : seconds })}
        >
          two drills a box
        </Tick>
        <Tick on={clocked.brisk} set={(brisk) => set({ brisk })}>
          brisk
        </Tick>
        <Tick on={clocked.spot} set={(spot) => set({ spot })}>
          on one spot
        </Tick>
        <Tick on={clocked.same} set={(same) => set({ same })}>
          same in every round
        </Tick>
      </p>
    </div>
  );
}

function Tick({
  on,
  set,
  children,
}: {
  on: boolean;
  set: (on: boolean) => void;
  children: string;
}) {
  return (
    <label className="flex min-h-9 items-center gap-1.5 text-sm">
      <input
        type="checkbox"
        className="size-4 accent-[var(--spruce)]"
        checked={on}
        onChange={(event) => set(event.target.checked)}
      />
      {children}
    </label>
  );
}
