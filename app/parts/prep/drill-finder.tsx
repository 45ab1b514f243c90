import { lazy, Suspense } from "react";
import { Folded } from "../folded";
import type { FinderProps } from "./all-drills";

const AllDrills = lazy(() => import("./all-drills").then((part) => ({ default: part.AllDrills })));

/** The library beside the prep: every drill is in it, can be added, or says why not. */
export const DrillFinder = (props: FinderProps) => (
  <Folded
    className="no-print mt-6"
    summary={
      <summary className="label min-h-9 py-2">
        The library: add a drill, or see why it is not in ({props.library.drills.length})
      </summary>
    }
  >
    {() => (
      <Suspense>
        <AllDrills {...props} />
      </Suspense>
    )}
  </Folded>
);
