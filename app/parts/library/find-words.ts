import MiniSearch from "minisearch";
import { motionOf, type MotionId } from "#core/body/motions";
import type { MuscleId } from "#core/body/muscles";
import type { Drill } from "#core/drill/drill";
import type { KitItem } from "#core/drill/kit";
import { musclesOf } from "#core/exposure/muscles";
import { otherWords } from "#library/other-words";
import { muscleNames } from "#words/muscles";
import { instrumentNames, phaseMeaning } from "#words/names";
import type { Protocol } from "#core/content/protocol";
import type { Skill } from "#core/content/skill";

/**
 * Something to be found: by its name first, then by what else it is called, then by what is known of it, each a few
 * words that can be shown as the reason why it was found.
 */
export type Findable = {
  key: string;
  name: string;
  also?: readonly string[];
  facts: readonly string[];
};

/** What was found, and the words of it that were meant where its name does not say so. */
export type Found<Entry> = Entry & { because: readonly string[] };

/** Letters without their marks, small: what is typed on a phone. */
const plain = (term: string): string =>
  term
    .toLowerCase()
    .normalize("NFD")
    .replace(/\p{Diacritic}/gu, "");

/** Words as they are looked for: plain, without the hyphens and strokes that nobody types. */
const wordsOf = (text: string): string[] =>
  plain(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** As many reasons as fit beside a name. */
const reasonsMost = 2;

/** The words that were met and the name does not hold, each by the first phrase that holds it. */
function reasonsFor({ name, also = [], facts }: Findable, met: readonly string[]): string[] {
  const named = new Set(wordsOf(name));
  const phrases = [...also, ...facts];
  const reasons = met
    .filter((word) => !named.has(word))
    .flatMap((word) => phrases.find((phrase) => wordsOf(phrase).includes(word)) ?? []);
  return [...new Set(reasons)].slice(0, reasonsMost);
}

/** An empty index of what is found by name, other names and facts. */
const emptyIndex = () =>
  new MiniSearch<Findable>({
    idField: "key",
    fields: ["name", "also", "facts"],
    extractField: (entry, field) => {
      const found = entry[field as keyof Findable];
      return typeof found === "string" ? found : (found ?? []).join(" ");
    },
    tokenize: wordsOf,
    processTerm: (term) => term,
    searchOptions: {
      boost: { name: 5, also: 3 },
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: "AND",
    },
  });

/** Finds what is typed, so many at most; all there is, as it stands, where nothing is. */
export type Find<Entry> = (typed: string, most?: number) => Found<Entry>[];

/**
 * Finds by every word that is typed: whole, begun, or with a slip in a longer one. What begins with all that is typed
 * comes first, the shortest name before others, then the best.
 */
function findIn<Entry extends Findable>(
  index: MiniSearch<Findable>,
  all: readonly Entry[],
): Find<Entry> {
  const byKey = new Map(all.map((entry) => [entry.key, { entry, said: plain(entry.name) }]));
  return (typed, most = Infinity) => {
    const begun = plain(typed.trim());
    if (begun === "") return all.slice(0, most).map((entry) => ({ ...entry, because: [] }));
    return (
      index
        .search(begun)
        .flatMap(({ id, match }) => {
          const known = byKey.get(id as string);
          if (!known) return [];
          const { entry, said } = known;
          return [{ entry, match, rank: said.startsWith(begun) ? said.length : Infinity }];
        })
        // Where names do not begin so, the order of the search stays.
        .sort((one, other) => (one.rank === other.rank ? 0 : one.rank - other.rank))
        .slice(0, most)
        .map(({ entry, match }) => ({ ...entry, because: reasonsFor(entry, Object.keys(match)) }))
    );
  };
}

/** Finds among all of these, see {@link findIn}. */
export function finderOf<Entry extends Findable>(all: readonly Entry[]): Find<Entry> {
  const index = emptyIndex();
  index.addAll(all);
  return findIn(index, all);
}

/** So many are taken into the index at a time, between which a press is answered. */
const atATime = 12;

/** The same, made beside the page, a few at a time. */
export async function finderSoon<Entry extends Findable>(
  all: readonly Entry[],
): Promise<Find<Entry>> {
  const index = emptyIndex();
  await index.addAllAsync(all, { chunkSize: atATime });
  return findIn(index, all);
}

/** While there is no index yet: what has a word, in its name or another name, with which all that is typed begins. */
export function findByName<Entry extends Findable>(all: readonly Entry[]): Find<Entry> {
  let known: readonly { entry: Entry; names: readonly { name: string; said: string }[] }[] | null =
    null;
  return (typed, most = Infinity) => {
    known ??= all.map((entry) => ({
      entry,
      names: [entry.name, ...(entry.also ?? [])].map((name) => ({ name, said: ` ${plain(name)}` })),
    }));
    const begun = ` ${plain(typed.trim())}`;
    return known
      .flatMap(({ entry, names }) => {
        const met = names.find(({ said }) => said.includes(begun));
        return met ? [{ ...entry, because: met.name === entry.name ? [] : [met.name] }] : [];
      })
      .slice(0, most);
  };
}

const motionFacts = (motion: MotionId): string[] => [
  motionOf(motion).name,
  motionOf(motion).part,
  ...(otherWords.motions[motion] ?? []),
];
const muscleFacts = (muscle: MuscleId): string[] => [
  muscleNames[muscle],
  ...(otherWords.muscles[muscle] ?? []),
];
const kitFacts = (kit: KitItem): string[] => [
  kit.replace("-", " "),
  ...(otherWords.kit[kit] ?? []),
];

/** What a drill is looked for by: other names, what it serves, its muscles, way, position, kit, and its levels. */
export function drillFacts(drill: Drill): Pick<Findable, "also" | "facts"> {
  const { region, kind, purpose, also, serves, position, rungs, phase } = drill;
  const muscles = [rungs[0]!, rungs.at(-1)!].map((rung) => musclesOf(drill, rung));
  const worked = muscles.flatMap(({ contracts, stretches }) => [...contracts, ...stretches]);
  return {
    also,
    facts: [
      ...new Set([
        purpose,
        ...serves.flatMap(({ motion }) => motionFacts(motion)),
        ...worked.flatMap(muscleFacts),
        kind.replace("-", " "),
        ...(otherWords.kinds[kind] ?? []),
        region,
        position.replace("-", " "),
        phaseMeaning[phase],
        ...rungs.flatMap(({ kit }) => kit).flatMap(kitFacts),
        ...rungs.flatMap(({ name, cue }) => [name, cue]),
      ]),
    ],
  };
}

/** What a check is looked for by: its motion under all its names, its purpose, its tools. */
export const checkFacts = (check: Protocol): Pick<Findable, "also" | "facts"> => ({
  also: otherWords.checks[check.id] ?? [],
  facts: [
    ...(check.motion ? motionFacts(check.motion) : []),
    check.purpose,
    check.joint,
    ...check.instruments.map(({ id }) => instrumentNames[id]),
  ],
});

/** What a skill is looked for by: its other names, what it is, and the motions that it asks. */
export const skillFacts = (skill: Skill): Pick<Findable, "also" | "facts"> => ({
  also: otherWords.skills[skill.id] ?? [],
  facts: [
    skill.summary,
    skill.family,
    skill.phrase,
    ...new Set(skill.demands.flatMap(({ motion }) => motionFacts(motion))),
  ],
});

/** The words by which a typed line of a session is matched to a drill: what it is for, its rungs, joints and kit. */
export const drillWords = ({ region, kind, purpose, also, serves, rungs }: Drill): string =>
  [
    region,
    kind,
    purpose,
    ...also,
    ...serves.flatMap(({ motion }) => [motionOf(motion).name, motionOf(motion).part]),
    ...rungs.flatMap(({ name, cue, kit }) => [name, cue, ...kit]),
  ].join(" ");
