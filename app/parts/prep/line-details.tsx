import { BandStrength } from "#core/drill/band";
import { BreathMode, breathModeOf } from "#core/drill/breathing";
import { rungOf, type Drill } from "#core/drill/drill";
import { setsOf } from "#core/drill/dose";
import { doesOf } from "#core/exposure/does";
import { loadOf } from "#core/doses/load";
import { mayGoOn } from "#core/prep/stays";
import { doseAt } from "#core/prep/timeline";
import type { Breath, PrepItem } from "#core/records/records";
import { bandWords } from "#words/bands";
import { breathingWords, paceWords } from "#words/drill-way";
import { Stepper } from "./stepper";

/** What may be said of a drill beside its rung and its dose. */
export type SaidOfDrill = Partial<
  Pick<PrepItem, "pace" | "breathing" | "untilLoose" | "labels" | "amounts" | "breath">
> & { kg?: number | null; band?: BandStrength | null; sets?: number };

type Props = { item: PrepItem; drill: Drill; say: (said: SaidOfDrill) => void };

/** How a drill is done: pace, breathing, weight, band, until loose, its parts, the break after it. */
export function LineDetails({ item, drill, say }: Props) {
  const rung = rungOf(drill, item.rungId);
  const { kg, band } = loadOf(item.why);
  const usual = breathModeOf(drill);
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1 text-sm">
      <Choose
        name="pace"
        value={item.pace ?? ""}
        none="as usual"
        options={Object.entries(paceWords)}
        choose={(pace) => say({ pace: pace === "" ? null : (pace as PrepItem["pace"]) })}
      />
      <Choose
        name="breath"
        value={item.breathing ?? ""}
        none={usual ? breathingWords[usual] : "free"}
        options={BreathMode.options
          .filter((one) => one !== usual)
          .map((one) => [one, breathingWords[one]])}
        choose={(one) => say({ breathing: one === "" ? null : BreathMode.parse(one) })}
      />
      {rung.kg || kg !== null || rung.kit.includes("weight") ? (
        <Stepper
          name="kg"
          value={kg ?? 0}
          from={0}
          to={400}
          step={0.5}
          set={(next) => say({ kg: next > 0 ? next : null })}
        />
      ) : null}
      {rung.band || band !== null ? (
        <Choose
          name="band"
          value={band ?? ""}
          none="any"
          options={BandStrength.options.map((one) => [one, bandWords(one)])}
          choose={(one) => say({ band: one === "" ? null : BandStrength.parse(one) })}
        />
      ) : null}
      {mayGoOn(drill, doesOf(drill, rung).exposes) && !item.boxed ? (
        <label className="flex min-h-9 items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={item.untilLoose}
            onChange={(event) => say({ untilLoose: event.target.checked })}
          />
          until loose
        </label>
      ) : null}
      <Break breath={item.breath} say={say} />
      <Parts item={item} say={say} />
    </div>
  );
}

function Break({ breath, say }: { breath: Breath | null; say: Props["say"] }) {
  if (!breath)
    return (
      <button
        type="button"
        className="quiet underlined"
        onClick={() => say({ breath: { seconds: 30, as: "break" } })}
      >
        Break after it
      </button>
    );
  return (
    <span>
      <Stepper
        name="s break after"
        value={breath.seconds}
        from={1}
        to={600}
        step={15}
        set={(seconds) => say({ breath: { seconds, as: "break" } })}
      />
      <button type="button" className="quiet underlined" onClick={() => say({ breath: null })}>
        No break
      </button>
    </span>
  );
}

/** The sets as parts with names and amounts of their own: middle 30, forward 45, back 30. */
function Parts({ item, say }: Omit<Props, "drill">) {
  const sets = setsOf(item.dose);
  if (item.dose.type === "contract-relax" || item.boxed || sets < 2) return null;
  const named = item.labels.length > 0 || item.amounts.length > 0;
  const amounts = Array.from({ length: sets }, (_, n) => {
    const dose = doseAt(item, n + 1);
    return dose.type === "reps" ? dose.reps : dose.type === "contract-relax" ? 0 : dose.seconds;
  });
  const labels = Array.from({ length: sets }, (_, n) => item.labels[n] ?? "");
  if (!named)
    return (
      <button
        type="button"
        className="quiet underlined"
        onClick={() => say({ labels: labels.map((_, n) => `part ${n + 1}`), amounts })}
      >
        In parts
      </button>
    );
  const put = <T,>(list: readonly T[], at: number, value: T): T[] =>
    list.map((one, n) => (n === at ? value : one));
  return (
    <fieldset className="flex w-full flex-wrap items-center gap-x-4 gap-y-1">
      <legend className="sr-only">Parts</legend>
      {amounts.map((amount, n) => (
        <span key={n} className="inline-flex items-center gap-1">
          <input
            key={labels[n]}
            className="field !min-h-9 w-24"
            aria-label={`Part ${n + 1}: name`}
            maxLength={40}
            defaultValue={labels[n]}
            onBlur={(event) => {
              const typed = event.target.value.trim();
              if (typed !== labels[n]) say({ labels: put(labels, n, typed) });
            }}
          />
          <Stepper
            name={item.dose.type === "reps" ? `times in part ${n + 1}` : `s in part ${n + 1}`}
            value={amount}
            from={item.dose.type === "reps" ? 1 : 3}
            to={600}
            step={item.dose.type === "reps" ? 1 : 5}
            set={(next) => say({ amounts: put(amounts, n, next) })}
          />
        </span>
      ))}
      <button
        type="button"
        className="quiet underlined"
        onClick={() => say({ labels: [], amounts: [] })}
      >
        No parts
      </button>
    </fieldset>
  );
}

function Choose({
  name,
  value,
  none,
  options,
  choose,
}: {
  name: string;
  value: string;
  none: string;
  options: readonly (readonly [string, string])[];
  choose: (value: string) => void;
}) {
  return (
    <label className="flex items-center gap-2">
      <span className="text-muted">{name}</span>
      <select
        className="field !min-h-9 max-w-48"
        value={value}
        onChange={(event) => choose(event.target.value)}
      >
        <option value="">{none}</option>
        {options.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
