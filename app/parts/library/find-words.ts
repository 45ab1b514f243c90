import MiniSearch from "minisearch";
import { motionOf } from "#core/body/motions";
import type { Drill } from "#core/drill/drill";
import type { Protocol } from "#core/content/protocol";
import type { Skill } from "#core/content/skill";

/** Something to be found: by its name first, then by the words that belong to it. */
export type Findable = { key: string; name: string; words: string };

/** Letters without their marks, small: what is typed on a phone. */
const plain = (term: string): string =>
  term
    .toLowerCase()
    .normalize("NFD")
    .replace(/\p{Diacritic}/gu, "");

/**
 * Finds by every word that is typed: whole, begun, or with a slip in a longer one. What begins with all that is typed
 * comes first, the shortest name before others, then the best; all of them, as they stand, where nothing is typed.
 */
export function finderOf<Entry extends Findable>(
  all: readonly Entry[],
): (typed: string) => Entry[] {
  const byKey = new Map(all.map((entry) => [entry.key, entry]));
  const index = new MiniSearch<Findable>({
    idField: "key",
    fields: ["name", "words"],
    processTerm: plain,
    searchOptions: {
      boost: { name: 4 },
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: "AND",
    },
  });
  index.addAll(all);
  return (typed) => {
    const begun = plain(typed.trim());
    if (begun === "") return [...all];
    const found = index.search(begun).flatMap(({ id }) => byKey.get(id as string) ?? []);
    // Where names do not begin so, the order of the search stays.
    const rank = ({ name }: Entry) => (plain(name).startsWith(begun) ? name.length : Infinity);
    return found.sort((one, other) => (rank(one) === rank(other) ? 0 : rank(one) - rank(other)));
  };
}

/** The words a drill is looked for by: what it is for, its rungs, joints and muscles’ names, kit, and other names. */
export const drillWords = ({ region, kind, purpose, also, serves, rungs }: Drill): string =>
  [
    region,
    kind,
    purpose,
    ...also,
    ...serves.flatMap(({ motion }) => [motionOf(motion).name, motionOf(motion).part]),
    ...rungs.flatMap(({ name, cue, kit }) => [name, cue, ...kit]),
  ].join(" ");

export const checkWords = ({ purpose, joint, instruments }: Protocol): string =>
  [purpose, joint, ...instruments.map(({ id }) => id)].join(" ");

export const skillWords = ({ summary, family, phrase }: Skill): string =>
  [summary, family, phrase].join(" ");
