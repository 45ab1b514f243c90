import { cameBack, withSent } from "#core/sample/came-back";
import type { AnyRecord } from "#core/records/records";
import { troupeReady } from "./demo-ready";

/** The invented troupe, ending today: as it lies ready with the application, else made on the spot. */
const troupeOf = async (today: string): Promise<AnyRecord[]> =>
  (await troupeReady(today)) ?? (await import("./demo-made")).troupeMade(today);

/** The invented troupe, with what one of them has on her phone still to come back. */
export const lanternfield = async (today: string): Promise<AnyRecord[]> =>
  withSent(await troupeOf(today), today);

/** A file that one of them has sent back from her phone. */
export const returnedFile = async (today: string): Promise<File> =>
  new File([cameBack(await troupeOf(today), today)!], "noor.yearling", {
    type: "application/json",
  });
