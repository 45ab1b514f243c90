import type { Prep } from "#core/records/records";
import { clock } from "#core/drill/dose";
import { prepSeconds } from "#core/prep/timeline";
import type { AthleteView } from "../../../view";
import { paperDay } from "#words/days";
import { SheetFoot } from "./sheet-foot";
import { footOf, linesOf } from "./sheet-words";

/** For a group: everybody's prep of a day side by side, without anybody's health. */
export function GroupSheet({
  group,
  day,
}: {
  group: readonly { view: AthleteView; prep: Prep }[];
  day: string;
}) {
  const all = group.flatMap(({ view, prep }) => linesOf(prep, view.library));
  return (
    <article className="mx-auto max-w-6xl text-ink">
      <header className="border-b-2 border-ink pb-1">
        <h1 className="text-3xl">{paperDay(day)}</h1>
        <p>
          {group.length} {group.length === 1 ? "athlete" : "athletes"}
        </p>
      </header>
      <div className="mt-2 grid gap-x-6 sm:grid-cols-2 lg:grid-cols-3 print:grid-cols-3">
        {group.map(({ view, prep }) => (
          <section key={view.athlete.id} className="py-2 print:break-inside-avoid">
            <h2 className="flex items-baseline justify-between gap-2 border-b border-ink text-lg">
              {view.athlete.name}
              <span className="figures">
                {clock(prepSeconds(prep.items, view.library, prep.handOver))}
              </span>
            </h2>
            <ol className="text-sm">
              {linesOf(prep, view.library).map(({ item, drill, rung, dose, sides }) => (
                <li
                  key={item.id}
                  className="grid grid-cols-[1fr_auto] gap-x-3 border-b border-ink/25 py-0.5 leading-tight"
                >
                  <span>
                    {drill.name} <span className="text-[0.8rem]">{rung.name.toLowerCase()}</span>
                  </span>
                  <span className="figures font-semibold">
                    {dose} {sides}
                  </span>
                </li>
              ))}
            </ol>
          </section>
        ))}
      </div>
      <SheetFoot lines={footOf(all)} health={[]} />
    </article>
  );
}
