import type { Highs } from "highs";

/** What a solver found: its columns by name, how near to the best they are proven to be, and how long it took. */
export type Proof = {
  columns: Record<string, number>;
  /** Proven relative distance to the best choice there can be; null where the solver gave none. */
  gap: number | null;
  seconds: number;
};

/** A plan counts as proven when no other can be better by more than this share. */
export const wantedGap = 0.01;
/** The solver gives up after so many seconds and says how near it came. */
export const solverPatience = 20;

/**
 * Solves a programme in LP format with a mixed-integer solver. Meant for a worker: it blocks until it is done.
 * @throws when the programme cannot be read or has no answer
 */
export function prove(highs: Pick<Highs, "withModel">, programme: string): Proof {
  const began = performance.now();
  return highs.withModel({ format: "lp", data: programme }, (model) => {
    model.options.set({ output_flag: false, mip_rel_gap: wantedGap, time_limit: solverPatience });
    model.run();
    const values = model.getSolution().colValue;
    if (values.length === 0) throw new Error("the solver found no plan");
    const columns: Record<string, number> = {};
    values.forEach((value, i) => {
      if (value > 1e-6) columns[model.getColName(i)] = value;
    });
    const gap = Number(model.info.get("mip_gap"));
    return {
      columns,
      gap: Number.isFinite(gap) ? Math.max(0, gap) : null,
      seconds: (performance.now() - began) / 1000,
    };
  });
}
