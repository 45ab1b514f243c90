import { defaultSchools, type Schools, type SomeSchools } from "#core/content/schools";
import { schoolQuestions } from "#words/schools";

/**
 * Ways of working on which good coaches differ, each with the reasons of both. What is not chosen here follows
 * what stands below: the coach's choice for an athlete, the usual one for the coach.
 */
export function SchoolsForm({
  chosen,
  below,
  save,
}: {
  chosen: SomeSchools;
  below: Schools;
  /** All that is chosen then, and what was changed of it: null for as usual. */
  save: (schools: SomeSchools, key: keyof Schools, value: string | null) => void;
}) {
  const set = (key: keyof Schools, value: string) => {
    const others = Object.entries(chosen).filter(([name]) => name !== key);
    save(
      Object.fromEntries(value === "" ? others : [...others, [key, value]]) as SomeSchools,
      key,
      value || null,
    );
  };
  return (
    <ul className="grid gap-x-8 md:grid-cols-2">
      {schoolQuestions.map(({ key, asks, why, options }) => {
        const known = options as { value: string; name: string }[];
        const usual = known.find(({ value }) => value === (below[key] ?? defaultSchools[key]));
        return (
          <li key={key} className="min-w-0 border-b border-line py-2">
            <label className="grid min-w-0">
              <span className="font-semibold">{asks}</span>
              <select
                className="field w-full min-w-0"
                value={chosen[key] ?? ""}
                onChange={(event) => set(key, event.target.value)}
              >
                <option value="">as usual: {usual?.name}</option>
                {known.map(({ value, name }) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <p className="mt-0.5 text-sm text-muted">{why}</p>
          </li>
        );
      })}
    </ul>
  );
}
