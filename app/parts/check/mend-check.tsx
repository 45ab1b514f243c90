import { Pencil } from "lucide-react";
import { useEffect, useState } from "react";
import { protocolOf, type Library } from "#core/content/library";
import { sidesOf, type Side } from "#core/body/side";
import type { Athlete } from "#core/records/athlete";
import type { Check } from "#core/records/records";
import { useAct } from "../use-act";
import { readNumber } from "../words";
import { sideLabel } from "./side-trials";

type Named = Pick<Athlete, "id" | "name">;

/** A kept check that is mended: its numbers, its side, or whose it is. What it was is kept with it. */
export function MendCheck({
  check,
  library,
  people,
}: {
  check: Check;
  library: Library;
  /** To whom it may go; the athlete it is kept for among them. */
  people: readonly Named[];
}) {
  const [open, setOpen] = useState(false);
  const name = protocolOf(library, check.protocolId)?.name ?? "check";
  if (!open)
    return (
      <button
        type="button"
        className="quiet"
        aria-label={`Mend ${name}, ${sideLabel[check.side]}, ${check.on}`}
        title="Correct: numbers, side, or whose it is"
        onClick={() => setOpen(true)}
      >
        <Pencil size={14} />
      </button>
    );
  return <MendForm check={check} library={library} people={people} close={() => setOpen(false)} />;
}

function MendForm({
  check,
  library,
  people,
  close,
}: {
  check: Check;
  library: Library;
  people: readonly Named[];
  close: () => void;
}) {
  const { act, done, refused } = useAct<"mend-check">();
  const [trials, setTrials] = useState(check.trials.join("; "));
  const [side, setSide] = useState<Side>(check.side);
  const [to, setTo] = useState(check.athleteId);
  const [pain, setPain] = useState(String(check.pain));
  const protocol = protocolOf(library, check.protocolId);
  useEffect(() => {
    if (done) close();
    // Once, when it is done.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [done]);
  const keep = () =>
    act("mend-check", {
      id: check.id,
      owner: check.athleteId,
      to,
      side,
      trials: trials
        .split(/[;\s]+/)
        .filter((text) => text !== "")
        .map(readNumber),
      pain: Number(pain) || 0,
      note: check.note,
    });
  const field = "field !min-h-9";
  return (
    <span
      className="flex w-full flex-wrap items-center gap-2 py-1"
      onKeyDown={(event) => {
        if (event.key === "Enter" && event.target instanceof HTMLInputElement) {
          event.preventDefault();
          keep();
        }
        if (event.key === "Escape") close();
      }}
    >
      <input
        className={`${field} figures w-36`}
        autoFocus
        aria-label="Trials, with ; between"
        value={trials}
        onChange={(event) => setTrials(event.target.value)}
      />
      <select
        className={field}
        aria-label="Side"
        value={side}
        onChange={(event) => setSide(event.target.value as Side)}
      >
        {sidesOf(protocol?.sided ?? check.side !== "mid").map((one) => (
          <option key={one} value={one}>
            {sideLabel[one]}
          </option>
        ))}
      </select>
      <select
        className={`${field} max-w-48`}
        aria-label="Whose it is"
        value={to}
        onChange={(event) => setTo(event.target.value)}
      >
        {people.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <label className="flex items-center gap-1">
        pain
        <input
          className={`${field} figures w-12`}
          inputMode="numeric"
          value={pain}
          onChange={(event) => setPain(event.target.value)}
        />
      </label>
      <button type="button" className="press !min-h-9" onClick={keep}>
        Mend
      </button>
      <button type="button" className="quiet underlined" onClick={close}>
        Cancel
      </button>
      {refused ? (
        <span role="alert" className="text-clay">
          {refused.why === "reading"
            ? "A reading cannot be right."
            : "This cannot be right: numbers with ; between, pain 0 to 10."}
        </span>
      ) : null}
    </span>
  );
}
