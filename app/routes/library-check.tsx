import { drillsFor, protocolOf } from "#core/content/library";
import { BothNames } from "../parts/both-names";
import { ProtocolSheet } from "../parts/check/protocol-sheet";
import { shippedLibrary } from "../library";
import { LibraryPage } from "../parts/library/page";
import type { Route } from "./+types/library-check";

export { ErrorBoundary } from "../parts/frame/broken";

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const library = await shippedLibrary();
  const protocol = protocolOf(library, params.id);
  if (!protocol) throw new Response("The library has no such check.", { status: 404 });
  return { protocol, drills: protocol.motion ? drillsFor(library, protocol.motion) : [] };
}

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.protocol.name ?? "Check"} · Yearling` },
];

export default function CheckPage({ loaderData: { protocol, drills } }: Route.ComponentProps) {
  return (
    <LibraryPage
      title={<BothNames motion={protocol.motion} plain={protocol.name} />}
      lead={protocol.purpose}
    >
      <div className="mt-4 max-w-2xl">
        <ProtocolSheet protocol={protocol} drills={drills} named={false} />
      </div>
    </LibraryPage>
  );
}
