import { siteIds, type SiteId } from "#core/body/sites";
import type { Drill, Rung } from "#core/drill/drill";
import { atRung } from "#core/drill/drill";
import { doesOf } from "#core/exposure/does";
import { needsFirst } from "#core/exposure/needs-first";
import { stressOf } from "#core/exposure/stress";
import { musclesOf } from "#core/exposure/muscles";
import { breathingOf } from "#core/exposure/breathing";
import { motionOf } from "#core/body/motions";
import { breathingNames, exposureNames } from "#words/exposures";
import { muscleNames } from "#words/muscles";
import { siteNames } from "#words/places";
import { listWords } from "#words/plain";

const names = (sites: readonly SiteId[]): string => listWords(sites.map((site) => siteNames[site]));

/** What a rung does to a body, what it loads, and what has to be there first. */
export function RungSafety({ drill, rung }: { drill: Drill; rung: Rung }) {
  const { exposes, presses } = doesOf(drill, rung);
  const stress = stressOf(drill, rung);
  const needs = needsFirst(drill, rung, false);
  const below = drill.rungs[drill.rungs.indexOf(rung) - 1];
  const { contracts, stretches } = musclesOf(drill, rung);
  return (
    <div className="mt-1 grid gap-x-4 text-sm sm:grid-cols-[6rem_1fr]">
      <Line label="does">
        {exposes.size > 0
          ? listWords([...exposes].map((one) => exposureNames[one]))
          : "nothing that has to be asked about"}
      </Line>
      {presses.length > 0 ? <Line label="presses">{names(presses)}</Line> : null}
      {stress.size > 0 ? (
        <Line label="works">{names(siteIds.filter((site) => stress.has(site)))}</Line>
      ) : null}
      {contracts.length > 0 ? (
        <Line label="contracts">{listWords(contracts.map((one) => muscleNames[one]))}</Line>
      ) : null}
      {stretches.length > 0 ? (
        <Line label="stretches">{listWords(stretches.map((one) => muscleNames[one]))}</Line>
      ) : null}
      {rung.kg ? (
        <Line label="weight">
          from {rung.kg.from} kg, up to {rung.kg.to} kg
        </Line>
      ) : null}
      <Line label="breath">{breathingNames[breathingOf(drill, rung)]}</Line>
      {needs.ranges.length > 0 ? (
        <Line label="asks">
          {needs.ranges
            .map(({ motion, degrees }) => `${motionOf(motion).name.toLowerCase()} ${degrees}°`)
            .join(", ")}
        </Line>
      ) : null}
      {below && needs.clean > 0 ? (
        <Line label="first">
          {below.name.toLowerCase()}, clean {needs.clean} times
          {needs.weeks > 0 ? ` over ${needs.weeks} weeks` : ""}
        </Line>
      ) : null}
      {needs.after.length > 0 ? (
        <Line label="and">
          {needs.after.map(({ name, clean }) => `${name}, clean ${clean} times`).join("; ")}
        </Line>
      ) : null}
      {atRung(drill, rung).sided && !drill.sided ? <Line label="sides">each in turn</Line> : null}
    </div>
  );
}

function Line({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <>
      <span className="label">{label}</span>
      <span>{children}</span>
    </>
  );
}
