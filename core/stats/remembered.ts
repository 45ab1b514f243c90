/** A function that remembers; an answer that was worked out elsewhere can be kept in it under its key. */
export type Remembered<Asked extends readonly unknown[], Answer> = ((...asked: Asked) => Answer) & {
  keyOf: (...asked: Asked) => string;
  knows: (key: string) => boolean;
  keep: (key: string, answer: Answer) => void;
};

/**
 * A pure function that remembers its latest answers.
 * @param keyOf what the answer depends on, as a text
 * @param most so many answers are kept, the oldest go first
 */
export function remembered<Asked extends readonly unknown[], Answer>(
  answer: (...asked: Asked) => Answer,
  keyOf: (...asked: Asked) => string,
  most = 64,
): Remembered<Asked, Answer> {
  const known = new Map<string, Answer>();
  const keep = (key: string, now: Answer): void => {
    known.set(key, now);
    for (const old of known.keys()) {
      if (known.size <= most) break;
      known.delete(old);
    }
  };
  const asking = (...asked: Asked): Answer => {
    const key = keyOf(...asked);
    const before = known.get(key);
    if (before !== undefined) return before;
    const now = answer(...asked);
    keep(key, now);
    return now;
  };
  return Object.assign(asking, { keyOf, keep, knows: (key: string) => known.has(key) });
}

/**
 * A pure function that remembers its latest answers to the very same things: fields that are the same objects, or equal
 * texts and numbers.
 * @param most so many answers are kept, the oldest go first
 */
export function rememberedOfSame<Asked extends object, Answer>(
  answer: (asked: Asked) => Answer,
  most = 16,
): (asked: Asked) => Answer {
  const known: { asked: Asked; answer: Answer }[] = [];
  const isSame = (one: Asked, other: Asked): boolean =>
    (Object.keys(other) as (keyof Asked)[]).every((name) => Object.is(one[name], other[name]));
  return (asked) => {
    const before = known.find((one) => isSame(one.asked, asked));
    if (before) return before.answer;
    const now = { asked, answer: answer(asked) };
    known.push(now);
    if (known.length > most) known.shift();
    return now.answer;
  };
}
