import { gapOf } from "../core/aim/gap";
import { needsOf } from "../core/aim/priority";
import type { Aim, Prep } from "../core/records/records";
import { blankPrep } from "../core/prep/blank";
import { formatOf } from "../core/content/library";
import type { PlanRequest } from "../core/prep/plan";
import { requestFor } from "../core/prep/request";
import { bodyToday } from "../core/safety/body-today";
import { daysBetween } from "../core/dates/days";
import { generateTroupe } from "../core/sample/generate";
import { Cast } from "../core/sample/cast";
import cast from "../library/lanternfield.json";
import { library } from "../library/index";

const today = "2026-11-24";

/** Preps to plan, of the invented troupe: six performers, six formats and lengths, both places. */
export function situations(): { name: string; request: PlanRequest }[] {
  const records = generateTroupe(Cast.parse(cast), library, today);
  const of = <K extends (typeof records)[number]["kind"]>(kind: K) =>
    records.filter((record) => record.kind === kind) as Extract<
      (typeof records)[number],
      { kind: K }
    >[];
  const places = of("place");
  const shapes: [string, number, Partial<Prep>][] = [
    ["warm-up", 10, {}],
    ["warm-up", 20, {}],
    ["mobility", 20, {}],
    ["mobility", 40, {}],
    ["five-segments", 40, {}],
    ["issue-prep", 12, { flagged: ["wrist", "shoulder"] }],
    ["conditioning", 20, {}],
    ["position-series", 15, {}],
  ];
  return of("athlete").flatMap((athlete, n) => {
    const mine = <T extends { athleteId: string }>(list: readonly T[]) =>
      list.filter(({ athleteId }) => athleteId === athlete.id);
    const aims: Aim[] = mine(of("aim"));
    const aim = aims[0]!;
    const skill = library.skills.find(({ id }) => id === aim.skillId)!;
    const [checks, logs] = [mine(of("check")), mine(of("log"))];
    const needs = needsOf(
      gapOf({ athlete, aim, skill, checks, library }),
      daysBetween(today, aim.by),
    );
    return shapes.map(([format, minutes, over]) => {
      const prep = blankPrep({
        id: "bench",
        athleteId: athlete.id,
        session: formatOf(library, format)!.doses,
        format,
        on: today,
        budget: minutes * 60,
        placeId: places[n % places.length]!.id,
        ...over,
      });
      return {
        name: `${athlete.id}, ${format} ${minutes}`,
        request: requestFor({
          prep,
          athlete,
          library,
          needs,
          skills: aims.map(({ skillId }) => skillId),
          place: places[n % places.length]!,
          body: bodyToday(athlete, { logs, checks, library }, prep.on),
          logs,
          days: [],
          preps: mine(of("prep")),
          coach: {},
        }),
      };
    });
  });
}
