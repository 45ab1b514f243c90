import * as z from "zod/mini";
import { door } from "../core/exchange/door";

type Part = { [key: string]: unknown };

const isPart = (value: unknown): value is Part =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** What a part is called: its kind, where it says one. */
function titleOf({ properties }: Part): string | null {
  const kind = isPart(properties) ? properties.kind : null;
  return isPart(kind) && typeof kind.const === "string" ? kind.const : null;
}

/** Limits and closings that hold for every part, as the door of the application has them. */
function bounded(part: Part, closed: boolean, depth: number): Part {
  const now: Part = Object.fromEntries(
    Object.entries(part).map(([name, value]) => [name, boundedIn(value, closed, depth + 1)]),
  );
  // How a text begins is told by its pattern; no validator knows a format of that name.
  if (now.format === "starts_with") delete now.format;
  if (now.type === "string" && now.const === undefined && now.enum === undefined)
    now.maxLength ??=
      typeof now.pattern === "string" && now.pattern.includes("data:image")
        ? door.picture
        : door.text;
  if (now.type === "array" && now.prefixItems === undefined)
    now.maxItems ??= depth <= 2 ? door.records : door.list;
  if (closed && now.type === "object" && isPart(now.properties)) now.additionalProperties ??= false;
  const title = titleOf(now);
  return title === null ? now : { title, ...now };
}

const boundedIn = (value: unknown, closed: boolean, depth: number): unknown =>
  Array.isArray(value)
    ? value.map((one) => boundedIn(one, closed, depth))
    : isPart(value)
      ? bounded(value, closed, depth)
      : value;

/**
 * A schema as a JSON Schema of its own: named, titled, bounded, and, for what comes in, closed.
 * @param name its name in the identifier, with the version of what it describes
 */
export function jsonSchemaOf(
  schema: z.core.$ZodType,
  {
    io,
    name,
    title,
    closed,
  }: { io: "input" | "output"; name: string; title: string; closed: boolean },
): Part {
  const { $schema, ...rest } = z.toJSONSchema(schema, { io, reused: "ref" }) as Part;
  return {
    $schema,
    $id: `urn:yearling:${name}`,
    title,
    ...(boundedIn(rest, closed, 0) as Part),
  };
}
