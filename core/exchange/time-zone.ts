/** A change of a zone's offset: from the moment (UTC, ms) on, minutes east of UTC. */
export type Offset = { from: number; before: number; after: number };

const formats = new Map<string, Intl.DateTimeFormat>();

/** The parts of a moment as a clock on the wall of a zone shows them. */
function wall(zone: string, at: number): { day: string; time: string; utc: number } {
  let format = formats.get(zone);
  if (!format)
    formats.set(
      zone,
      (format = new Intl.DateTimeFormat("en-GB", {
        timeZone: zone,
        hourCycle: "h23",
        year: "numeric",
        month: "2-digit",
        day: "2-digit",
        hour: "2-digit",
        minute: "2-digit",
        second: "2-digit",
      })),
    );
  const parts = Object.fromEntries(
    format.formatToParts(at).map(({ type, value }) => [type, value]),
  );
  const day = `${parts.year}-${parts.month}-${parts.day}`;
  return {
    day,
    time: `${parts.hour}:${parts.minute}`,
    utc: Date.parse(`${day}T${parts.hour}:${parts.minute}:${parts.second}Z`),
  };
}

/** The day and time of day that clocks in a zone show at a moment. @param at UTC, ms */
export const wallTime = (zone: string, at: number): { day: string; time: string } => {
  const { day, time } = wall(zone, at);
  return { day, time };
};

/** Minutes east of UTC in a zone at a moment. */
export const offsetAt = (zone: string, at: number): number =>
  Math.round((wall(zone, at).utc - Math.floor(at / 1000) * 1000) / 60_000);

const day = 86_400_000;

/** Every change of a zone's offset between two moments, to the minute. Looked for day by day, then by halving. */
export function offsetChanges(zone: string, from: number, to: number): Offset[] {
  const changes: Offset[] = [];
  for (let at = from; at < to; at += day) {
    const [before, after] = [offsetAt(zone, at), offsetAt(zone, at + day)];
    if (before === after) continue;
    let [low, high] = [at, at + day];
    while (high - low > 60_000) {
      const middle = Math.floor((low + high) / 120_000) * 60_000;
      if (middle <= low) break;
      if (offsetAt(zone, middle) === before) low = middle;
      else high = middle;
    }
    changes.push({ from: high, before, after });
  }
  return changes;
}
