import type { BandStrength } from "../drill/band";
import type { Breath } from "../records/records";

/** How much of something was typed: so many times, or so long. */
export type TypedAmount = { reps: number } | { seconds: number };

/** How much of a part: a bare figure is what the drill is usually counted in. */
export type PartAmount = TypedAmount | { bare: number };

/** One line of a session as a coach types it: a drill with what was said of it, or a break. */
export type TypedLine =
  | {
      is: "drill";
      /** The words that name it, with the figures taken out. */
      name: string;
      sets: number | null;
      amount: TypedAmount | null;
      /** On each side, or each way where it has no sides. */
      each: boolean;
      tempo: number | null;
      rest: number | null;
      pace: "brisk" | "slow" | null;
      kg: number | null;
      band: BandStrength | null;
      /** Parts of one go, in their order. */
      parts: { label: string; amount: PartAmount }[];
      untilLoose: boolean;
      /** The round of a circuit that it stands in; 0 outside one. */
      round: number;
      /** What was typed. */
      typed: string;
      /** The line of the text that it stands on, from 0. */
      at: number;
    }
  | { is: "break"; seconds: number; as: Breath["as"]; round: number; typed: string; at: number };

const units = "(?:seconds?|secs?|s|minutes?|mins?|m)";
const number = "(\\d+(?:[.,]\\d+)?)";

const toNumber = (digits: string): number => Number(digits.replace(",", "."));
const toSeconds = (digits: string, unit: string | undefined): number =>
  Math.round(toNumber(digits) * (unit?.[0] === "m" ? 60 : 1));

/** How long is meant by "30 s", "1.5 min" or "1:30"; null where nothing of the kind is said. */
function secondsIn(said: string): number | null {
  const clock = /(\d+):([0-5]\d)/.exec(said);
  if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
  const spoken = new RegExp(`${number}\\s*(${units})\\b`).exec(said);
  return spoken ? toSeconds(spoken[1]!, spoken[2]) : null;
}

/** Takes what a pattern finds out of a line, once. */
class Line {
  constructor(private left: string) {}
  take(pattern: RegExp): RegExpExecArray | null {
    const found = pattern.exec(this.left);
    if (found) this.left = this.left.replace(found[0], " ");
    return found;
  }
  get rest(): string {
    return this.left
      .replace(/[@(),;:]+/g, " ")
      .replace(/\s+/g, " ")
      .trim();
  }
}

const breakAs: Record<string, Breath["as"]> = {
  break: "break",
  rest: "break",
  pause: "break",
  water: "water",
  drink: "water",
  shake: "shake-out",
};
const usualBreak = 30;

/** The longest that may be typed: more is a slip, and is cut. */
const most = { sets: 12, reps: 120, seconds: 600, kg: 400, rounds: 10, rest: 300, tempo: 12 };
const within = (value: number, from: number, to: number): number =>
  Math.min(to, Math.max(from, Math.round(value)));

const strengths: Record<string, BandStrength> = {
  thin: "thin",
  light: "thin",
  medium: "medium",
  thick: "thick",
  strong: "thick",
  heavy: "thick",
};

/** Parts after a colon: "middle 30, forward 30 s, back 10 times". None where not every piece has a word and a figure. */
function partsIn(said: string): { label: string; amount: PartAmount }[] {
  const pieces = said.split(/[,;+]/).map((piece) => piece.trim());
  const parts = pieces.flatMap((piece): { label: string; amount: PartAmount }[] => {
    const found = new RegExp(`^([a-z][a-z \\-]*?)\\s+${number}\\s*(${units}|times|reps?)?$`).exec(
      piece,
    );
    if (!found) return [];
    const counted = found[3] !== undefined && !new RegExp(`^${units}$`).test(found[3]);
    const figure = within(toNumber(found[2]!), 1, counted ? most.reps : most.seconds);
    const label = found[1]!.trim();
    if (found[3] === undefined) return [{ label, amount: { bare: figure } }];
    const seconds = found[3].startsWith("m") ? figure * 60 : figure;
    return [{ label, amount: counted ? { reps: figure } : { seconds } }];
  });
  return parts.length === pieces.length && parts.length > 1 ? parts : [];
}

function drillLine(typed: string, round: number, at: number): TypedLine | null {
  const said = typed.toLowerCase().replace(/×/g, "x").replace(/[–—]/g, "-");
  const colon = said.lastIndexOf(": ");
  const parts = colon > 0 ? partsIn(said.slice(colon + 1)) : [];
  const line = new Line(parts.length > 0 ? said.slice(0, colon) : said);
  const untilLoose = line.take(/\buntil (?:it is |it's )?loose\b/) !== null;
  const each =
    line.take(
      /\b(?:each|per|every|both)\s+(?:sides?|ways?|legs?|arms?|hands?|directions?)\b|\be\/s\b/,
    ) !== null;
  const rest = line.take(new RegExp(`\\brest\\s+${number}\\s*(${units})?`));
  const tempo = line.take(new RegExp(`\\btempo\\s+${number}\\s*s?\\b|\\b${number}\\s*s each\\b`));
  const pace = line.take(/\b(brisk(?:ly)?|quickly|slowly)\b|(?:, *| )(quick|fast|slow)$/);
  const kg = line.take(new RegExp(`${number}\\s*(?:kg|kilos?)\\b`));
  const band = line.take(/\b(thin|light|medium|thick|strong|heavy)\s+band\b/);
  const times = line.take(new RegExp(`\\b(\\d+)\\s*x\\s*(\\d+)\\s*(${units})?(?![a-z])`));
  const clock = times ? null : line.take(/\b\d+:[0-5]\d\b/);
  const spoken = times || clock ? null : line.take(new RegExp(`\\b${number}\\s*(${units})\\b`));
  const counted =
    times || clock || spoken ? null : line.take(/\b(\d+)\s*(?:x|times|reps?)?(?![a-z\d])/);
  const seconds = times?.[3]
    ? toSeconds(times[2]!, times[3])
    : secondsIn((clock ?? spoken)?.[0] ?? "");
  const reps = times && !times[3] ? Number(times[2]) : counted ? Number(counted[1]) : null;
  const name = line.rest.replace(/^[-*•.\s]+|[-.\s]+$/g, "");
  if (name === "") return null;
  const amount: TypedAmount | null =
    reps !== null
      ? { reps: within(reps, 1, most.reps) }
      : seconds !== null
        ? { seconds: within(seconds, 3, most.seconds) }
        : null;
  return {
    is: "drill",
    name,
    sets: times ? within(Number(times[1]), 1, most.sets) : null,
    amount,
    each,
    tempo: tempo ? Math.min(most.tempo, Math.max(0.5, toNumber(tempo[1] ?? tempo[2]!))) : null,
    rest: rest ? within(toSeconds(rest[1]!, rest[2]), 0, most.rest) : null,
    pace: pace ? ((pace[1] ?? pace[2]!).startsWith("slow") ? "slow" : "brisk") : null,
    kg: kg ? Math.min(most.kg, toNumber(kg[1]!)) : null,
    band: band ? strengths[band[1]!]! : null,
    parts,
    untilLoose,
    round,
    typed,
    at,
  };
}

function readLine(typed: string, round: number, at: number): TypedLine | null {
  const said = typed.trim().toLowerCase();
  const pause = /^(?:[-*•]\s*)?(break|rest|pause|water|drink|shake)(?:[ -]?outs?)?\b(.*)$/.exec(
    said,
  );
  const figure = pause && /^[\s:]*(?:\d+(?::[0-5]\d)?\s*[a-z]*)?[\s.]*$/.test(pause[2]!);
  if (pause && figure) {
    const bare = /^\D*(\d+)\D*$/.exec(pause[2]!);
    const seconds = secondsIn(pause[2]!) ?? (bare ? Number(bare[1]) : usualBreak);
    return {
      is: "break",
      seconds: within(seconds, 1, most.seconds),
      as: breakAs[pause[1]!]!,
      round,
      typed,
      at,
    };
  }
  return drillLine(typed.trim(), round, at);
}

const header =
  /^(?:rounds?\s*(?:x|of)?\s*(\d+)|(\d+)\s*(?:x\s*)?rounds?(?:\s+of)?|circuit\s*(?:x\s*)?(\d+))\s*[:-]?\s*(.*)$/i;

/**
 * A session as somebody types or pastes it, a line an item, in the order in which it stands. "rounds 3:" repeats what
 * follows up to an empty line, or what stands after it on the same line, parted by semicolons.
 * @example readTyped("wrist circles 10 each way\n3x30 s pigeon each side\nbreak 30 s")
 */
export function readTyped(text: string): TypedLine[] {
  const found: TypedLine[] = [];
  let circuit: { count: number; lines: { line: string; at: number }[] } | null = null;
  const close = () => {
    if (!circuit) return;
    for (let round = 1; round <= circuit.count; round += 1)
      for (const { line, at } of circuit.lines) {
        const read = readLine(line, round, at);
        if (read) found.push(read);
      }
    circuit = null;
  };
  for (const [at, raw] of text.split(/\r?\n/).slice(0, mostLines).entries()) {
    const line = raw.replace(/^\s*\d+[.)]\s+/, "").trim();
    const begins = header.exec(line);
    if (line === "" || begins) close();
    if (begins) {
      const count = within(Number(begins[1] ?? begins[2] ?? begins[3]), 1, most.rounds);
      const own = begins[4] ? begins[4].split(";") : [];
      circuit = { count, lines: own.map((one) => ({ line: one, at })) };
      if (begins[4]) close();
    } else if (line !== "" && circuit) circuit.lines.push({ line, at });
    else if (line !== "") {
      const read = readLine(line, 0, at);
      if (read) found.push(read);
    }
  }
  close();
  return found;
}

/** More lines than this are no session. */
const mostLines = 80;
