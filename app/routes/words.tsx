import { glossaryInOrder } from "#words/glossary";
import { LibraryPage } from "../parts/library/page";
import type { Route } from "./+types/words";

export { ErrorBoundary } from "../parts/frame/broken";

export const meta: Route.MetaFunction = () => [{ title: "Words · Yearling" }];

/** What each word means here, with what others call it. */
export default function Words() {
  return (
    <LibraryPage title="Words" lead="What they mean here, and what others call them.">
      <dl className="mt-4 grid gap-x-8 border-t border-ink sm:grid-cols-2">
        {glossaryInOrder.map(({ id, name, also, means }) => (
          <div key={id} id={id} className="border-b border-line py-2 target:bg-raised">
            <dt>
              <b className="font-display text-lg">{name}</b>
              {also.length > 0 ? (
                <span className="text-sm text-muted"> · {also.join(", ")}</span>
              ) : null}
            </dt>
            <dd>{means}</dd>
          </div>
        ))}
      </dl>
    </LibraryPage>
  );
}
