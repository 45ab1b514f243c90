export { ErrorBoundary } from "../parts/frame/broken";

/** An address that leads to no page. It is asked for like any other, so that the first look at it is drawn like any other. */
export function clientLoader(): never {
  throw new Response("There is no page at this address.", { status: 404 });
}

export default function Nowhere() {
  return null;
}
