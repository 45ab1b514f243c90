import { Outlet } from "react-router";
import { Frame } from "../parts/frame/frame";

export { ErrorBoundary } from "../parts/frame/broken";

/** The frame around the pages that belong to no athlete: troupe, file, library. */
export default function BenchFrame() {
  return (
    <Frame subject={null} move={null}>
      <Outlet />
    </Frame>
  );
}
