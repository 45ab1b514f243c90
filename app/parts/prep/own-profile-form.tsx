import { X } from "lucide-react";
import { useState } from "react";
import { MotionId, motionOf } from "#core/body/motions";
import type { OwnProfile } from "#core/body/profiles";
import type { DoAct } from "../use-act";

const most = 8;

/** How a body lives, in the coach's own words, with the motions that it leaves short. */
export function OwnProfileForm({ own, act }: { own: readonly OwnProfile[]; act: DoAct }) {
  const [name, setName] = useState("");
  const [motions, setMotions] = useState<MotionId[]>([]);
  const whole = name.trim() !== "" && motions.length > 0;
  return (
    <details className="mt-1">
      <summary className="min-h-8 py-1 text-muted">Your own words</summary>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!whole) return;
          act("save-profile", { name: name.trim(), motions });
          setName("");
          setMotions([]);
        }}
      >
        <label className="grid">
          <span className="label">How this body lives</span>
          <input
            className="field w-48"
            maxLength={40}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <label className="grid">
          <span className="label">Leaves short</span>
          <select
            className="field"
            value=""
            disabled={motions.length >= most}
            onChange={(event) => setMotions([...motions, MotionId.parse(event.target.value)])}
          >
            <option value="">add a motion</option>
            {MotionId.options
              .filter((one) => !motions.includes(one))
              .map((one) => (
                <option key={one} value={one}>
                  {motionOf(one).name}
                </option>
              ))}
          </select>
        </label>
        <button type="submit" className="press" disabled={!whole}>
          Keep
        </button>
        {motions.map((motion) => (
          <span key={motion} className="flex items-center border border-line pl-2">
            {motionOf(motion).name}
            <button
              type="button"
              className="quiet"
              aria-label={`Take out ${motionOf(motion).name}`}
              onClick={() => setMotions(motions.filter((one) => one !== motion))}
            >
              <X size={14} />
            </button>
          </span>
        ))}
      </form>
      <ul>
        {own.map(({ name: said, motions: asks }) => (
          <li key={said} className="flex items-center gap-2">
            {said}: {asks.map((motion) => motionOf(motion).name.toLowerCase()).join(", ")}
            <button
              type="button"
              className="quiet"
              aria-label={`Take away ${said}`}
              onClick={() => act("save-profile", { name: said, motions: [] })}
            >
              <X size={14} />
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
