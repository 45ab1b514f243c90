/**
 * Between testers the standard error is about one and a half to two times that of one tester; this is the middle.
 * A working figure.
 */
export const betweenTesters = 1.75;

/** Names as people type them: case and blanks do not make another person. */
const plain = (name: string): string => name.trim().toLowerCase();

/**
 * The factor by which both errors widen when a change is read across two people's hands; 1 for the same hands.
 * Where one of the names was not written down nothing is known, and nothing is widened.
 */
export const testerWidening = (before: string, after: string): number =>
  plain(before) !== "" && plain(after) !== "" && plain(before) !== plain(after)
    ? betweenTesters
    : 1;

/** Whether two names are one tester's, as far as is known: a name that was not written down is nobody else's. */
export const sameTester = (a: string, b: string): boolean => testerWidening(a, b) === 1;

/** Two values that are set against each other: where two people measured them both are widened. */
export function acrossHands<One extends { se: number }>(
  left: One,
  right: One,
  testers: readonly [string, string],
): [One, One] {
  const widening = testerWidening(...testers);
  return [
    { ...left, se: left.se * widening },
    { ...right, se: right.se * widening },
  ];
}

/** Who measures mostly: the name that stands most often, of two alike the earlier; empty where none was written down. */
export function usualTester(testers: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const name of testers.map(plain))
    if (name !== "") counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].reduce((most, one) => (one[1] > most[1] ? one : most), ["", 0] as [
    string,
    number,
  ])[0];
}
