import { expose } from "comlink";
import loadHighs from "highs";
import wasmUrl from "highs/runtime?url";
import { prove } from "#core/stats/prove";

/** The solver, loaded with the first question. */
let solver: ReturnType<typeof loadHighs> | null = null;

const prover = {
  /** Solves a programme in LP format; see `prove`. */
  prove: async (programme: string) =>
    prove(await (solver ??= loadHighs({ locateFile: () => wasmUrl })), programme),
};
export type Prover = typeof prover;

expose(prover);
