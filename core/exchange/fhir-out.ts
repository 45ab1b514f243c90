import { motionOf } from "../body/motions";
import { protocolOf, type Library } from "../content/library";
import { unitOf, type Protocol } from "../content/protocol";
import { valueOf } from "../measure/value";
import type { Athlete } from "../records/athlete";
import type { Check, Prep } from "../records/records";
import { textMark } from "./file";
import {
  extensions,
  jointCodes,
  sideCodes,
  systems,
  ucumOf,
  type Bundle,
  type Concept,
  type Observation,
  type Quantity,
} from "./fhir";

/** What goes to a clinician, in the words of whoever writes it where words are asked. */
export type FhirFrom = {
  athlete: Athlete;
  checks: readonly Check[];
  /** Preps that are planned, each line as it is read out. */
  preps: readonly { prep: Prep; title: string; lines: readonly string[] }[];
  /** What is asked of the clinician, a line each. */
  asked: readonly string[];
  library: Library;
};

/** Addresses inside a bundle: nobody answers at them, they only hold it together. */
const base = "https://yearling.invalid/fhir";

/**
 * A bundle (HL7 FHIR R4) of one athlete: the patient, an observation a reading, the plan, what is asked. Readings come
 * back out of it as they are (`checksOfBundle`); the plan is there to be read.
 * @param named with name and birthday; else under a mark, with the year of birth alone
 * @param at the moment, ISO 8601
 */
export function fhirBundle(
  { athlete, checks, preps, asked, library }: FhirFrom,
  { named, at }: { named: boolean; at: string },
): Bundle {
  const resources = [
    patientOf(athlete, named),
    ...checks.map((check, n) => observationOf(check, athlete, library, n + 1)),
    ...preps.map(({ prep, title, lines }, n) => ({
      resourceType: "CarePlan",
      id: `plan-${n + 1}`,
      status: "active",
      intent: "plan",
      title,
      subject,
      period: { start: prep.on, end: prep.on },
      activity: lines.map((description) => ({ detail: { status: "scheduled", description } })),
    })),
    ...asked.map((text, n) => ({
      resourceType: "ServiceRequest",
      id: `asked-${n + 1}`,
      status: "active",
      intent: "proposal",
      code: { text },
      subject,
      authoredOn: at,
    })),
  ];
  return {
    resourceType: "Bundle",
    type: "collection",
    timestamp: at,
    entry: resources.map((resource) => ({
      fullUrl: `${base}/${resource.resourceType}/${resource.id}`,
      resource,
    })),
  };
}

const subject = { reference: "Patient/athlete" };

const patientOf = (athlete: Athlete, named: boolean) => ({
  resourceType: "Patient",
  id: "athlete",
  identifier: [{ system: systems.athlete, value: textMark(athlete.id).toString(36) }],
  ...(named ? { name: [{ text: athlete.name }] } : {}),
  birthDate:
    named && !athlete.assumed.includes("birthday") ? athlete.bornOn : athlete.bornOn.slice(0, 4),
});

const quantity = (value: number, protocol: Protocol): Quantity => ({
  value,
  unit: unitOf(protocol).trim() || "count",
  system: systems.ucum,
  code: ucumOf[unitOf(protocol)],
});

const component = (code: string, text: string): Concept => ({
  coding: [{ system: systems.component, code }],
  text,
});

function observationOf(check: Check, athlete: Athlete, library: Library, n: number): Observation {
  const protocol = protocolOf(library, check.protocolId);
  const { trials, tester, note, side } = check;
  const value = protocol && trials.length > 0 ? valueOf(check, protocol) : null;
  const unknown: Quantity = {};
  const amount = (of: number) => (protocol ? quantity(of, protocol) : { ...unknown, value: of });
  return {
    resourceType: "Observation",
    id: `check-${n}`,
    identifier: [{ system: systems.check, value: check.id }],
    extension: [
      ...(side === "mid"
        ? []
        : [
            {
              url: extensions.laterality,
              valueCodeableConcept: { coding: [{ system: systems.snomed, ...sideCodes[side] }] },
            },
          ]),
      { url: extensions.rest, valueString: JSON.stringify(restOf(check)) },
    ],
    status: check.was && check.was.length > 0 ? "amended" : "final",
    category: [{ coding: [{ system: systems.category, code: "exam", display: "Exam" }] }],
    code: {
      coding: [
        {
          system: systems.protocol,
          version: String(check.protocolVersion),
          code: check.protocolId,
          ...(protocol ? { display: protocol.name } : {}),
        },
      ],
      text: protocol?.name ?? check.protocolId,
    },
    subject,
    effectiveDateTime: check.on,
    issued: check.at,
    ...(tester ? { performer: [{ display: tester }] } : {}),
    ...(value
      ? { valueQuantity: amount(Math.round(value.value * 100) / 100) }
      : { dataAbsentReason: { coding: [{ system: systems.absent, code: "not-performed" }] } }),
    ...(note ? { note: [{ text: note }] } : {}),
    ...bodySite(protocol, side),
    method: {
      coding: [
        { system: systems.mode, code: check.mode },
        { system: systems.instrument, code: check.instrument },
        { system: systems.temperature, code: check.temperature },
      ],
      text: `${check.mode}, ${check.instrument}, ${check.temperature}`,
    },
    component: [
      ...trials.map((trial, at) => ({
        code: component("trial", `trial ${at + 1}`),
        valueQuantity: amount(trial),
      })),
      ...(value
        ? [
            {
              code: component("standard-error", "standard error"),
              valueQuantity: amount(Math.round(value.se * 100) / 100),
            },
          ]
        : []),
      { code: component("pain", "pain, 0 to 10"), valueInteger: check.pain },
    ],
  };
}

function bodySite(protocol: Protocol | undefined, side: Check["side"]): { bodySite?: Concept } {
  const joint = protocol?.motion ? motionOf(protocol.motion).joint : null;
  if (!joint) return { bodySite: { coding: [{ system: systems.side, code: side }] } };
  const code = jointCodes[joint];
  return {
    bodySite: {
      coding: [
        ...(code ? [{ system: systems.snomed, ...code }] : []),
        { system: systems.side, code: side },
      ],
      text: side === "mid" ? joint : `${side} ${joint}`,
    },
  };
}

/** What of a check has no place in an Observation. */
const restOf = ({ typed, ownError, painAt, painKind, seen, read, was }: Check) => ({
  typed,
  ownError,
  painAt,
  painKind,
  seen,
  read,
  ...(was ? { was } : {}),
});
