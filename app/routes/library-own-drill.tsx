import { Link, redirect, useNavigate } from "react-router";
import { DrillEditor } from "../parts/library/drill-editor";
import { blankDrill, copyOf } from "../parts/library/own-drill";
import { useAct } from "../parts/use-act";
import { wholeLibrary } from "../whole-library";
import { shippedLibrary } from "../library";
import type { Route } from "./+types/library-own-drill";
import type { ActName, AnswerOf } from "#core/acts/decide";
import { performSent } from "../acts/perform";
import { drillFieldWords } from "#words/acts";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const query = new URL(request.url).searchParams;
  const [all, shipped] = await Promise.all([wholeLibrary(), shippedLibrary()]);
  const own = all.drills.filter((drill) => !shipped.drills.some(({ id }) => id === drill.id));
  const edited = own.find(({ id }) => id === query.get("edit"));
  const from = all.drills.find(({ id }) => id === query.get("from"));
  return { all, own, draft: edited ?? (from ? copyOf(from) : blankDrill(all)) };
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { act } = (await request.clone().json()) as { act: ActName };
  const came = await performSent(request);
  if ("refused" in came) return came;
  if (act === "remove-drill") return redirect("/library/own-drill");
  return redirect(`/library/drill/${(came.done as AnswerOf<"save-drill">).drillId}`);
}

export const meta: Route.MetaFunction = () => [{ title: "A drill of your own · Yearling" }];

/** A coach's own drill, in the form that the library's have. */
export default function OwnDrill({ loaderData: { all, own, draft } }: Route.ComponentProps) {
  const { act, refused } = useAct<"save-drill">();
  const navigate = useNavigate();
  return (
    <main id="desk" className="mx-auto h-full w-full max-w-4xl overflow-y-auto p-4 sm:p-8">
      <p className="text-sm">
        <Link className="underlined" to="/library">
          Library
        </Link>
      </p>
      <h1 className="mt-2 text-4xl">
        {own.some(({ id }) => id === draft.id) ? draft.name : "A drill of your own"}
      </h1>
      <p className="mt-1 max-w-2xl text-lg text-muted">
        It is kept in this notebook, used by plans like any other, and goes along in the file.
      </p>
      {own.length > 0 ? (
        <p className="mt-2">
          Your own:{" "}
          {own.map(({ id, name }) => (
            <Link key={id} className="underlined mr-3" to={`?edit=${id}`}>
              {name}
            </Link>
          ))}
        </p>
      ) : null}
      <DrillEditor
        key={draft.id + draft.name}
        draft={draft}
        library={all}
        errors={refused?.why === "invalid" ? drillFieldWords(refused.fields) : []}
        save={(drill) => act("save-drill", { drill })}
        remove={
          own.some(({ id }) => id === draft.id)
            ? () => act("remove-drill", { drillId: draft.id })
            : null
        }
        leave={() => void navigate("/library")}
      />
    </main>
  );
}
