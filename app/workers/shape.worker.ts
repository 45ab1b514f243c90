import { expose } from "comlink";
import { smallestSet, worthOfDegrees } from "#core/shape/worth";

const solver = { worthOf: worthOfDegrees, smallestSet };
export type ShapeSolver = typeof solver;

expose(solver);
