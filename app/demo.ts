import { generateTroupe } from "#core/sample/generate";
import type { AnyRecord } from "#core/records/records";
import { cast } from "#library/cast";
import { library } from "#library/index";

/** The invented troupe, ending today. Loaded only when it is needed. */
export const lanternfield = (today: string): AnyRecord[] => generateTroupe(cast, library, today);
