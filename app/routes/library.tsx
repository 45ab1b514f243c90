import { Link } from "react-router";
import { Family } from "#core/content/skill";
import { Region } from "#core/drill/drill";
import { shippedLibrary } from "../library";
import { PictureBeside } from "../parts/figure/picture-beside";
import type { Route } from "./+types/library";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader() {
  const library = await shippedLibrary();
  return {
    skills: library.skills.map(({ id, name, summary, pose, view, family }) => ({
      id,
      name,
      summary,
      pose,
      view,
      family,
    })),
    checks: library.protocols.map(({ id, name, purpose, picture }) => ({
      id,
      name,
      purpose,
      picture,
    })),
    drills: library.drills.map(({ id, name, region, kind, rungs }) => ({
      id,
      name,
      region,
      kind,
      rungs: rungs.length,
    })),
  };
}

export const meta: Route.MetaFunction = () => [{ title: "Library · Yearling" }];

/** The library: skills, checks, drills by phase, cautions. */
export default function LibraryIndex({
  loaderData: { skills, checks, drills },
}: Route.ComponentProps) {
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-5xl overflow-y-auto p-4 sm:p-8">
      <h1 className="text-4xl">Library</h1>
      <p className="mt-1 text-muted">
        What ships with Yearling: what skills ask, how joints are measured, drills as ladders.{" "}
        <Link className="underlined" to="/library/cautions">
          Cautions
        </Link>{" "}
        come first.
      </p>
      {Family.options.map((family) => (
        <Shelf key={family} title={`Skills: ${family}`}>
          {skills
            .filter((skill) => skill.family === family)
            .map(({ id, name, summary, pose, view }) => (
              <Entry
                key={id}
                to={`/library/skill/${id}`}
                name={name}
                text={summary}
                picture={{ view, start: pose, props: [] }}
              />
            ))}
        </Shelf>
      ))}
      <Shelf title="Checks">
        {checks.map(({ id, name, purpose, picture }) => (
          <Entry
            key={id}
            to={`/library/check/${id}`}
            name={name}
            text={purpose}
            picture={picture}
          />
        ))}
      </Shelf>
      <section className="mt-8">
        <h2 className="text-2xl">Drills</h2>
        <p className="text-sm text-muted">
          {drills.length} ladders, {drills.reduce((sum, { rungs }) => sum + rungs, 0)} levels.{" "}
          <Link className="underlined" to="/library/pictures">
            Every picture
          </Link>{" "}
          ·{" "}
          <Link className="underlined" to="/library/own-drill">
            A drill of your own
          </Link>
        </p>
        <div className="mt-2 columns-1 gap-x-8 border-t border-ink sm:columns-2 lg:columns-3">
          {Region.options.map((region) => (
            <section key={region} className="break-inside-avoid-column py-2">
              <h3 className="font-display text-lg font-bold">{region}</h3>
              <ul>
                {drills
                  .filter((drill) => drill.region === region)
                  .map(({ id, name, kind, rungs }) => (
                    <li key={id} className="border-b border-line">
                      <Link
                        className="flex min-h-8 items-center justify-between gap-3 py-1 hover:bg-raised"
                        to={`/library/drill/${id}`}
                      >
                        {name}
                        <span className="text-sm text-muted">
                          {kind.replace("-", " ")}, {rungs}
                        </span>
                      </Link>
                    </li>
                  ))}
              </ul>
            </section>
          ))}
        </div>
      </section>
    </main>
  );
}

function Shelf({
  title,
  lead,
  children,
}: {
  title: string;
  lead?: string;
  children: React.ReactNode;
}) {
  return (
    <section className="mt-8">
      <h2 className="text-2xl">{title}</h2>
      {lead ? <p className="text-sm text-muted">{lead}</p> : null}
      <ul className="mt-2 grid gap-x-8 border-t border-ink sm:grid-cols-2">{children}</ul>
    </section>
  );
}

function Entry({
  to,
  name,
  text,
  picture,
}: {
  to: string;
  name: string;
  text: string;
  picture: Parameters<typeof PictureBeside>[0]["picture"];
}) {
  return (
    <li className="border-b border-line">
      <Link
        to={to}
        className="grid min-h-20 grid-cols-[7.5rem_1fr] items-center gap-4 py-2 hover:bg-raised"
      >
        <PictureBeside picture={picture} label="" small className="h-16 w-full" />
        <span>
          <span className="block font-display text-lg font-bold leading-tight">{name}</span>
          <span className="text-sm text-muted">{text}</span>
        </span>
      </Link>
    </li>
  );
}
