import { checkWords, drillWords, finderOf, skillWords, type Findable } from "../library/find-words";
import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
} from "@headlessui/react";
import { useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { withPacks } from "#core/content/library";
import { library } from "#library/index";
import { presentNotebook } from "../../store/open";

type Found = Findable & { kind: string; to: string };

/** Everything that can be found by name from anywhere. */
function everything(athleteId: string | null): Found[] {
  const notebook = presentNotebook()?.notebook;
  const who = athleteId ?? notebook?.all("athlete")[0]?.id;
  const whole = withPacks(library, notebook?.all("pack") ?? []);
  const own = (list: readonly { id: string }[], id: string) => !list.some((one) => one.id === id);
  return [
    ...(notebook?.all("athlete") ?? []).map(({ id, name, discipline }) => ({
      key: `a-${id}`,
      name,
      words: `${discipline} athlete`,
      kind: discipline || "athlete",
      to: `/at/${id}/gap`,
    })),
    ...whole.protocols.map((check) => ({
      key: `p-${check.id}`,
      name: check.name,
      words: `check ${checkWords(check)}`,
      kind: "check",
      to: who ? `/at/${who}/check?focus=${check.id}` : `/library/check/${check.id}`,
    })),
    ...whole.drills.map((drill) => ({
      key: `d-${drill.id}`,
      name: drill.name,
      words: `drill ${drillWords(drill)}`,
      kind: own(library.drills, drill.id) ? "drill of your own" : "drill",
      to: `/library/drill/${drill.id}`,
    })),
    ...whole.skills.map((skill) => {
      const { id, name } = skill;
      const mine = own(library.skills, id);
      return {
        key: `s-${id}`,
        name,
        words: `skill ${skillWords(skill)}`,
        kind: mine ? "skill of your own" : "skill",
        to: mine && who ? `/at/${who}/aim` : `/library/skill/${id}`,
      };
    }),
    ...(notebook?.all("group") ?? []).map(({ id, name }) => ({
      key: `g-${id}`,
      name,
      words: "group hall",
      kind: "group",
      to: `/hall/${id}`,
    })),
    ...(notebook?.all("place") ?? []).map(({ id, name }) => ({
      key: `l-${id}`,
      name,
      words: "place",
      kind: "place",
      to: "/#places",
    })),
  ];
}

/** Type-ahead over athletes, checks, drills, skills and places. */
export default function Finder({
  close,
  athleteId,
}: {
  close: () => void;
  athleteId: string | null;
}) {
  const [query, setQuery] = useState("");
  const navigate = useNavigate();
  const find = useMemo(() => finderOf(everything(athleteId)), [athleteId]);
  const found = find(query).slice(0, 12);
  const go = (choice: Found | null) => {
    if (!choice) return;
    close();
    void navigate(choice.to);
  };
  return (
    <Dialog open onClose={close} className="relative z-40">
      <div className="fixed inset-0 bg-black/40" aria-hidden="true" />
      <div className="fixed inset-0 flex justify-center p-4 pt-[12vh]">
        <DialogPanel className="h-fit w-full max-w-xl bg-paper text-ink">
          <Combobox onChange={go}>
            <ComboboxInput
              autoFocus
              aria-label="Find"
              placeholder="An athlete, check, drill, skill, place: any of its words"
              className="w-full border-b-2 border-ink bg-transparent px-5 py-4 text-lg"
              onChange={(event) => setQuery(event.target.value)}
            />
            <ComboboxOptions static className="max-h-[55vh] overflow-y-auto py-2">
              {found.map((entry) => (
                <ComboboxOption
                  key={entry.key}
                  value={entry}
                  className="flex min-h-11 cursor-pointer items-center justify-between gap-4 px-5 data-focus:bg-ink data-focus:text-paper"
                >
                  <span className="font-semibold">{entry.name}</span>
                  <span className="text-sm opacity-80">{entry.kind}</span>
                </ComboboxOption>
              ))}
            </ComboboxOptions>
            {found.length === 0 ? (
              <p className="px-5 pb-5 text-muted">Nothing by those words.</p>
            ) : null}
          </Combobox>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
