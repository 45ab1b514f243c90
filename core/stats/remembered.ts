/**
 * A pure function that remembers its latest answers.
 * @param keyOf what the answer depends on, as a text
 * @param most so many answers are kept, the oldest go first
 */
export function remembered<Asked extends readonly unknown[], Answer>(
  answer: (...asked: Asked) => Answer,
  keyOf: (...asked: Asked) => string,
  most = 64,
): (...asked: Asked) => Answer {
  const known = new Map<string, Answer>();
  return (...asked) => {
    const key = keyOf(...asked);
    const before = known.get(key);
    if (before !== undefined) return before;
    const now = answer(...asked);
    known.set(key, now);
    for (const old of known.keys()) {
      if (known.size <= most) break;
      known.delete(old);
    }
    return now;
  };
}
