import { expose } from "comlink";
import { cleanSet } from "#core/limit/clean-set";

const solver = { cleanSet };
export type ShapeSolver = typeof solver;

expose(solver);
