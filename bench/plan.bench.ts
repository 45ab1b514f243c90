import loadHighs from "highs";
import { quickChoice } from "../core/prep/greedy";
import { valueOfChoice } from "../core/prep/model";
import { planDraftOf, planOf, planPrep } from "../core/prep/plan";
import { choiceFrom, programmeOf } from "../core/prep/programme";
import { prove } from "../core/stats/prove";
import { retimed } from "../core/prep/retime";
import type { Bench } from "./bench";
import { situations } from "./situations";

const median = (list: readonly number[]): number =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;
const round = (value: number, digits = 2): number => Number(value.toFixed(digits));

/**
 * The instant plan against the proven one over the troupe's situations: what share of the proven value it has,
 * and how long each takes. Times are those of this machine; the ratio is of the plans themselves.
 */
const bench: Bench = async () => {
  const highs = await loadHighs();
  const all = situations();
  for (const { request } of all) planPrep(request);
  const rows = all.map(({ name, request }) => {
    const began = performance.now();
    const draft = planDraftOf(request);
    const first = quickChoice(draft.model);
    const plan = planOf(draft, first);
    const firstMs = performance.now() - began;
    const asked = performance.now();
    const shorter = Math.round(request.budget * 0.6);
    retimed(plan.items, [], shorter, { ...request, budget: shorter });
    const retimeMs = performance.now() - asked;
    const proof = prove(highs, programmeOf(draft.model));
    const proven = choiceFrom(draft.model, proof.columns);
    const [quick, best] = [valueOfChoice(draft.model, first), valueOfChoice(draft.model, proven)];
    return {
      name,
      options: draft.model.options.length,
      "first ms": round(firstMs, 1),
      "retime ms": round(retimeMs, 1),
      "proven ms": Math.round(proof.seconds * 1000),
      ratio: round(best > 0 ? quick / best : 1, 3),
      gap: proof.gap === null ? NaN : round(proof.gap, 4),
      "first s": plan.seconds,
      "proven s": planOf(draft, proven).seconds,
    };
  });
  return {
    table: rows,
    figures: [
      { key: "situations", value: rows.length, unit: "" },
      { key: "first_ms", value: median(rows.map((row) => row["first ms"])), unit: "ms, median" },
      { key: "first_ms_most", value: Math.max(...rows.map((row) => row["first ms"])), unit: "ms" },
      {
        key: "retime_ms_most",
        value: Math.max(...rows.map((row) => row["retime ms"])),
        unit: "ms, to six tenths of the minutes",
      },
      { key: "proven_ms", value: median(rows.map((row) => row["proven ms"])), unit: "ms, median" },
      {
        key: "proven_ms_most",
        value: Math.max(...rows.map((row) => row["proven ms"])),
        unit: "ms",
      },
      {
        key: "first_to_proven",
        value: Math.min(...rows.map((row) => row.ratio)),
        unit: "of the proven value, least",
      },
      {
        key: "first_to_proven_median",
        value: median(rows.map((row) => row.ratio)),
        unit: "of the proven value",
      },
      {
        key: "proven_gap",
        value: Math.max(...rows.map((row) => row.gap)),
        unit: "relative, largest",
      },
    ],
  };
};
export default bench;
