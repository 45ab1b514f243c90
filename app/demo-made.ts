import { generateTroupe } from "#core/sample/generate";
import type { AnyRecord } from "#core/records/records";
import { cast } from "#library/cast";
import { library } from "#library/index";

/** The troupe made on the spot, which takes some seconds: a module of its own, for it needs the planner. */
export const troupeMade = (today: string): AnyRecord[] => generateTroupe(cast, library, today);
