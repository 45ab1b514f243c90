import { useMemo } from "react";
import { Link } from "react-router";
import { drillOf, protocolOf, skillOf, type Library } from "#core/content/library";
import type { Picture } from "#core/figure/picture";
import { PictureBeside } from "../figure/picture-beside";

/** What an empty station shows: a picture of the step that fills it, one sentence, and the way there. */
export function Taught({
  picture,
  label,
  says,
  to,
  does,
}: {
  picture: Picture | null;
  label: string;
  says: string;
  to: string;
  does: string;
}) {
  return (
    <div className="m-auto grid w-full max-w-sm justify-items-center gap-4 text-center">
      {picture ? <PictureBeside picture={picture} label={label} className="h-72 w-full" /> : null}
      <p className="text-lg">{says}</p>
      <Link className="press press-main" to={to}>
        {does}
      </Link>
    </div>
  );
}

/** Before there is an aim: a skill, whose picture says what is asked of the joints. */
export function TaughtAim({ library, athleteId }: { library: Library; athleteId: string }) {
  const skill = skillOf(library, "handstand") ?? library.skills[0];
  const picture = useMemo(
    () => (skill ? { view: skill.view, start: skill.pose, props: [] } : null),
    [skill],
  );
  return (
    <Taught
      picture={picture}
      label={skill?.name ?? ""}
      says="A skill asks degrees of each joint. Its shape stands here once you have chosen one."
      to={`/at/${athleteId}/aim`}
      does="Choose a skill and a date"
    />
  );
}

/** Before anything was run: a drill, and that a run writes its own log. */
export function TaughtRun({ library, athleteId }: { library: Library; athleteId: string }) {
  const drill = drillOf(library, "squat-to-stand") ?? library.drills[0];
  return (
    <Taught
      picture={drill?.rungs[0]?.picture ?? null}
      label={drill?.name ?? ""}
      says="A run writes its own log: every drill, set and second. What was done without it is added by hand."
      to={`/at/${athleteId}/prep`}
      does="Plan today’s prep"
    />
  );
}

/** Before anything was measured: a check, and how it is read. */
export function TaughtCheck({
  library,
  athleteId,
  protocolId,
}: {
  library: Library;
  athleteId: string;
  /** The check to begin with; none where nothing is asked yet. */
  protocolId?: string | null | undefined;
}) {
  const protocol = protocolOf(library, protocolId ?? "shoulder-flexion") ?? library.protocols[0];
  return (
    <Taught
      picture={protocol?.picture ?? null}
      label={protocol?.name ?? ""}
      says="Two trials a side, the same way every time: then a change can be believed."
      to={`/at/${athleteId}/check${protocolId ? `?focus=${protocolId}` : ""}`}
      does="Measure"
    />
  );
}
