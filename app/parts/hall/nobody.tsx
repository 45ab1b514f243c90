import { Link } from "react-router";
import { allOfThem } from "../../hall";

/** Where a group has no members, or the notebook no athletes. */
export function NobodyHere({ groupId }: { groupId: string }) {
  return (
    <p className="mt-6 text-muted">
      {groupId === allOfThem ? (
        <>
          Nobody is in this notebook yet.{" "}
          <Link className="underlined" to="/">
            Add athletes
          </Link>
        </>
      ) : (
        "Nobody is in this group yet: say who under “Group”."
      )}
    </p>
  );
}
