import { fhirBundle } from "#core/exchange/fhir-out";
import { drillOf, type Library } from "#core/content/library";
import { writeDose } from "#core/drill/dose";
import { rungOf } from "#core/drill/drill";
import { mondayOf, plusDays } from "#core/dates/days";
import type { Prep, PrepItem } from "#core/records/records";
import { moment } from "../../clock";
import type { AthleteView } from "../../view";
import { askedOf } from "./asked";

/** A line of a plan as somebody else reads it. */
const lineOf = ({ drillId, rungId, dose }: PrepItem, library: Library): string => {
  const drill = drillOf(library, drillId);
  return drill
    ? `${drill.name}, ${rungOf(drill, rungId).name}: ${writeDose(dose)}`
    : `${drillId}: ${writeDose(dose)}`;
};

/** The clinician's page as a FHIR bundle: readings, what is planned this week, what is asked. */
export function fhirOf(view: AthleteView, named: boolean): string {
  const { athlete, checks, preps, library, today } = view;
  const monday = mondayOf(today);
  const planned = preps.filter(
    ({ on, items }) => on >= monday && on <= plusDays(monday, 6) && items.length > 0,
  );
  const bundle = fhirBundle(
    {
      athlete,
      checks,
      preps: planned.map((prep: Prep) => ({
        prep,
        title: `${prep.session}, ${Math.round(prep.budget / 60)} min`,
        lines: prep.items.map((item) => lineOf(item, library)),
      })),
      asked: [askedOf(view).sentence],
      library,
    },
    { named, at: moment() },
  );
  return JSON.stringify(bundle, null, 1);
}
