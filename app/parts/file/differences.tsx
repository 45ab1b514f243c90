import type { Differing, Decision } from "#core/merge/notebooks";
import type { Library } from "#core/content/library";
import { differenceWords, recordTitle, writtenWords } from "#words/merge";

/** Where a file and the notebook differ and neither knew of the other: both values, the newer proposed, the coach chooses. */
export function Differences({
  differing,
  sides,
  setSides,
  names,
  library,
}: {
  differing: readonly Differing[];
  sides: readonly Decision[];
  setSides: (sides: Decision[]) => void;
  names: ReadonlyMap<string, string>;
  library: Library;
}) {
  if (differing.length === 0) return null;
  const all = (side: "ours" | "theirs") => setSides(differing.map(() => side));
  return (
    <section className="mt-4" aria-label="Differences">
      <div className="flex flex-wrap items-baseline gap-x-4 border-b border-ink pb-1">
        <h4 className="font-display text-base font-bold">
          {differing.length === 1
            ? "One difference to decide"
            : `${differing.length} differences to decide`}
        </h4>
        <button type="button" className="underlined text-sm" onClick={() => all("ours")}>
          All as here
        </button>
        <button type="button" className="underlined text-sm" onClick={() => all("theirs")}>
          All as in the file
        </button>
      </div>
      <ul className="max-h-[26rem] overflow-y-auto">
        {differing.map((one, n) => (
          <Difference
            key={`${one.key}/${one.fields.join("/")}`}
            one={one}
            name={`difference-${n}`}
            side={sides[n] ?? one.proposed}
            choose={(side) => setSides(differing.map((_, m) => (m === n ? side : sides[m]!)))}
            title={recordTitle(one.record, names, library)}
          />
        ))}
      </ul>
    </section>
  );
}

function Difference({
  one,
  name,
  side,
  choose,
  title,
}: {
  one: Differing;
  name: string;
  side: Decision;
  choose: (side: Decision) => void;
  title: string;
}) {
  const words = differenceWords(one);
  const choices: [Decision, string, string][] = [
    ["ours", "here", `${words.ours}${at(writtenWords(one.oursAt))}`],
    ["theirs", "in the file", `${words.theirs}${at(writtenWords(one.theirsAt))}`],
    ...(one.proposed === "both"
      ? [["both", "both", "nothing is left out"] as [Decision, string, string]]
      : []),
  ];
  return (
    <li className="border-b border-line py-2">
      <fieldset>
        <legend className="text-sm">
          <b dir="auto">{title}</b>: {words.what}
        </legend>
        <div className="flex flex-wrap gap-x-6">
          {choices.map(([value, label, text]) => (
            <label key={value} className="flex min-h-11 items-center gap-2 text-sm">
              <input
                type="radio"
                name={name}
                className="size-4 accent-[var(--spruce)]"
                checked={side === value}
                onChange={() => choose(value)}
              />
              <span>
                <span className="text-muted">{label}:</span> {text}
              </span>
            </label>
          ))}
        </div>
      </fieldset>
    </li>
  );
}

const at = (written: string): string => (written ? ` (${written})` : "");
