import { StationLayout } from "../parts/frame/frame";
import { SeasonTabs } from "../parts/season/season-tabs";
import { WeekDesk } from "../parts/season/week-desk";
import { StationFigure } from "../parts/station-figure";
import {
  moveSlot,
  noteWritten,
  placeAgain,
  putSlotBack,
  removeAbsence,
  setAbsence,
  setCheckDay,
  setLighter,
  setSeason,
  setWeek,
  takeCalendar,
  takeOutSlot,
  takePlaces,
  unpinSlot,
} from "../storage/season";
import { athleteView } from "../view";
import type { Route } from "./+types/season";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params, request }: Route.ClientLoaderArgs) =>
  athleteView(params.athleteId, request);

export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const sent = (await request.clone().json()) as { intent: string };
  const view = await athleteView(params.athleteId, request);
  switch (sent.intent) {
    case "set":
      return setSeason(view, sent);
    case "week":
      return setWeek(view, sent);
    case "lighter":
      return setLighter(view, sent);
    case "move":
      return moveSlot(view, sent);
    case "unpin":
      return unpinSlot(view, sent);
    case "place":
      return placeAgain(view, sent);
    case "take-out":
      return takeOutSlot(view, sent);
    case "put-back":
      return putSlotBack(view, sent);
    case "written":
      return noteWritten(view, sent);
    case "proven":
      return takePlaces(view, sent);
    case "check-day":
      return setCheckDay(view, sent);
    case "away":
      return setAbsence(view, sent);
    case "not-away":
      return removeAbsence(view, sent);
    case "calendar":
      return takeCalendar(view, sent);
    default:
      throw new Response(`The season station does not know “${sent.intent}”.`, { status: 400 });
  }
}

/** Season: what happens in the week, and what it is for. */
export default function SeasonStation({ loaderData: view }: Route.ComponentProps) {
  return (
    <StationLayout wide figure={<StationFigure view={view} />}>
      <SeasonTabs athleteId={view.athlete.id} />
      <WeekDesk view={view} />
    </StationLayout>
  );
}
