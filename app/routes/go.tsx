import { redirect } from "react-router";
import { stations, type Station } from "#core/season/walk";
import { lastAthlete } from "../store/last-athlete";
import { openNotebook } from "../store/open";
import type { Route } from "./+types/go";

/** A shortcut of the installed application: the station of whoever was looked at last; the troupe where nobody was. */
export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const { notebook } = await openNotebook();
  const id = await lastAthlete();
  const known = id !== null && notebook.get("athlete", id);
  const station = stations.includes(params.station as Station) ? params.station : "aim";
  throw redirect(known ? `/at/${id}/${station}` : "/");
}

export default function Go() {
  return null;
}
