import MiniSearch from "minisearch";
import type { Library } from "#core/content/library";
import type { Drill } from "#core/drill/drill";
import { drillWords } from "../library/find-words";

/** A drill that a typed name means, and its rung where the words name one. */
export type Match = { drillId: string; rungId: string | null };

type Entry = { id: string; name: string; also: string; words: string };

const letters = (term: string): string =>
  term
    .toLowerCase()
    .normalize("NFD")
    .replace(/\p{Diacritic}/gu, "");

/** One form for many: circles and circle, stretches and stretch, are the same word. */
const stem = (term: string): string => {
  const plain = letters(term);
  if (plain.length > 5 && /(?:ches|shes|sses)$/.test(plain)) return plain.slice(0, -2);
  return plain.length > 3 && plain.endsWith("s") && !plain.endsWith("ss")
    ? plain.slice(0, -1)
    : plain;
};

/** Words that name nothing by themselves. */
const small = new Set(["the", "a", "an", "of", "on", "in", "with", "and", "to", "for", "at", "my"]);

const tokens = (text: string): string[] =>
  text.split(/[^\p{L}\p{N}]+/u).filter((word) => word.length > 1 && !small.has(word.toLowerCase()));

/** A share of the typed words has to be known for a drill to be meant. */
const enough = 0.5;

/** Finds the drills that typed names mean, the likeliest first; none where too little of a name is known. */
export function matcherOf({ drills }: Pick<Library, "drills">): (name: string) => Match[] {
  const byId = new Map(drills.map((drill) => [drill.id, drill]));
  const index = new MiniSearch<Entry>({
    fields: ["name", "also", "words"],
    tokenize: tokens,
    processTerm: stem,
    searchOptions: {
      boost: { name: 6, also: 5 },
      prefix: (term) => term.length > 3,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: "OR",
    },
  });
  index.addAll(
    drills.map((drill) => ({
      id: drill.id,
      name: drill.name,
      also: drill.also.join(" "),
      words: drillWords(drill),
    })),
  );
  return (name) => {
    const said = tokens(name);
    if (said.length === 0) return [];
    const phrase = said.map(stem).join(" ");
    return index
      .search(name)
      .filter(({ queryTerms }) => new Set(queryTerms).size >= enough * said.length)
      .sort(
        (a, b) =>
          Number(isNamed(byId.get(b.id as string)!, phrase)) -
            Number(isNamed(byId.get(a.id as string)!, phrase)) ||
          b.queryTerms.length - a.queryTerms.length ||
          b.score - a.score,
      )
      .slice(0, 6)
      .map(({ id }) => ({
        drillId: id as string,
        rungId: rungNamed(byId.get(id as string)!, said),
      }));
  };
}

/** What was typed is just what the drill is called. */
const isNamed = ({ name, also }: Drill, phrase: string): boolean =>
  [name, ...also].some((one) => tokens(one).map(stem).join(" ") === phrase);

/** The rung whose own words were said, beyond the drill's; null where none was. */
function rungNamed(drill: Drill, said: readonly string[]): string | null {
  const general = new Set([...tokens(drill.name), ...drill.also.flatMap(tokens)].map(stem));
  const left = said.map(stem).filter((word) => !general.has(word));
  const hits = drill.rungs.map(({ id, name }) => {
    const own = new Set(tokens(name).map(stem));
    return { id, hits: left.filter((word) => own.has(word)).length, of: own.size };
  });
  const best = hits.reduce((a, b) => (b.hits > a.hits ? b : a));
  return best.hits > 0 && best.hits >= best.of / 2 ? best.id : null;
}
