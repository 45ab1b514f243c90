import { Plus, Trash2 } from "lucide-react";
import { Demand, Role, type Skill } from "#core/content/skill";
import { MotionId, motionOf } from "#core/body/motions";
import { useDraft } from "../use-draft";
import { readNumber } from "../words";
import { useAct } from "../use-act";
import { skillErrors } from "#words/acts";

type Row = {
  motion: MotionId;
  role: Role;
  mode: Demand["mode"];
  loaded: boolean;
  clean: string;
  passable: string;
  weight: string;
  how: string;
  missing: string;
  hips?: Demand["hips"];
  source: string;
  /** Why the coach's own figure is what it is. */
  reason: string;
  by: string[];
};

const roleText: Record<Role, string> = {
  "both-sides": "both sides",
  trunk: "trunk",
  "front-leg": "front leg",
  "back-leg": "back leg",
  "working-side": "working side",
  "standing-side": "standing side",
};

const rowOf = (demand: Demand): Row => ({
  ...demand,
  clean: String(demand.clean),
  passable: String(demand.passable),
  weight: String(demand.weight),
});

/** What is typed of a skill: its words, and its demands as text. */
type Typed = {
  name: string;
  sided: boolean;
  sideMeans: string;
  phrase: string;
  summary: string;
  rows: Row[];
};

const isTyped = (kept: unknown): kept is Typed =>
  typeof kept === "object" && kept !== null && Array.isArray((kept as Typed).rows);

/** A skill of the coach's own: a copy of one, its words and its degrees changed. It uses the library's own form. */
export function SkillEditor({ skill, close }: { skill: Skill; close: () => void }) {
  const own = skill.id.startsWith("own-");
  const fresh = skill.name === "";
  const [typed, setTyped, drop] = useDraft<Typed>(
    `skill/${skill.id || "new"}`,
    () => ({
      name: own ? skill.name : `${skill.name}, my way`,
      sided: skill.sided,
      sideMeans: skill.sideMeans,
      phrase: skill.phrase,
      summary: skill.summary,
      rows: skill.demands.map(rowOf),
    }),
    (kept) => (isTyped(kept) ? kept : null),
  );
  const { name, sided, sideMeans, phrase, summary, rows } = typed;
  const set = (part: Partial<Typed>) => setTyped((now) => ({ ...now, ...part }));
  const { act, answer, refused, busy } = useAct<"save-skill">();
  const errors = Object.entries(skillErrors(refused));
  const kept = answer !== null && !busy;
  const edit = (n: number, part: Partial<Row>) =>
    set({ rows: rows.map((row, i) => (i === n ? { ...row, ...part } : row)) });
  if (kept)
    return (
      <p className="my-3 border-l-4 border-spruce pl-3" role="status">
        “{name}” is kept among your own skills and can be aimed at.{" "}
        <button
          type="button"
          className="underlined"
          onClick={() => {
            drop();
            close();
          }}
        >
          Good
        </button>
      </p>
    );
  return (
    <form
      className="my-3 border-y border-ink py-3"
      onSubmit={(event) => {
        event.preventDefault();
        act("save-skill", {
          skill: {
            ...skill,
            name: name.trim(),
            phrase: phrase.trim(),
            summary: summary.trim(),
            sided,
            sideMeans: sideMeans.trim(),
            demands: rows.map((row) => ({
              ...row,
              clean: readNumber(row.clean),
              passable: readNumber(row.passable),
              weight: readNumber(row.weight),
              source: own ? row.source : `${row.source}; changed by the coach`,
            })),
          },
        });
      }}
    >
      <div className="grid gap-x-6 gap-y-2 sm:grid-cols-3">
        <Text label="Name" value={name} onChange={(text) => set({ name: text })} />
        <Text
          label="In a sentence: “what … asks”"
          value={phrase}
          onChange={(text) => set({ phrase: text })}
        />
        <Text label="What it is" value={summary} onChange={(text) => set({ summary: text })} />
        {skill.model === "posed" ? (
          <label className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-[var(--spruce)]"
              checked={sided}
              onChange={(event) => set({ sided: event.target.checked })}
            />
            one side does it
          </label>
        ) : null}
        {sided && skill.model === "posed" ? (
          <Text
            label="What the side means"
            value={sideMeans}
            onChange={(text) => set({ sideMeans: text })}
          />
        ) : null}
      </div>
      <div className="mt-3 overflow-x-auto" tabIndex={0} role="region" aria-label="Demands">
        <table className="w-full min-w-[46rem] text-left text-sm">
          <thead>
            <tr className="border-b border-line">
              {[
                "Motion",
                "Role",
                "How",
                "Clean",
                "Passable",
                "Weight",
                "Without it",
                "Why this figure",
                "",
              ].map((head) => (
                <th key={head} scope="col" className="label py-1 pr-2">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, n) => (
              <tr key={n} className="border-b border-line align-top">
                <td className="pr-2">
                  <select
                    className="field w-40"
                    aria-label={`Motion ${n + 1}`}
                    value={row.motion}
                    onChange={(event) =>
                      edit(n, { motion: event.target.value as MotionId, by: [] })
                    }
                  >
                    {MotionId.options.map((id) => (
                      <option key={id} value={id}>
                        {motionOf(id).name}
                      </option>
                    ))}
                  </select>
                  <label className="flex items-center gap-2">
                    <select
                      className="field"
                      aria-label={`Mode ${n + 1}`}
                      value={row.mode}
                      onChange={(event) => edit(n, { mode: event.target.value as Row["mode"] })}
                    >
                      <option value="passive">passive</option>
                      <option value="active">active</option>
                    </select>
                    <input
                      type="checkbox"
                      className="size-4 accent-[var(--spruce)]"
                      checked={row.loaded}
                      onChange={(event) => edit(n, { loaded: event.target.checked })}
                    />
                    loaded
                  </label>
                </td>
                <td className="pr-2">
                  <select
                    className="field"
                    aria-label={`Role ${n + 1}`}
                    value={row.role}
                    onChange={(event) => edit(n, { role: event.target.value as Role })}
                  >
                    {Role.options
                      .filter((role) => sided || role === "both-sides" || role === "trunk")
                      .map((role) => (
                        <option key={role} value={role}>
                          {roleText[role]}
                        </option>
                      ))}
                  </select>
                </td>
                <td className="pr-2">
                  <Cell
                    label={`How ${n + 1}`}
                    value={row.how}
                    wide
                    set={(how) => edit(n, { how })}
                  />
                </td>
                {(["clean", "passable", "weight"] as const).map((key) => (
                  <td key={key} className="pr-2">
                    <Cell
                      label={`${key} ${n + 1}`}
                      value={row[key]}
                      set={(value) => edit(n, { [key]: value })}
                    />
                  </td>
                ))}
                <td className="pr-2">
                  <Cell
                    label={`Without it ${n + 1}`}
                    value={row.missing}
                    wide
                    set={(missing) => edit(n, { missing })}
                  />
                </td>
                <td className="pr-2">
                  <Cell
                    label={`Why this figure ${n + 1}`}
                    value={row.reason}
                    wide
                    set={(reason) => edit(n, { reason })}
                  />
                </td>
                <td>
                  <button
                    type="button"
                    className="quiet"
                    aria-label={`Remove demand ${n + 1}`}
                    disabled={rows.length < 2}
                    onClick={() => set({ rows: rows.filter((_, i) => i !== n) })}
                  >
                    <Trash2 size={14} aria-hidden="true" />
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {errors.length > 0 ? (
        <ul role="alert" className="mt-2 text-sm font-semibold text-clay">
          {errors.map(([field, message]) => (
            <li key={field}>
              {fieldName(field)}: {message}
            </li>
          ))}
        </ul>
      ) : null}
      <p className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="press"
          onClick={() =>
            set({
              rows: [
                ...rows,
                {
                  motion: "hip.flexion",
                  role: "both-sides",
                  mode: "passive",
                  loaded: false,
                  clean: "",
                  passable: "",
                  weight: "1",
                  how: "",
                  missing: "",
                  source: "own figure",
                  reason: "",
                  by: [],
                },
              ],
            })
          }
        >
          <Plus size={16} aria-hidden="true" /> A demand
        </button>
        <button type="submit" className="press press-main">
          Save the skill
        </button>
        <button
          type="button"
          className="press"
          onClick={() => {
            drop();
            close();
          }}
        >
          Cancel
        </button>
      </p>
      <p className="mt-1 text-xs text-muted">
        {fresh
          ? "A new skill has a standing figure; its degrees, margins, gains and checks are its own."
          : skill.model === "posed"
            ? "Its figure is the pose, joint by joint taken back."
            : "Its figure keeps the shape model of the skill it is copied from. Demands beyond that model count in the table only."}
      </p>
    </form>
  );
}

/** @example fieldName("demands.1.clean") // "Demand 2, clean" */
function fieldName(path: string): string {
  const [head, n, field] = path.split(".");
  return head === "demands" && n !== undefined
    ? `Demand ${Number(n) + 1}${field ? `, ${field}` : ""}`
    : path;
}

function Text({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <label className="grid">
      <span className="label">{label}</span>
      <input
        className="field"
        required
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}

function Cell({
  label,
  value,
  set,
  wide = false,
}: {
  label: string;
  value: string;
  set: (value: string) => void;
  wide?: boolean;
}) {
  return (
    <input
      className={`field ${wide ? "w-40" : "figures w-16"}`}
      aria-label={label}
      value={value}
      onChange={(event) => set(event.target.value)}
    />
  );
}
