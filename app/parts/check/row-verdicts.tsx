import { useMemo } from "react";
import { marginOf } from "#core/aim/gap";
import { type DemandGap } from "#core/aim/margin";
import type { Athlete } from "#core/records/athlete";
import type { Check } from "#core/records/records";
import type { Library } from "#core/content/library";
import { protocolOf } from "#core/content/library";
import { findingsOf, type Finding } from "#core/measure/findings";
import type { Why } from "#words/why";
import { findingWords, valueWords } from "#words/measure";
import { angleOf, bodyOf, ofOneJoint, valueOf } from "#core/measure/value";
import { MarginMark } from "../margin-mark/margin-mark";
import { WhyNote } from "../why";
import { notch } from "../words";
import { whyWords } from "#words/why";

/** What a set of checks says, beside each other: values, changes, sides, arcs, shares; each with its why. */
export function RoundVerdicts({
  checks: all,
  earlier,
  gaps,
  athlete,
  library,
  named = false,
}: {
  checks: readonly Check[];
  earlier: readonly Check[];
  gaps: readonly DemandGap[];
  athlete: Athlete;
  library: Library;
  /** Whether each check is named, where no row does it. */
  named?: boolean;
}) {
  // A reading of a check that nobody knows here is kept, and says nothing.
  const checks = useMemo(
    () => all.filter(({ protocolId }) => protocolOf(library, protocolId)),
    [all, library],
  );
  const findings = useMemo(() => findingsOf(checks, earlier, library), [checks, earlier, library]);
  const protocolIds = [...new Set(checks.map(({ protocolId }) => protocolId))];
  return (
    <div role="status">
      {findings.map((finding) =>
        finding.kind === "common" ? (
          <p key="common" className="border-l-4 border-tape bg-raised px-3 py-1 text-sm">
            {findingWords(finding)}
          </p>
        ) : null,
      )}
      <ul className="divide-y divide-line">
        {protocolIds.map((id) => (
          <li key={id} className={named ? "py-2" : ""}>
            <ProtocolVerdict
              checks={checks.filter(({ protocolId }) => protocolId === id)}
              findings={findings.filter(({ protocol }) => protocol.id === id)}
              gaps={gaps.filter(({ protocolId }) => protocolId === id)}
              athlete={athlete}
              library={library}
              named={named}
            />
          </li>
        ))}
      </ul>
    </div>
  );
}

function ProtocolVerdict({
  checks,
  findings,
  gaps,
  athlete,
  library,
  named,
}: {
  checks: readonly Check[];
  findings: readonly Finding[];
  gaps: readonly DemandGap[];
  athlete: Athlete;
  library: Library;
  named: boolean;
}) {
  const protocol = protocolOf(library, checks[0]!.protocolId)!;
  const modes = [...new Set(checks.map(({ mode }) => mode))];
  const shared = findings.filter(
    (finding): finding is Exclude<Finding, { kind: "change" | "common" }> =>
      finding.kind !== "change" && finding.kind !== "common",
  );
  return (
    <div className="grid gap-x-6 gap-y-1 sm:grid-cols-[1fr_auto]">
      <div className="min-w-0">
        {named ? <h3 className="text-base">{protocol.name}</h3> : null}
        <ul className="text-sm">
          {checks.map((check) => (
            <CheckVerdict
              key={`${check.side}/${check.mode}`}
              check={check}
              change={findings.find(
                (finding): finding is Extract<Finding, { kind: "change" }> =>
                  finding.kind === "change" &&
                  finding.side === check.side &&
                  finding.mode === check.mode,
              )}
              showMode={modes.length > 1}
              athlete={athlete}
              library={library}
            />
          ))}
          {shared.map((finding) => (
            <li
              key={`${finding.kind}/${finding.side}/${finding.mode}`}
              className="flex flex-wrap gap-x-2"
            >
              <span className={finding.real ? "font-semibold" : "text-muted"}>
                {finding.side ? `${notch[finding.side]} ` : ""}
                {findingWords(finding)}
              </span>
              <WhyNote why={whyWords(whyOf(finding))} />
            </li>
          ))}
        </ul>
      </div>
      {gaps.slice(0, 1).map((gap) => (
        <GapMark key={gap.demand.motion} {...{ gap, checks, athlete, library }} />
      ))}
    </div>
  );
}

/** The computation behind a finding; of two arcs, the left one's. */
function whyOf(finding: Exclude<Finding, { kind: "common" }>): Why {
  switch (finding.kind) {
    case "change":
      return finding.change.why;
    case "sides":
      return finding.difference.why;
    case "share":
      return finding.share.why;
    case "arc":
      return (finding.left ?? finding.right!).why;
    case "turnout":
      return finding.borrowed.why;
  }
}

function CheckVerdict({
  check,
  change,
  showMode,
  athlete,
  library,
}: {
  check: Check;
  change: Extract<Finding, { kind: "change" }> | undefined;
  showMode: boolean;
  athlete: Athlete;
  library: Library;
}) {
  const protocol = protocolOf(library, check.protocolId)!;
  if (check.trials.length === 0)
    return (
      <li className="font-semibold text-clay">
        {notch[check.side]} Pain {check.pain}/10 before a reading: stopped.
      </li>
    );
  const value = valueOf(check, protocol);
  const angle = angleOf(value, protocol, bodyOf(athlete));
  return (
    <li>
      <span className="figures">
        {notch[check.side]} {valueWords(value, angle, protocol)}
        {showMode ? ` ${check.mode}` : ""}
      </span>{" "}
      <WhyNote why={whyWords(angle?.why ?? value.why)} label="how" />{" "}
      <span className={change?.real ? "font-semibold" : "text-muted"}>
        {change ? findingWords(change) : "The first of its kind: nothing to compare with."}
      </span>{" "}
      {change ? <WhyNote why={whyWords(whyOf(change))} /> : null}
    </li>
  );
}

/** The margin of what was just measured against the demand it answers. */
function GapMark({
  gap,
  checks,
  athlete,
  library,
}: {
  gap: DemandGap;
  checks: readonly Check[];
  athlete: Athlete;
  library: Library;
}) {
  const readings = checks.flatMap((check) => {
    if (check.mode !== gap.demand.mode || check.trials.length === 0) return [];
    const protocol = protocolOf(library, check.protocolId)!;
    const whole = angleOf(valueOf(check, protocol), protocol, bodyOf(athlete));
    const angle = ofOneJoint(whole, protocol);
    if (!angle) return [];
    const { margin, verdict } = marginOf(angle, gap.need);
    const asked = gap.sides.find(({ side }) => side === check.side)?.asked ?? true;
    return [{ side: check.side, margin, se: angle.se, verdict, asked }];
  });
  if (readings.length === 0) return null;
  return <MarginMark width={200} height={44} readings={readings} />;
}
