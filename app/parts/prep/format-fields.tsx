import { JointId } from "#core/body/motions";
import type { Prep } from "#core/records/records";
import type { Format, Gaps } from "#core/content/format";
import { against, permittedDown, type GateTerms } from "#core/prep/permit";
import { permittedRamp } from "#core/prep/ramp";
import { rampSum } from "#core/prep/ramp-sum";
import { rungOf, type Drill, type Rung } from "#core/drill/drill";
import { againstWords } from "#words/prep";
import { drillOf, type Library } from "#core/content/library";
import { DoneAlready, type Vouch } from "./done-already";
import { FamilyFields } from "./family-fields";
import type { Load } from "#core/doses/load";
import { loadSaid } from "#words/bands";
import { BandSelect } from "../band-select";
import { Stepper } from "./stepper";
import { jointWords } from "#words/slots";

type Plan = (changes: Partial<Prep>) => void;

/** The numbers that belong to the prep's format: families and rounds, gaps, flagged joints, the ladder of the ramp. */
export function FormatFields({
  prep,
  format,
  library,
  gate,
  variants,
  editable,
  plan,
  vouch,
}: {
  prep: Prep;
  format: Format;
  library: Library;
  /** What decides whether a rung may be done here and now. */
  gate: GateTerms;
  variants: number | null;
  editable: boolean;
  plan: Plan;
  vouch: Vouch;
}) {
  const clocked = prep.clocked ?? format.clocked;
  const gaps = prep.gaps ?? format.gaps;
  if (!clocked && !gaps && format.kind !== "issue" && !format.ramp) return null;
  return (
    <fieldset disabled={!editable} className="no-print mt-3 border-l-4 border-tape pl-4">
      <legend className="sr-only">{format.name}</legend>
      {format.kind === "issue" ? <Flagged prep={prep} plan={plan} /> : null}
      {clocked ? (
        <FamilyFields clocked={clocked} prep={prep} variants={variants} plan={plan} />
      ) : null}
      {gaps ? <GapFields gaps={gaps} plan={plan} /> : null}
      {format.ramp ? (
        <RampFields prep={prep} library={library} gate={gate} plan={plan} vouch={vouch} />
      ) : null}
    </fieldset>
  );
}

function Flagged({ prep, plan }: { prep: Prep; plan: Plan }) {
  const toggle = (joint: JointId) =>
    plan({
      flagged: prep.flagged.includes(joint)
        ? prep.flagged.filter((other) => other !== joint)
        : [...prep.flagged, joint],
    });
  return (
    <div>
      <p className="label">Flagged joints: each gets soft tissue, mobility and light strength</p>
      <p className="flex flex-wrap gap-x-3 gap-y-1">
        {JointId.options.map((joint) => (
          <label key={joint} className="flex min-h-9 items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4 accent-[var(--spruce)]"
              checked={prep.flagged.includes(joint)}
              onChange={() => toggle(joint)}
            />
            {jointWords(joint)}
          </label>
        ))}
      </p>
      {prep.flagged.length === 0 ? (
        <p className="text-sm text-muted">Tick a joint that was hurt or nags.</p>
      ) : null}
    </div>
  );
}

function GapFields({ gaps, plan }: { gaps: Gaps; plan: Plan }) {
  const set = (changes: Partial<Gaps>) => {
    const next = { ...gaps, ...changes };
    plan({ gaps: next, budget: Math.max(120, next.count * next.seconds) });
  };
  return (
    <p className="flex flex-wrap gap-x-6">
      <Stepper
        name="rests between sets"
        value={gaps.count}
        from={1}
        to={12}
        set={(count) => set({ count })}
      />
      <Stepper
        name="seconds each"
        value={gaps.seconds}
        from={30}
        to={300}
        step={15}
        set={(seconds) => set({ seconds })}
      />
    </p>
  );
}

function RampFields({
  prep,
  library,
  gate,
  plan,
  vouch,
}: {
  prep: Prep;
  library: Library;
  gate: GateTerms;
  plan: Plan;
  vouch: Vouch;
}) {
  const kept = (one: Drill, rung: Rung) => against(gate, { drill: one, rung })[0] ?? null;
  const ladders = library.drills.filter(
    ({ kind, rungs }) => (kind === "strength" || kind === "skill") && rungs.length >= 4,
  );
  const drill = prep.ramp ? drillOf(library, prep.ramp.drillId) : undefined;
  const ramp =
    drill && prep.ramp ? permittedRamp(drill, prep.ramp.rungId, gate, prep.ramp.work) : [];
  const work = prep.ramp?.work ?? { sets: 3, reps: 5 };
  const say = (changes: Partial<typeof work>) =>
    prep.ramp ? plan({ ramp: { ...prep.ramp, work: { ...work, ...changes } } }) : undefined;
  const choose = (drillId: string) => {
    const chosen = drillOf(library, drillId);
    const usual = chosen?.rungs[Math.min(2, chosen.rungs.length - 1)];
    const rung = chosen && usual && permittedDown(chosen, usual, gate);
    plan({ ramp: chosen && usual ? { drillId, rungId: (rung ?? usual).id } : null });
  };
  return (
    <div>
      <p className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <label className="grid">
          <span className="label">The work</span>
          <select
            className="field"
            value={prep.ramp?.drillId ?? ""}
            onChange={(event) => choose(event.target.value)}
          >
            <option value="">choose a ladder</option>
            {ladders.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {drill && prep.ramp ? (
          <label className="grid">
            <span className="label">Work sets at</span>
            <select
              className="field"
              value={rungOf(drill, prep.ramp.rungId).id}
              onChange={(event) => plan({ ramp: { ...prep.ramp!, rungId: event.target.value } })}
            >
              {drill.rungs.map((rung) => {
                const against = kept(drill, rung);
                return (
                  <option key={rung.id} value={rung.id} disabled={against !== null}>
                    {rung.name}
                    {against ? ` – ${againstWords(against)}` : ""}
                  </option>
                );
              })}
            </select>
          </label>
        ) : null}
        {drill ? (
          <>
            <Stepper name="sets" value={work.sets} from={1} to={10} set={(sets) => say({ sets })} />
            <Stepper
              name="times"
              value={work.reps}
              from={1}
              to={50}
              set={(reps) => say({ reps })}
            />
            <RampLoad
              rung={rungOf(drill, prep.ramp!.rungId)}
              load={ramp.find((step) => step.work)?.load ?? { kg: null, band: null }}
              say={say}
            />
          </>
        ) : null}
        {drill ? <DoneAlready drill={drill} gate={gate} vouch={vouch} /> : null}
      </p>
      {ramp.length > 0 ? (
        <p className="mt-1 text-sm">
          {ramp
            .map(
              ({ sets, reps, name, load }) =>
                `${sets} × ${reps} ${[name.toLowerCase(), ...loadSaid(load)].join(", ")}`,
            )
            .join(" · ")}
          : <b className="figures">{rampSum(ramp)}</b> repetitions
        </p>
      ) : drill ? (
        <p className="mt-1 text-sm text-clay">
          No level of this ladder may be done here and now, so there is no ramp.
        </p>
      ) : null}
    </div>
  );
}

/** The weight or the band of the work sets; lighter ones of the place lead up to it. */
function RampLoad({
  rung,
  load,
  say,
}: {
  rung: Rung;
  load: Load;
  say: (load: Partial<Load>) => void;
}) {
  return (
    <>
      {rung.kg || rung.kit.includes("weight") || load.kg !== null ? (
        <Stepper
          name="kg"
          value={load.kg ?? 0}
          from={0}
          to={400}
          step={0.5}
          set={(kg) => say({ kg: kg > 0 ? kg : null })}
        />
      ) : null}
      {rung.band ? (
        <BandSelect none="any" value={load.band} choose={(band) => say({ band })} />
      ) : null}
    </>
  );
}
