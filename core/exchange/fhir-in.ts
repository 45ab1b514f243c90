import * as z from "zod/mini";
import { Side } from "../body/side";
import { protocolOf, type Library } from "../content/library";
import { unitOf, type Protocol } from "../content/protocol";
import { entryNotes } from "../measure/entry";
import { Check } from "../records/records";
import { protocolNamed, type RowProblem } from "./checks-in";
import { codeIn, extensions, sideCodes, systems, ucumOf, type Observation } from "./fhir";

/** A check as a bundle has it: everything but whose it is. */
const BundleCheck = z.omit(Check, { kind: true, stamp: true, athleteId: true });
export type BundleCheck = z.infer<typeof BundleCheck>;

const Concept = z.object({
  coding: z.optional(
    z.array(
      z.object({
        system: z.optional(z.string()),
        version: z.optional(z.string()),
        code: z.optional(z.string()),
      }),
    ),
  ),
  text: z.optional(z.string()),
});
const Quantity = z.object({ value: z.optional(z.number()), code: z.optional(z.string()) });

/** What is read of an Observation; other fields of it are none of Yearling's. */
const Read = z.object({
  resourceType: z.literal("Observation"),
  identifier: z.optional(
    z.array(z.object({ system: z.optional(z.string()), value: z.optional(z.string()) })),
  ),
  code: Concept,
  effectiveDateTime: z.optional(z.string()),
  issued: z.optional(z.string()),
  performer: z.optional(z.array(z.object({ display: z.optional(z.string()) }))),
  valueQuantity: z.optional(Quantity),
  note: z.optional(z.array(z.object({ text: z.string() }))),
  bodySite: z.optional(Concept),
  method: z.optional(Concept),
  component: z.optional(
    z.array(
      z.object({
        code: Concept,
        valueQuantity: z.optional(Quantity),
        valueInteger: z.optional(z.number()),
      }),
    ),
  ),
  extension: z.optional(
    z.array(
      z.object({
        url: z.string(),
        valueString: z.optional(z.string()),
        valueCodeableConcept: z.optional(Concept),
      }),
    ),
  ),
});

const ReadBundle = z.object({
  resourceType: z.literal("Bundle"),
  entry: z._default(z.array(z.object({ resource: z.unknown() })).check(z.maxLength(50_000)), []),
});

export type BundleRead = { checks: BundleCheck[]; problems: RowProblem[] };

/**
 * The readings of a FHIR bundle. Those that Yearling wrote come out as they went in; of others what can be told: the check
 * by its name, side, day and value in the check's own unit.
 * @returns null where the text is no bundle; `row` of a problem counts the entries from 1
 */
export function checksOfBundle(text: string, library: Library, today: string): BundleRead | null {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return null;
  }
  const bundle = ReadBundle.safeParse(parsed);
  if (!bundle.success) return null;
  const checks: BundleCheck[] = [];
  const problems: RowProblem[] = [];
  bundle.data.entry.forEach(({ resource }, n) => {
    if ((resource as { resourceType?: string } | null)?.resourceType !== "Observation") return;
    const read = Read.safeParse(resource);
    const made = read.success
      ? checkOf(read.data as Observation, library, today)
      : { why: "no-check" as const, found: read.error.issues[0]!.path.join(".") };
    if ("why" in made) problems.push({ row: n + 1, ...made });
    else checks.push(made);
  });
  return { checks, problems };
}

type Problem = Pick<RowProblem, "why" | "found">;

function checkOf(observed: Observation, library: Library, today: string): BundleCheck | Problem {
  const own = codeIn(observed.code, systems.protocol);
  const name = observed.code.text ?? "";
  const protocol = own ? protocolOf(library, own.code ?? "") : protocolNamed(name, library);
  if (!own && !protocol) return { why: "no-check", found: name };
  const side = sideOf(observed, protocol ?? null);
  if (side === null) return { why: "no-side", found: name };
  const on = (observed.effectiveDateTime ?? observed.issued ?? "").slice(0, 10);
  const trials = trialsOf(observed, protocol ?? null);
  const rest = restIn(observed);
  const method = (system: string) => codeIn(observed.method, system)?.code;
  const pain = observed.component?.find(({ code }) => isComponent(code, "pain"))?.valueInteger ?? 0;
  const check = BundleCheck.safeParse({
    id:
      observed.identifier?.find(({ system }) => system === systems.check)?.value ?? "from-a-bundle",
    protocolId: own?.code ?? protocol?.id,
    protocolVersion: Number(own?.version ?? protocol?.version ?? 1),
    side,
    mode: method(systems.mode) ?? protocol?.modes[0] ?? "passive",
    temperature: method(systems.temperature) ?? "warm",
    instrument: method(systems.instrument) ?? protocol?.instruments[0]?.id ?? "eye",
    tester: observed.performer?.[0]?.display ?? "",
    on,
    at: observed.issued ?? `${on}T12:00:00.000Z`,
    trials,
    pain,
    note: observed.note?.map(({ text }) => text).join("\n") ?? "",
    seen: [],
    ...rest,
  });
  if (!check.success) return { why: on ? "impossible" : "no-date", found: name };
  if (check.data.on > today) return { why: "ahead", found: check.data.on };
  if (!own && trials.length === 0) return { why: "no-number", found: name };
  const refused =
    protocol && trials.length > 0
      ? entryNotes(check.data, protocol).some(({ level }) => level === "refused")
      : false;
  if (refused) return { why: "impossible", found: trials.join("; ") };
  return check.data;
}

const isComponent = (code: Observation["code"], which: string): boolean =>
  codeIn(code, systems.component)?.code === which;

function sideOf(observed: Observation, protocol: Protocol | null): Side | null {
  const own = Side.safeParse(codeIn(observed.bodySite, systems.side)?.code);
  if (own.success) return own.data;
  if (protocol && !protocol.sided) return "mid";
  const told = [
    ...(observed.bodySite?.coding ?? []),
    ...(observed.extension?.find(({ url }) => url === extensions.laterality)?.valueCodeableConcept
      ?.coding ?? []),
  ].map(({ code }) => code);
  const found = (["left", "right"] as const).find((side) => told.includes(sideCodes[side].code));
  return (
    found ??
    (/\b(left|right)\b/i.exec(observed.bodySite?.text ?? "")?.[1]?.toLowerCase() as
      "left" | "right" | undefined) ??
    null
  );
}

/** The trials as they were read; the value alone where there are none, and only in the check's own unit. */
function trialsOf({ component, valueQuantity }: Observation, protocol: Protocol | null): number[] {
  const trials = (component ?? []).filter(({ code }) => isComponent(code, "trial"));
  if (trials.length > 0) return trials.flatMap(({ valueQuantity: one }) => one?.value ?? []);
  const fits = protocol !== null && valueQuantity?.code === ucumOf[unitOf(protocol)];
  return fits && valueQuantity.value !== undefined ? [valueQuantity.value] : [];
}

const Rest = z.pick(Check, {
  typed: true,
  ownError: true,
  painAt: true,
  painKind: true,
  seen: true,
  read: true,
  was: true,
});

function restIn({ extension }: Observation): Partial<z.infer<typeof Rest>> {
  const text = extension?.find(({ url }) => url === extensions.rest)?.valueString;
  try {
    const read = Rest.safeParse(JSON.parse(text ?? "{}"));
    return read.success && text ? read.data : {};
  } catch {
    return {};
  }
}
