import { Link, useSearchParams } from "react-router";
import { atRung, Region } from "#core/drill/drill";
import { shippedLibrary } from "../library";
import { PosePicture } from "../parts/figure/pose-picture";
import type { Route } from "./+types/library-pictures";

export { ErrorBoundary } from "../parts/frame/broken";

/** In the browser only: five hundred pairs of figures are drawn faster than they are fetched. */
export async function clientLoader() {
  return { drills: (await shippedLibrary()).drills };
}

export const meta: Route.MetaFunction = () => [{ title: "Every picture · Yearling" }];

/** Every rung's picture, a region at a time: to find a drill by its look. */
export default function LibraryPictures({ loaderData: { drills } }: Route.ComponentProps) {
  const [query] = useSearchParams();
  const region = Region.safeParse(query.get("region")).data ?? "hands and wrists";
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-6xl overflow-y-auto p-4 sm:p-8">
      <p className="text-sm">
        <Link className="underlined" to="/library">
          Library
        </Link>
      </p>
      <h1 className="mt-2 text-4xl">Every picture</h1>
      <nav aria-label="Part of the body" className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
        {Region.options.map((option) => (
          <Link
            key={option}
            to={`?region=${encodeURIComponent(option)}`}
            aria-current={option === region ? "page" : undefined}
            className={option === region ? "font-bold underline" : "underlined"}
          >
            {option}
          </Link>
        ))}
      </nav>
      {drills
        .filter((drill) => drill.region === region)
        .map((drill) => (
          <section key={drill.id} className="mt-5 border-t border-ink pt-1">
            <h2 className="text-lg">
              <Link to={`/library/drill/${drill.id}`}>{drill.name}</Link>{" "}
              <span className="font-sans text-sm font-normal text-muted">
                {drill.kind}, {drill.position}
              </span>
            </h2>
            <ul className="grid grid-cols-2 gap-x-6 gap-y-2 sm:grid-cols-3 lg:grid-cols-5">
              {drill.rungs.map((rung) => (
                <li key={rung.id}>
                  <PosePicture
                    picture={rung.picture}
                    serves={atRung(drill, rung).serves}
                    label={`${drill.name}, ${rung.name}`}
                    className="h-24 w-full"
                  />
                  <p className="text-sm leading-tight">{rung.name}</p>
                </li>
              ))}
            </ul>
          </section>
        ))}
    </main>
  );
}
