import { Plus, UsersRound } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import type { Athlete } from "#core/records/athlete";
import { byName, type Group } from "#core/records/groups";
import type { Place } from "#core/records/records";
import { later, useLater } from "../later";

/** Fetched beside the page: it is there before anybody can type into it. */
const groupForm = later(() => import("./group-form").then((part) => part.GroupForm));

/** Where several are worked with at once: everybody, and every group. */
export function GroupLine({
  groups,
  everybody,
  places,
}: {
  groups: readonly Group[];
  everybody: readonly Athlete[];
  places: readonly Place[];
}) {
  const GroupForm = useLater(groupForm);
  const [making, setMaking] = useState(false);
  const navigate = useNavigate();
  if (everybody.length < 2) return null;
  const known = new Set(everybody.map(({ id }) => id));
  return (
    <section aria-label="Groups" className="mt-6">
      <p className="flex flex-wrap items-center gap-2">
        <span className="label mr-1 inline-flex items-center gap-1.5">
          <UsersRound size={15} aria-hidden="true" /> Many at once
        </span>
        <Link to="/hall/all" className="press">
          Everybody <span className="figures text-muted">{everybody.length}</span>
        </Link>
        {groups
          .toSorted((a, b) => byName(a.name, b.name))
          .map(({ id, name, members }) => (
            <Link key={id} to={`/hall/${id}`} className="press">
              {name}{" "}
              <span className="figures text-muted">
                {members.filter((one) => known.has(one)).length}
              </span>
            </Link>
          ))}
        <button
          type="button"
          className="quiet underlined"
          aria-expanded={making}
          onClick={() => setMaking(!making)}
        >
          <Plus size={15} aria-hidden="true" /> New group
        </button>
      </p>
      {making && GroupForm ? (
        <GroupForm
          group={null}
          everybody={everybody}
          places={places}
          close={(id) => {
            setMaking(false);
            if (id) void navigate(`/hall/${id}`);
          }}
        />
      ) : null}
    </section>
  );
}
