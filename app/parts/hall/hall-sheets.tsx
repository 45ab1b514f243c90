import { clock, writeDose } from "#core/drill/dose";
import { rungOf } from "#core/drill/drill";
import { drillOf, type Library } from "#core/content/library";
import { hallSeconds } from "#core/hall/clock";
import type { HallMember } from "#core/hall/member";
import type { Hall, Place } from "#core/records/records";
import { paperDay } from "#words/days";
import { sessionTitle } from "#words/hall";
import { rungText } from "#words/rung-text";
import { PosePicture } from "../figure/pose-picture";
import { itemSpans } from "../prep/strip";
import { SheetFoot } from "../prep/sheets/sheet-foot";
import { footOf } from "../prep/sheets/sheet-words";
import { notch } from "../words";
import { StationsGrid } from "./stations-grid";

type SheetProps = {
  hall: Hall;
  library: Library;
  places: readonly Place[];
  members: ReadonlyMap<string, HallMember>;
};

const lines = (hall: Hall, library: Library) =>
  hall.items.flatMap((item) => {
    const drill = drillOf(library, item.drillId);
    return drill ? [{ item, drill, rung: rungOf(drill, item.rungId) }] : [];
  });

const drillsOf = ({ items, stations }: Hall): string[] => [
  ...items.map(({ drillId }) => drillId),
  ...stations.map(({ drillId }) => drillId),
];

const foot = (hall: Hall, library: Library): string[] =>
  footOf(
    drillsOf(hall).flatMap((id) => {
      const drill = drillOf(library, id);
      return drill
        ? [{ item: hall.items[0]!, drill, rung: drill.rungs[0]!, dose: "", sides: "" }]
        : [];
    }),
  );

function Head({ hall, library, places }: Omit<SheetProps, "members">) {
  return (
    <header className="flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-ink pb-1">
      <h1 className="text-3xl">{hall.name}</h1>
      <p className="font-display text-lg">{sessionTitle(hall, places)}</p>
      <p className="figures text-2xl font-bold">
        {clock(hallSeconds(hall, library))}
        <span className="ml-3 font-sans text-base font-normal">{paperDay(hall.on)}</span>
      </p>
    </header>
  );
}

/** One sheet for the wall: the session that all of them do, without anybody's health. */
export function HallWallSheet({ hall, library, places, members }: SheetProps) {
  const seconds = new Map(
    itemSpans(hall.items, library).map(({ item, seconds: own }) => [item.id, own]),
  );
  return (
    <article className="mx-auto max-w-5xl text-ink">
      <Head hall={hall} library={library} places={places} />
      {hall.way === "stations" ? (
        <StationsGrid hall={hall} library={library} members={members} another={null} />
      ) : null}
      <ol className="mt-2 grid grid-cols-2 gap-x-6 md:grid-cols-3 print:grid-cols-3">
        {lines(hall, library).map(({ item, drill, rung }, n) => (
          <li key={item.id} className="border-b border-ink/60 py-2 print:break-inside-avoid">
            <PosePicture picture={rung.picture} label={drill.name} className="h-24 w-full" />
            <div className="mt-1 grid grid-cols-[1.6rem_1fr_auto] gap-x-1.5">
              <span className="figures text-lg">{n + 1}</span>
              <span className="font-display text-lg leading-tight font-bold">{drill.name}</span>
              <span className="figures text-right text-2xl leading-none font-bold">
                {writeDose(item.dose)}
                {item.sides.length > 0 ? (
                  <span className="block text-base">
                    {notch.left} {notch.right}
                  </span>
                ) : null}
              </span>
              <span className="col-span-2 col-start-2 leading-snug">
                {rungText(rung, item.why).cue}{" "}
                <span className="figures text-sm">{clock(seconds.get(item.id) ?? 0)}</span>
                {item.extra ? (
                  <span className="block text-sm">
                    then {item.extra.sets} more on your shorter side
                  </span>
                ) : null}
              </span>
            </div>
          </li>
        ))}
      </ol>
      <SheetFoot lines={hall.items.length > 0 ? foot(hall, library) : []} health={[]} />
    </article>
  );
}

/** A strip a person, to be cut: the own rung, side and dose of every drill, and the stations in their order. */
export function HallStrips({ hall, library, members }: SheetProps) {
  return (
    <article className="mx-auto max-w-5xl columns-1 gap-6 text-ink sm:columns-2 print:columns-2">
      {hall.people.map(({ athleteId, name }) => {
        const member = members.get(athleteId);
        const seats = hall.seats
          .filter((seat) => seat.athleteId === athleteId && !member?.barred.has(seat.round))
          .sort((a, b) => a.round - b.round);
        return (
          <section
            key={athleteId}
            className="mb-4 break-inside-avoid border border-dashed border-ink p-3"
          >
            <h2 className="flex items-baseline justify-between border-b border-ink text-lg">
              {name}
              <span className="figures text-sm">{paperDay(hall.on)}</span>
            </h2>
            <ol className="text-sm">
              {lines(hall, library).map(({ item, drill }, n) => {
                const part = member?.parts.find(({ itemId }) => itemId === item.id);
                const side = item.extra ? (part?.share ?? item.extra.side) : null;
                return (
                  <li
                    key={item.id}
                    className="grid grid-cols-[1.4rem_1fr_auto] gap-x-1 border-b border-ink/25 py-0.5 leading-tight"
                  >
                    <span className="figures">{n + 1}</span>
                    {part?.rungId ? (
                      <>
                        <span>
                          <b>{drill.name}</b> {rungOf(drill, part.rungId).name.toLowerCase()}
                        </span>
                        <span className="figures font-semibold">
                          {writeDose(item.dose)}
                          {side ? ` +${item.extra!.sets} ${notch[side]}` : ""}
                        </span>
                      </>
                    ) : (
                      <>
                        <s>{drill.name}</s>
                        <span>rest</span>
                      </>
                    )}
                  </li>
                );
              })}
              {seats.map((seat) => {
                const at = hall.stations.findIndex(({ id }) => id === seat.stationId);
                const drill = drillOf(library, hall.stations[at]?.drillId ?? "");
                return drill ? (
                  <li
                    key={seat.round}
                    className="grid grid-cols-[3.4rem_1fr_auto] gap-x-1 border-b border-ink/25 py-0.5 leading-tight"
                  >
                    <span className="figures">
                      {seat.round + 1} → <b>{at + 1}</b>
                    </span>
                    <span>
                      <b>{drill.name}</b> {rungOf(drill, seat.rungId).name.toLowerCase()}
                    </span>
                    <span className="figures font-semibold">{writeDose(seat.dose)}</span>
                  </li>
                ) : null;
              })}
            </ol>
          </section>
        );
      })}
    </article>
  );
}
