/** From now on it is one moment, for this process. @param moment as in "2026-11-24T09:00:00" */
export function stopTheClock(moment: string): void {
  const still = new Date(moment).getTime();
  const Real = Date;
  globalThis.Date = class extends Real {
    constructor(...given: unknown[]) {
      super(...((given.length > 0 ? given : [still]) as [number]));
    }
    static override now = () => still;
  } as DateConstructor;
}
