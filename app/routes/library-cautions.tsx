import { cautions } from "#library/index";
import { LibraryPage } from "../parts/library/page";
import type { Route } from "./+types/library-cautions";

export { ErrorBoundary } from "../parts/frame/broken";

export const loader = () => ({ cautions });

export const meta: Route.MetaFunction = () => [{ title: "Cautions · Yearling" }];

export default function CautionsPage({ loaderData }: Route.ComponentProps) {
  return (
    <LibraryPage title="Cautions" lead="Briefly, where it matters, and here in full.">
      {loaderData.cautions.map(({ title, lines }) => (
        <section key={title} className="mt-6">
          <h2 className="text-xl">{title}</h2>
          <ul className="mt-1 list-disc pl-5">
            {lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      ))}
    </LibraryPage>
  );
}
