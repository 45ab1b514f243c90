import { performSent } from "../acts/perform";
import { hallView } from "../hall";
import { GiveForm } from "../parts/hall/give-form";
import { GroupForm } from "../parts/hall/group-form";
import { openNotebook } from "../store/open";
import type { Route } from "./+types/hall-group";

export { ErrorBoundary } from "../parts/frame/broken";

/** The group, and the sessions that somebody keeps under a name. */
export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const hall = await hallView(params.groupId);
  const { notebook } = await openNotebook();
  await notebook.openAthletes(hall.people.map(({ athlete }) => athlete.id));
  const own = [
    ...hall.settings.shared.map(({ prep }) => prep),
    ...hall.people.flatMap(({ athlete }) =>
      notebook.all("prep", athlete.id).filter((prep) => prep.own !== ""),
    ),
  ];
  return { hall, own };
}
export const clientAction = ({ request }: Route.ClientActionArgs) => performSent(request);

/** Who is in the group, where and when, and what is set for all of them at once. */
export default function HallGroup({ loaderData: { hall, own } }: Route.ComponentProps) {
  return (
    <div className="max-w-4xl">
      {hall.group ? (
        <GroupForm
          key={hall.group.id}
          group={hall.group}
          everybody={hall.everybody}
          places={hall.places}
        />
      ) : null}
      {hall.people.length > 0 ? <GiveForm key={hall.id} hall={hall} own={own} /> : null}
    </div>
  );
}
