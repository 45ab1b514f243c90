import {
  checkFacts,
  drillFacts,
  findByName,
  finderSoon,
  skillFacts,
  type Find,
  type Findable,
} from "../library/find-words";
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from "@headlessui/react";
import { useEffect, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { withPacks } from "#core/content/library";
import { library } from "#library/index";
import { presentNotebook } from "../../store/open";
import { Modal } from "../modal";
import { becauseFound, foundKind, pagesToFind } from "#words/find";

type Entry = Findable & { kind: string; to: string };

/** Everything that can be found from anywhere: people, checks, drills, skills, groups, places, pages and settings. */
function everything(athleteId: string | null): Entry[] {
  const notebook = presentNotebook()?.notebook;
  const who = athleteId ?? notebook?.all("athlete")[0]?.id;
  const whole = withPacks(library, notebook?.all("pack") ?? []);
  const own = (list: readonly { id: string }[], id: string) => !list.some((one) => one.id === id);
  return [
    ...(notebook?.all("athlete") ?? []).map(({ id, name, discipline }) => ({
      key: `a-${id}`,
      name,
      facts: [discipline],
      kind: discipline || foundKind.athlete,
      to: `/at/${id}/gap`,
    })),
    ...whole.protocols.map((check) => ({
      key: `p-${check.id}`,
      name: check.name,
      ...checkFacts(check),
      kind: foundKind.check,
      to: who ? `/at/${who}/check?focus=${check.id}` : `/library/check/${check.id}`,
    })),
    ...whole.drills.map((drill) => ({
      key: `d-${drill.id}`,
      name: drill.name,
      ...drillFacts(drill),
      kind: own(library.drills, drill.id) ? foundKind.ownDrill : foundKind.drill,
      to: `/library/drill/${drill.id}`,
    })),
    ...whole.skills.map((skill) => {
      const mine = own(library.skills, skill.id);
      return {
        key: `s-${skill.id}`,
        name: skill.name,
        ...skillFacts(skill),
        kind: mine ? foundKind.ownSkill : foundKind.skill,
        to: mine && who ? `/at/${who}/aim` : `/library/skill/${skill.id}`,
      };
    }),
    ...(notebook?.all("group") ?? []).map(({ id, name }) => ({
      key: `g-${id}`,
      name,
      facts: [foundKind.group],
      kind: foundKind.group,
      to: `/hall/${id}`,
    })),
    ...(notebook?.all("place") ?? []).map(({ id, name }) => ({
      key: `l-${id}`,
      name,
      facts: [foundKind.place],
      kind: foundKind.place,
      to: "/#places",
    })),
    ...pagesToFind.flatMap(({ key, name, also, at, to }) =>
      at && !who
        ? []
        : [
            {
              key: `w-${key}`,
              name,
              also,
              facts: [],
              kind: foundKind.page,
              to: to ?? `/at/${who}/${at}`,
            },
          ],
    ),
  ];
}

/** So many are shown at once. */
const shown = 12;

/**
 * Finds among everything: by names at once, by all else as soon as it is read. What is listed for a text stays as it
 * is when the rest has been read, unless nothing was: whoever goes down it by keys takes what they saw.
 */
function useFound(athleteId: string | null) {
  const [typed, setTyped] = useState({ text: "", byAll: false });
  const all = useMemo(() => everything(athleteId), [athleteId]);
  const [whole, setWhole] = useState<{ all: readonly Entry[]; find: Find<Entry> } | null>(null);
  useEffect(() => {
    let left = false;
    void finderSoon(all).then((find) => {
      if (!left) setWhole({ all, find });
    });
    return () => {
      left = true;
    };
  }, [all]);
  const byName = useMemo(() => findByName(all), [all]);
  const byAll = whole?.all === all ? whole.find : null;
  const found = useMemo(() => {
    const named = byAll && typed.byAll ? [] : byName(typed.text, shown);
    return named.length === 0 && byAll ? byAll(typed.text, shown) : named;
  }, [typed, byName, byAll]);
  return { found, type: (text: string) => setTyped({ text, byAll: byAll !== null }) };
}

/** Type-ahead over all there is; each says why it was found where its name does not. */
export default function Finder({
  close,
  athleteId,
}: {
  close: () => void;
  athleteId: string | null;
}) {
  const navigate = useNavigate();
  const { found, type } = useFound(athleteId);
  const go = (choice: Entry | null) => {
    if (!choice) return;
    close();
    void navigate(choice.to);
  };
  return (
    <Modal
      label="Find"
      over="backdrop:bg-black/40"
      close={close}
      place="content-start justify-items-center p-4 pt-[12vh]"
      className="w-full max-w-xl"
    >
      <Combobox onChange={go}>
        <ComboboxInput
          aria-label="Find"
          placeholder="A name, a muscle, a motion, a drill, a page"
          className="w-full border-b-2 border-ink bg-transparent px-5 py-4 text-lg"
          onChange={(event) => type(event.target.value)}
          // One press leaves, whatever is typed.
          onKeyDown={(event) => event.key === "Escape" && close()}
        />
        <ComboboxOptions static modal={false} className="max-h-[55vh] overflow-y-auto py-2">
          {found.map((entry) => (
            <ComboboxOption
              key={entry.key}
              value={entry}
              className="flex min-h-11 cursor-pointer items-center justify-between gap-4 px-5 data-focus:bg-ink data-focus:text-paper"
            >
              <span className="min-w-0">
                <span className="block font-semibold">{entry.name}</span>
                {entry.because.length > 0 ? (
                  <span className="block truncate text-sm opacity-80">
                    {becauseFound(entry.because)}
                  </span>
                ) : null}
              </span>
              <span className="shrink-0 text-sm opacity-80">{entry.kind}</span>
            </ComboboxOption>
          ))}
        </ComboboxOptions>
        {found.length === 0 ? (
          <p className="px-5 pb-5 text-muted">Nothing by those words.</p>
        ) : null}
      </Combobox>
    </Modal>
  );
}
