import type { Settings } from "#core/records/records";
import { defaultSchools, schoolsFor } from "#core/content/schools";
import { followed } from "#words/schools";
import { keyChoiceNames } from "#words/frame";
import { wordsFirstNames } from "#words/field-names";
import type { deviceChoice } from "../device-choice";
import { keyChoice } from "../frame/key-choice";
import { wordsFirst } from "../words-first";
import { ScreenLockPart } from "./screen-lock-part";
import { SchoolsForm } from "../prep/schools-form";
import { useAct } from "../use-act";

/** Light, sound, and who measures. */
export function SettingsPart({ settings }: { settings: Settings }) {
  const { act } = useAct();
  const set = (changes: Partial<Settings>) =>
    act("save-settings", { settings: { ...settings, ...changes } });
  return (
    <section id="settings" className="mt-8 pb-8">
      <h2 className="text-2xl">Settings</h2>
      <div className="mt-2 flex flex-wrap items-end gap-x-8 gap-y-3">
        <label className="grid">
          <span className="label">Light</span>
          <select
            className="field"
            value={settings.theme}
            onChange={(event) => set({ theme: event.target.value as Settings["theme"] })}
          >
            <option value="system">as the device</option>
            <option value="light">light</option>
            <option value="dark">dark</option>
          </select>
        </label>
        <label className="flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={settings.sound}
            onChange={(event) => set({ sound: event.target.checked })}
          />
          tones in a run
        </label>
        <DeviceChoice
          label="Single keys, on this device"
          choice={keyChoice}
          names={keyChoiceNames}
        />
        <DeviceChoice
          label="Joint names, on this device"
          choice={wordsFirst}
          names={wordsFirstNames}
        />
        <label className="grid">
          <span className="label">Who measures, usually</span>
          <input
            className="field"
            defaultValue={settings.tester}
            onBlur={(event) => {
              if (event.target.value.trim() !== settings.tester)
                set({ tester: event.target.value.trim() });
            }}
          />
        </label>
      </div>
      <ScreenLockPart />
      <details className="mt-4">
        <summary className="label min-h-9 py-2">
          Ways of working, for every athlete who has no own:{" "}
          {followed(schoolsFor(settings.schools, {}))}
        </summary>
        <SchoolsForm
          chosen={settings.schools}
          below={defaultSchools}
          save={(schools) => set({ schools })}
        />
      </details>
    </section>
  );
}

function DeviceChoice<Option extends string>({
  label,
  choice,
  names,
}: {
  label: string;
  choice: ReturnType<typeof deviceChoice<Option>>;
  names: Readonly<Record<Option, string>>;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <select
        className="field"
        value={choice.use()}
        onChange={(event) => choice.set(event.target.value as Option)}
      >
        {choice.options.map((option) => (
          <option key={option} value={option}>
            {names[option]}
          </option>
        ))}
      </select>
    </label>
  );
}
