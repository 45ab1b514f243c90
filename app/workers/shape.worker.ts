import { expose } from "comlink";
import { smallestSet, worthOf } from "#core/shape/worth";

const solver = { worthOf, smallestSet };
export type ShapeSolver = typeof solver;

expose(solver);
