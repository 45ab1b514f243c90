import { Link } from "react-router";
import { schoolsFor } from "#core/content/schools";
import { adviceWords } from "#words/prep";
import { followed } from "#words/schools";
import type { AthleteView } from "../../view";
import { Folded } from "../folded";
import type { DoAct } from "../use-act";
import { SchoolsForm } from "./schools-form";

/** Which ways of working the prep follows, to be changed here; and advice that was set aside. */
export const WaysOfWorking = ({ view, act }: { view: AthleteView; act: DoAct }) => (
  <Folded
    summary={
      <summary className="min-h-9 py-1.5 text-sm text-muted">
        Follows: {followed(schoolsFor(view.settings.schools, view.athlete.schools))}.{" "}
        <span className="underlined">Ways of working</span>
      </summary>
    }
  >
    {() => (
      <>
        <SchoolsForm
          chosen={view.athlete.schools}
          below={schoolsFor(view.settings.schools, {})}
          save={(_, key, value) =>
            act("save-schools", { ofAthlete: view.athlete.id, schools: { [key]: value } })
          }
        />
        <p className="text-sm">
          <Link className="underlined" to={`/at/${view.athlete.id}/prep/place`}>
            Place by pictures
          </Link>
        </p>
        {view.settings.aside.length > 0 ? (
          <ul className="mt-1 text-sm" aria-label="Advice set aside">
            {view.settings.aside.map((advice) => (
              <li key={advice} className="flex flex-wrap gap-x-3">
                Set aside: {adviceWords[advice]}.
                <button
                  type="button"
                  className="underlined min-h-8"
                  onClick={() => act("set-aside", { advice, aside: false })}
                >
                  Say it again
                </button>
              </li>
            ))}
          </ul>
        ) : null}
      </>
    )}
  </Folded>
);
