import { fieldProblems } from "#core/records/field-problem";
import { readFile } from "#core/exchange/file";
import { keyOf, Settings, type AnyRecord, type Kind, type RecordOf } from "#core/records/records";
import { recordsOf, SituationFile } from "#core/exchange/situation-file";
import { withPacks, type Library } from "#core/content/library";
import { situationOf, type Situation } from "#core/situation/situation";
import { fieldWords } from "#words/acts";
import { fileRefusalWords } from "#words/file";
import { NoAnswer, type Options } from "./options";

export type CallRead = {
  records: AnyRecord[];
  version: number | null;
  savedAt: string | null;
  /** What could not be read where the file was saved. */
  aside: number;
  /** What a situation says of the prep, beside the options. */
  wishes: Pick<SituationFile, "day" | "minutes" | "prepFormat" | "alreadyWarm">;
};

/** Reads an exported notebook or the JSON of one situation. @throws NoAnswer with the reason */
export function read(text: string, today: string): CallRead {
  let parsed: unknown = null;
  try {
    parsed = JSON.parse(text);
  } catch {
    // What is no JSON is refused below, with the reason that a notebook has.
  }
  if ((parsed as { format?: unknown } | null)?.format === "yearling-situation") {
    const found = SituationFile.safeParse(parsed);
    if (!found.success) {
      const field = fieldProblems(found.error)[0]!;
      const path = field.at.join(" → ");
      throw new NoAnswer(
        `The situation has a part that cannot be right: ${path}: ${fieldWords(field)}.`,
        {
          why: "part",
          path,
          detail: field.problem.is,
        },
      );
    }
    const records = recordsOf(found.data, today);
    const double = records.map(keyOf).find((key, n, keys) => keys.indexOf(key) !== n);
    if (double)
      throw new NoAnswer(`“${double}” is in the file twice.`, { why: "twice", key: double });
    return { records, version: null, savedAt: null, aside: 0, wishes: found.data };
  }
  const found = readFile(text);
  if ("refused" in found) throw new NoAnswer(fileRefusalWords(found.refused), found.refused);
  const { records, version, savedAt, aside } = found;
  return { records, version, savedAt, aside: aside.length, wishes: {} };
}

export const listOf = <K extends Kind>(records: readonly AnyRecord[], kind: K): RecordOf<K>[] =>
  records.filter((record): record is RecordOf<K> => record.kind === kind);

/** The situation that is asked about. @throws NoAnswer where the athlete or the aim is not there */
export function askedSituation(
  { records }: CallRead,
  shipped: Library,
  options: Pick<Options, "athlete" | "aim">,
  day: string,
): Situation {
  const athletes = listOf(records, "athlete").toSorted((a, b) => a.name.localeCompare(b.name));
  const athlete = options.athlete
    ? athletes.find(({ id }) => id === options.athlete)
    : (athletes.find(({ archived }) => !archived) ?? athletes[0]);
  if (!athlete)
    throw new NoAnswer(
      options.athlete
        ? `There is no athlete “${options.athlete}”. There are: ${athletes.map(({ id }) => id).join(", ") || "none"}.`
        : "There is no athlete in the file.",
      { why: "no-athlete", athletes: athletes.map(({ id }) => id) },
    );
  const own = <K extends Exclude<Kind, "athlete" | "place" | "pack" | "settings" | "troupe">>(
    kind: K,
  ) =>
    listOf(records, kind).filter(
      (record) => "athleteId" in record && record.athleteId === athlete.id,
    );
  const aims = own("aim");
  if (options.aim && !aims.some(({ id }) => id === options.aim))
    throw new NoAnswer(`There is no aim “${options.aim}”.`, {
      why: "no-aim",
      aims: aims.map(({ id }) => id),
    });
  return situationOf(
    {
      athlete,
      aims,
      checks: own("check"),
      preps: own("prep"),
      logs: own("log"),
      days: own("day"),
      seasons: own("season"),
      runs: own("run"),
      photos: own("photo"),
      places: listOf(records, "place"),
      settings: listOf(records, "settings")[0] ?? plainSettings,
      library: withPacks(shipped, listOf(records, "pack")),
    },
    { today: day, day, aimId: options.aim },
  );
}

const plainSettings: Settings = Settings.parse({
  kind: "settings",
  id: "settings",
  theme: "system",
  sound: true,
  tester: "",
});
