import { piecesAbove, type ModelChoice, type Model } from "./model";

/**
 * The choice of drills as a mixed-integer programme in the LP file format, for any solver that reads it.
 * x is a drill at a dose (0 or 1), g a position that is gone to, c an obligation met, y seconds of a motion in
 * one piece of its benefit curve. Maximises Σ weight × rate × y + obligations − repetition.
 */
export function programmeOf(model: Model): string {
  const { options, cells, covers, groups, needsOne, clashes, atMost, budget } = model;
  const goal: string[] = [];
  const rules: string[] = [];
  const bounds: string[] = [];
  const binaries: string[] = [];
  const any = (i: number, sign = "+"): string =>
    options[i]!.levels.map((_, level) => ` ${sign} x${i}_${level + 1}`).join("");
  const time: string[] = [];
  const feeds: string[][] = cells.map(() => []);
  options.forEach((option, i) => {
    option.levels.forEach((level, n) => {
      const name = `x${i}_${n + 1}`;
      binaries.push(name);
      if (option.cost > 0) goal.push(`- ${decimal(option.cost)} ${name}`);
      time.push(`+ ${level.seconds} ${name}`);
      for (const feed of level.feeds) feeds[feed.cell]!.push(`- ${decimal(feed.seconds)} ${name}`);
    });
    if (option.levels.length > 1) rules.push(`${any(i)} <= 1`);
    if (option.group !== null) rules.push(`${any(i)} - g${option.group} <= 0`);
  });
  groups.forEach(({ seconds }, g) => {
    time.push(`+ ${seconds} g${g}`);
    bounds.push(`0 <= g${g} <= 1`);
  });
  if (time.length > 0) rules.push(`${time.join(" ")} <= ${budget}`);
  cells.forEach(({ weight, already }, cell) => {
    if (feeds[cell]!.length === 0) return;
    const pieces = piecesAbove(already);
    pieces.forEach(({ seconds, rate }, n) => {
      goal.push(`+ ${decimal(weight * rate)} y${cell}_${n}`);
      bounds.push(`0 <= y${cell}_${n} <= ${decimal(seconds)}`);
    });
    rules.push(
      `${pieces.map((_, n) => `+ y${cell}_${n}`).join(" ")} ${feeds[cell]!.join(" ")} <= 0`,
    );
  });
  covers.forEach(({ bonus, by }, c) => {
    goal.push(`+ ${decimal(bonus)} c${c}`);
    bounds.push(`0 <= c${c} <= 1`);
    rules.push(`c${c}${by.map((i) => any(i, "-")).join("")} <= 0`);
  });
  for (const { option, anyOf } of needsOne)
    rules.push(`${any(option)}${anyOf.map((i) => any(i, "-")).join("")} <= 0`);
  for (const [i, j] of clashes) rules.push(`${any(i)}${any(j)} <= 1`);
  for (const { members, seconds } of atMost)
    if (members.length > 0)
      rules.push(
        `${members.flatMap((i) => options[i]!.levels.map((level, n) => `+ ${level.seconds} x${i}_${n + 1}`)).join(" ")} <= ${seconds}`,
      );
  return [
    "Maximize",
    ` obj: ${goal.length > 0 ? goal.join("\n  ") : "0"}`,
    "Subject To",
    ...rules.map((rule, n) => ` r${n}: ${rule.trim()}`),
    "Bounds",
    ...bounds.map((bound) => ` ${bound}`),
    "Binaries",
    ` ${binaries.join("\n ")}`,
    "End",
  ].join("\n");
}

const decimal = (value: number): string => value.toFixed(6);

/** The levels that a solver's columns choose. */
export function choiceFrom(model: Model, columns: Readonly<Record<string, number>>): ModelChoice {
  return model.options.map((option, i) => {
    const at = option.levels.findIndex((_, n) => (columns[`x${i}_${n + 1}`] ?? 0) > 0.5);
    return at + 1;
  });
}
