import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useState } from "react";
import type { Drill } from "#core/drill/drill";
import { cliniciansFirst } from "#core/safety/intake";
import { comfortLimit, painLimit } from "#core/safety/pain";

const advice = (level: number, sharp: boolean): string => {
  if (level > painLimit)
    return "Above 5/10: this motion leaves the plans until a person clears it. See a licensed clinician.";
  if (sharp)
    return "Sharp, pinching, spreading or in the joint: the drill is over for today. If it comes back, see a clinician.";
  if (level > comfortLimit)
    return "More than a stretch should be: stop, and take an easier rung next time.";
  return "A stretch feeling up to 4/10 is fine. If it is only that, go back and ease off a little.";
};

/** The stop: how much, where, and of what kind. The drill ends and is noted; nothing is talked down. */
export function PainDialog({
  drill,
  close,
  stop,
  leaveRun,
}: {
  drill: Drill;
  close: () => void;
  stop: (level: number, place: string, sharp: boolean) => void;
  leaveRun: () => void;
}) {
  const [level, setLevel] = useState<number | null>(null);
  const [place, setPlace] = useState("");
  const [sharp, setSharp] = useState(false);
  return (
    <Dialog open onClose={close} className="relative z-40">
      <div className="fixed inset-0 bg-black/70" aria-hidden="true" />
      <div className="fixed inset-0 grid place-items-center overflow-y-auto p-4">
        <DialogPanel className="w-full max-w-2xl bg-[#f2eee4] p-6 text-[#1c2526]">
          <DialogTitle className="text-2xl">{drill.name} hurts. How much?</DialogTitle>
          <div
            className="mt-4 grid grid-cols-6 gap-1.5 sm:grid-cols-11"
            role="radiogroup"
            aria-label="Pain, 0 to 10"
          >
            {Array.from({ length: 11 }, (_, n) => (
              <button
                key={n}
                type="button"
                role="radio"
                aria-checked={level === n}
                onClick={() => setLevel(n)}
                className={`figures min-h-13 border-2 text-xl font-bold ${level === n ? "border-[#1c2526] bg-[#1c2526] text-[#f2eee4]" : n > painLimit ? "border-[#a8461f]" : "border-[#8d8777]"}`}
              >
                {n}
              </button>
            ))}
          </div>
          <label className="mt-4 grid">
            <span className="text-sm text-[#5f5b4f]">Where</span>
            <input
              className="min-h-12 border-b-2 border-[#8d8777] bg-transparent text-lg"
              value={place}
              onChange={(event) => setPlace(event.target.value)}
              placeholder="left wrist, front of the hip …"
            />
          </label>
          <label className="mt-3 flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="size-6 accent-[#a8461f]"
              checked={sharp}
              onChange={(event) => setSharp(event.target.checked)}
            />
            sharp, pinching, spreading, numb or tingling
          </label>
          {level !== null ? (
            <p role="status" className="mt-2 border-l-4 border-[#a8461f] pl-3">
              {advice(level, sharp)}
            </p>
          ) : null}
          <p className="mt-5 flex flex-wrap gap-3">
            <button
              type="button"
              className="min-h-14 bg-[#1c2526] px-6 text-lg font-bold text-[#f2eee4] disabled:opacity-40"
              disabled={level === null}
              onClick={() => stop(level!, place.trim(), sharp)}
            >
              Stop this drill
            </button>
            <button
              type="button"
              className="min-h-14 border-2 border-[#1c2526] px-6"
              onClick={close}
            >
              Go back, it is fine
            </button>
            <button type="button" className="min-h-14 px-4 underline" onClick={leaveRun}>
              End the whole run
            </button>
          </p>
          <p className="mt-4 text-sm text-[#5f5b4f]">{cliniciansFirst}</p>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
