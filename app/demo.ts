import { cameBack, withSent } from "#core/sample/came-back";
import { generateTroupe } from "#core/sample/generate";
import type { AnyRecord } from "#core/records/records";
import { cast } from "#library/cast";
import { library } from "#library/index";

/** The invented troupe, ending today. Loaded only when it is needed. */
export const lanternfield = (today: string): AnyRecord[] =>
  withSent(generateTroupe(cast, library, today), today);

/** A file that one of them has sent back from her phone. */
export const returnedFile = (today: string): File =>
  new File([cameBack(generateTroupe(cast, library, today), today)!], "noor.yearling", {
    type: "application/json",
  });
