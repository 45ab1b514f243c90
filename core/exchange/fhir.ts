import type { JointId } from "../body/motions";
import type { Side } from "../body/side";
import type { ReadingUnit } from "../content/protocol";

/** Systems of codes: published ones where a code is sure, Yearling's own for the rest (HL7 FHIR R4). */
export const systems = {
  ucum: "http://unitsofmeasure.org",
  snomed: "http://snomed.info/sct",
  category: "http://terminology.hl7.org/CodeSystem/observation-category",
  absent: "http://terminology.hl7.org/CodeSystem/data-absent-reason",
  athlete: "urn:yearling:athlete",
  check: "urn:yearling:check",
  protocol: "urn:yearling:protocol",
  component: "urn:yearling:component",
  mode: "urn:yearling:mode",
  instrument: "urn:yearling:instrument",
  temperature: "urn:yearling:temperature",
  side: "urn:yearling:side",
} as const;

/** Extensions of Yearling's own: what FHIR has no place for. */
export const extensions = {
  laterality: "urn:yearling:extension:laterality",
  rest: "urn:yearling:extension:rest",
} as const;

/** Units in UCUM; a bare count is `1`. */
export const ucumOf: Record<ReadingUnit, string> = {
  "°": "deg",
  " cm": "cm",
  " s": "s",
  " kg": "kg",
  "": "1",
};

/** SNOMED CT codes of joints, those that are sure; the others are told by their name alone. */
export const jointCodes: Partial<Record<JointId, { code: string; display: string }>> = {
  wrist: { code: "74670003", display: "Wrist joint structure" },
  elbow: { code: "16953009", display: "Elbow joint structure" },
  hip: { code: "24136001", display: "Hip joint structure" },
  knee: { code: "49076000", display: "Knee joint structure" },
  ankle: { code: "70258002", display: "Ankle joint structure" },
};

/** SNOMED CT codes of a side. */
export const sideCodes: Record<Exclude<Side, "mid">, { code: string; display: string }> = {
  left: { code: "7771000", display: "Left" },
  right: { code: "24028007", display: "Right" },
};

export type Coding = { system?: string; version?: string; code?: string; display?: string };
export type Concept = { coding?: Coding[]; text?: string };
export type Quantity = { value?: number; unit?: string; system?: string; code?: string };

/** What of an Observation Yearling writes and reads. */
export type Observation = {
  resourceType: "Observation";
  id: string;
  identifier?: { system?: string; value?: string }[];
  status: string;
  category?: Concept[];
  code: Concept;
  subject?: { reference?: string };
  effectiveDateTime?: string;
  issued?: string;
  performer?: { display?: string }[];
  valueQuantity?: Quantity;
  dataAbsentReason?: Concept;
  note?: { text: string }[];
  bodySite?: Concept;
  method?: Concept;
  component?: { code: Concept; valueQuantity?: Quantity; valueInteger?: number }[];
  extension?: { url: string; valueString?: string; valueCodeableConcept?: Concept }[];
};

type Resource = { resourceType: string; id: string };

/** A bundle: everything that goes together. */
export type Bundle = {
  resourceType: "Bundle";
  type: "collection";
  timestamp: string;
  entry: { fullUrl: string; resource: Resource }[];
};

/** The code of a concept in one of the systems. */
export const codeIn = (concept: Concept | undefined, system: string): Coding | undefined =>
  concept?.coding?.find((one) => one.system === system);
