import { lanternfield } from "../app/demo";
import { library } from "../library/index";
import { situationOf } from "../core/situation/situation";
import { mindOf } from "../core/hall/mind";
import { planInStep } from "../core/hall/in-step";
import { plainSettings } from "../core/records/settings";
import { writeDose } from "../core/drill/dose";
import { drillOf } from "../core/content/library";
const on = "2026-11-24";
const rec: any[] = lanternfield(on);
const of = (k: string, id?: string) => rec.filter((r) => r.kind === k && (!id || r.athleteId === id));
const sits = of("athlete").map((athlete) => situationOf({ athlete, aims: of("aim", athlete.id), checks: of("check", athlete.id), preps: of("prep", athlete.id), logs: of("log", athlete.id), days: of("day", athlete.id), seasons: of("season", athlete.id), runs: [], photos: [], places: of("place"), settings: plainSettings, library }, { today: on, day: on, aimId: null }));
const place = of("place")[0];
for (const [budget, format] of [[900, ""], [1200, ""], [1800, "mobility"], [600, ""], [300,""]] as const) {
  const terms = { on, placeId: place.id, budget, format, alreadyWarm: false, dropped: [], items: [], place, library, coach: {}, aside: [] };
  const t0 = performance.now();
  const minds = sits.map((s) => mindOf(s, terms));
  const t1 = performance.now();
  const p = planInStep(minds, terms);
  console.log("\n", budget, format, "minds", Math.round(t1 - t0), "plan", Math.round(performance.now() - t1), p.seconds, p.note);
  for (const i of p.items) {
    const who = p.members.map((m) => { const q = m.parts.find((x) => x.itemId === i.id)!; return q.rungId ? (q.share ? q.share[0] : "x") : `-(${q.reason?.why})`; });
    console.log(i.phase.padEnd(7), drillOf(library, i.drillId)!.name.padEnd(36), writeDose(i.dose), i.sides.length ? "2s" : "", i.extra ? JSON.stringify(i.extra) : "", who.join(" "));
  }
}
import { planStations } from "../core/hall/stations";
import { changesOf, seatingValue, seatBreaches } from "../core/hall/seats";
import { seatingOf } from "../core/hall/stations";
for (const [budget, format, st, work] of [[2400, "mobility", 4, 180], [1800, "", 5, 120], [3600, "mobility", 6, 240]] as const) {
  const terms = { on, placeId: place.id, budget, format, alreadyWarm: false, dropped: [], items: [], place, library, coach: {}, aside: [], stations: st, work, change: 20 };
  const t0 = performance.now();
  const minds = sits.map((s) => mindOf(s, terms));
  const p = planStations(minds, terms);
  console.log("\nSTATIONS", budget, Math.round(performance.now() - t0), "ms", p.rounds.length, p.rounds[0], p.items.map((i) => i.drillId).join(","), seatBreaches(p.model, seatingOf(p.model, p.seats)), changesOf(seatingOf(p.model, p.seats)), seatingValue(p.model, seatingOf(p.model, p.seats)).toFixed(2));
  for (const s of p.stations) console.log(drillOf(library, s.drillId)!.name, s.most, p.model.options.map((o) => { const q = o[p.stations.indexOf(s)]; return q ? q.worth.toFixed(2) + " " + writeDose(q.dose) + q.kit : "-"; }).join(" | "));
  for (const m of minds) console.log(m.athlete.name, seatingOf(p.model, p.seats)[minds.indexOf(m)].join(" "));
}
