import { TriangleAlert } from "lucide-react";
import { Link, useParams } from "react-router";
import type { Caution } from "#core/safety/intake";
import { cliniciansFirst, cautionText } from "#words/safety";

/** Cautions that stand on the plan, and who comes first. Nothing is drawn when there are none. */
export function CautionLines({
  cautions,
  always = false,
}: {
  cautions: readonly Caution[];
  always?: boolean;
}) {
  const { athleteId } = useParams();
  if (cautions.length === 0 && !always) return null;
  return (
    <aside aria-label="Cautions" className="border-l-4 border-clay bg-raised px-4 py-2 text-sm">
      {cautions.map((caution) => (
        <p key={caution.id} className="flex gap-2">
          <TriangleAlert size={15} className="mt-0.5 shrink-0 text-clay" aria-hidden="true" />
          <span>
            {cautionText(caution)}
            {caution.id === "no-intake" && athleteId ? (
              <>
                {" "}
                <Link className="underlined" to={`/at/${athleteId}/aim#intake`}>
                  Answer the questions
                </Link>
              </>
            ) : null}
          </span>
        </p>
      ))}
      <p className="text-muted">{cliniciansFirst}</p>
    </aside>
  );
}
