import loadHighs from "highs";
import { quickChoice } from "../core/prep/greedy";
import { valueOfChoice } from "../core/prep/model";
import { planDraftOf, planPrep } from "../core/prep/plan";
import { choiceFrom, programmeOf } from "../core/prep/programme";
import { prove } from "../core/stats/prove";
import type { Bench } from "./bench";
import { sessionRequest } from "./sessions/requests";
import { endsExactly, points, saysItself, sessionOf } from "./sessions/rubric";

const requests = 500;
/** Every so many of them is solved, too. */
const proven = 10;
const round = (value: number, digits = 3): number => Number(value.toFixed(digits));

/** The least time of three, ms: what it takes itself, without the pauses of the machine it runs on. */
function leastMs(does: () => unknown): number {
  const times = [1, 2, 3].map(() => {
    const began = performance.now();
    does();
    return performance.now() - began;
  });
  return Math.min(...times);
}

/** What a coach would check of five hundred sessions: how many points are kept, and how many sessions are whole. */
const bench: Bench = async () => {
  const highs = await loadHighs();
  const rows = new Map(points.map(({ name }) => [name, { asked: 0, kept: 0, broken: "" }]));
  let [whole, unnatural, exact, most] = [0, 0, 0, 0];
  const ratios: number[] = [];
  for (let seed = 1; seed <= requests; seed += 1) {
    const asked = sessionRequest(seed);
    const plan = planPrep(asked.request);
    most = Math.max(
      most,
      leastMs(() => planPrep(asked.request)),
    );
    const session = sessionOf(asked, plan);
    const broken = points.filter(({ name, holds }) => {
      const held = holds(session);
      const row = rows.get(name)!;
      if (held === null) return false;
      row.asked += 1;
      row.kept += held ? 1 : 0;
      if (!held && row.broken.split(" ").length < 6) row.broken += ` ${seed}`;
      return !held;
    });
    whole += broken.length === 0 ? 1 : 0;
    unnatural += session.lines.filter((line) => !saysItself(line)).length;
    exact += endsExactly(session) ? 1 : 0;
    if (seed % proven === 0 && !asked.request.format.clocked && !asked.request.format.gaps) {
      const { model } = planDraftOf(asked.request);
      const best = valueOfChoice(
        model,
        choiceFrom(model, prove(highs, programmeOf(model)).columns),
      );
      if (best > 0) ratios.push(valueOfChoice(model, quickChoice(model)) / best);
    }
  }
  const all = [...rows.values()];
  const asked = all.reduce((sum, row) => sum + row.asked, 0);
  const kept = all.reduce((sum, row) => sum + row.kept, 0);
  return {
    table: [...rows].map(([name, row]) => ({
      point: name,
      asked: row.asked,
      kept: row.asked === 0 ? NaN : round(row.kept / row.asked),
      "broken by seeds": row.broken.trim(),
    })),
    figures: [
      { key: "points", value: points.length, unit: "" },
      { key: "requests", value: requests, unit: "" },
      { key: "points_kept", value: round(kept / asked), unit: "of those asked" },
      { key: "sessions_whole", value: round(whole / requests), unit: "of the sessions" },
      { key: "unnatural_doses", value: unnatural, unit: "" },
      { key: "ended_exactly", value: round(exact / requests), unit: "of the sessions" },
      { key: "instant_ms_most", value: round(most, 1), unit: "ms" },
      { key: "instant_to_best", value: round(Math.min(...ratios)), unit: "of the solver's, least" },
    ],
  };
};
export default bench;
