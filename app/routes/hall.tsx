import { Outlet, useLocation, useNavigate } from "react-router";
import { byName } from "#core/records/groups";
import { timesWords } from "#words/hall";
import { StationTabs } from "../parts/frame/station-tabs";
import { allOfThem, hallView } from "../hall";
import type { Route } from "./+types/hall";

export { ErrorBoundary } from "../parts/frame/broken";

export const clientLoader = ({ params }: Route.ClientLoaderArgs) => hallView(params.groupId);

export const meta: Route.MetaFunction = () => [{ title: "Hall · Yearling" }];

/** The hall: what is done with several at once, under the name of their group. */
export default function Hall({ loaderData: hall }: Route.ComponentProps) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const here = pathname.split("/").slice(3).join("/");
  return (
    <main
      id="desk"
      tabIndex={-1}
      className="h-full w-full overflow-y-auto p-4 sm:px-7 sm:py-5 print:p-0"
    >
      <div className="mb-1 flex flex-wrap items-end justify-between gap-x-6 gap-y-2 print:hidden">
        <h1 className="text-3xl">
          {hall.name}
          {hall.group && hall.group.times.length > 0 ? (
            <span className="ml-4 font-sans text-base font-normal text-muted">
              {timesWords(hall.group.times)}
            </span>
          ) : null}
        </h1>
        {hall.groups.length > 0 ? (
          <label className="flex items-center gap-2 text-sm">
            <span className="label">Group</span>
            <select
              className="field"
              value={hall.id}
              onChange={(event) =>
                void navigate(`/hall/${event.target.value}/${here === "group" ? "" : here}`)
              }
            >
              <option value={allOfThem}>everybody</option>
              {hall.groups
                .toSorted((a, b) => byName(a.name, b.name))
                .map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
            </select>
          </label>
        ) : null}
      </div>
      <StationTabs
        name="Hall"
        tabs={[
          [`/hall/${hall.id}`, "Table"],
          [`/hall/${hall.id}/round`, "Round"],
          [`/hall/${hall.id}/session`, "Session"],
          [`/hall/${hall.id}/group`, hall.group ? "Group" : "For all"],
        ]}
      />
      <Outlet />
    </main>
  );
}
