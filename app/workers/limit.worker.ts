import { expose } from "comlink";
import { limitAnswer } from "#core/limit/beside";

const limiter = { answer: limitAnswer };
export type Limiter = typeof limiter;

expose(limiter);
