import { emptyProgramme, programmeText, type Term } from "../stats/programme";
import { piecesAbove, type Model, type ModelChoice } from "./model";

/**
 * The choice of drills as a mixed-integer programme.
 * x is a drill at a dose (0 or 1), g a position that is gone to, c an obligation met, y seconds of a motion in
 * one piece of its benefit curve. Maximises Σ weight × rate × y + obligations − repetition.
 */
export function programmeOf(model: Model): string {
  const { options, cells, covers, groups, needsOne, clashes, atMost, counts, budget } = model;
  const programme = emptyProgramme();
  const { goal, rules, bounds, binaries } = programme;
  const any = (i: number, sign: 1 | -1 = 1): Term[] =>
    options[i]!.levels.map((_, level): Term => [sign, `x${i}_${level + 1}`]);
  const time: Term[] = [];
  const feeds: Term[][] = cells.map(() => []);
  options.forEach((option, i) => {
    option.levels.forEach((level, n) => {
      const name = `x${i}_${n + 1}`;
      binaries.push(name);
      if (option.cost !== 0) goal.push([-option.cost, name]);
      time.push([level.seconds, name]);
      for (const feed of level.feeds) feeds[feed.cell]!.push([-feed.seconds, name]);
    });
    if (option.levels.length > 1) rules.push({ terms: any(i), most: 1 });
    if (option.group !== null)
      rules.push({ terms: [...any(i), [-1, `g${option.group}`]], most: 0 });
  });
  groups.forEach(({ seconds, cost }, g) => {
    time.push([seconds, `g${g}`]);
    if (cost > 0) goal.push([-cost, `g${g}`]);
    bounds.push({ name: `g${g}`, most: 1 });
  });
  if (time.length > 0) rules.push({ terms: time, most: budget });
  cells.forEach(({ weight, already }, cell) => {
    if (feeds[cell]!.length === 0) return;
    const pieces = piecesAbove(already).map((piece, n) => ({ ...piece, name: `y${cell}_${n}` }));
    for (const { seconds, rate, name } of pieces) {
      goal.push([weight * rate, name]);
      bounds.push({ name, most: seconds });
    }
    rules.push({
      terms: [...pieces.map(({ name }): Term => [1, name]), ...feeds[cell]!],
      most: 0,
    });
  });
  covers.forEach(({ bonus, by, upTo }, c) => {
    goal.push([bonus, `c${c}`]);
    bounds.push({ name: `c${c}`, most: upTo });
    rules.push({ terms: [[1, `c${c}`], ...by.flatMap((i) => any(i, -1))], most: 0 });
  });
  for (const { option, anyOf } of needsOne)
    rules.push({ terms: [...any(option), ...anyOf.flatMap((i) => any(i, -1))], most: 0 });
  for (const [i, j] of clashes) rules.push({ terms: [...any(i), ...any(j)], most: 1 });
  for (const { members, seconds } of atMost)
    if (members.length > 0)
      rules.push({
        terms: members.flatMap((i) =>
          options[i]!.levels.map((level, n): Term => [level.seconds, `x${i}_${n + 1}`]),
        ),
        most: seconds,
      });
  for (const { members, most } of counts)
    if (members.length > 0) rules.push({ terms: members.flatMap((i) => any(i)), most });
  return programmeText(programme);
}

/** The levels that a solver's columns choose. */
export function choiceFrom(model: Model, columns: Readonly<Record<string, number>>): ModelChoice {
  return model.options.map((option, i) => {
    const at = option.levels.findIndex((_, n) => (columns[`x${i}_${n + 1}`] ?? 0) > 0.5);
    return at + 1;
  });
}
