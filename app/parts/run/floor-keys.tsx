import {
  ChevronsDown,
  ChevronsUp,
  Eye,
  Hourglass,
  ListPlus,
  Maximize,
  MessageSquareText,
  Plus,
  Replace,
  SkipForward,
  Undo2,
  Unlink,
  UsersRound,
  Volume2,
  VolumeX,
  X,
} from "lucide-react";
import type { LucideIcon } from "lucide-react";

export type FloorAct = {
  id: string;
  label: string;
  key: string;
  icon: LucideIcon;
  press: () => void;
  off?: boolean;
  title?: string;
};

export const floorIcons = {
  easier: ChevronsDown,
  harder: ChevronsUp,
  swap: Replace,
  skip: SkipForward,
  longer: Plus,
  more: ListPlus,
  side: ListPlus,
  loose: Unlink,
  form: Eye,
  minutes: Hourglass,
  people: UsersRound,
  undo: Undo2,
  sound: Volume2,
  silent: VolumeX,
  voice: MessageSquareText,
  wall: Maximize,
  leave: X,
} satisfies Record<string, LucideIcon>;

/** What can be changed on the floor, each with its key; large enough for a chalky thumb. Sound, wall and leave are the small ones. */
export function FloorKeys({
  acts,
  tools,
}: {
  acts: readonly FloorAct[];
  tools: readonly FloorAct[];
}) {
  return (
    <div className="grid grid-cols-3 gap-1.5 sm:flex sm:flex-wrap" role="group" aria-label="Change">
      {acts.map((act) => (
        <FloorKey key={act.id} act={act} />
      ))}
      {tools.map((act) => (
        <FloorKey key={act.id} act={act} small />
      ))}
    </div>
  );
}

function FloorKey({ act, small = false }: { act: FloorAct; small?: boolean }) {
  const { label, key, icon: Icon, press, off, title } = act;
  return (
    <button
      type="button"
      onClick={press}
      disabled={off}
      title={title ?? `${label} (${key})`}
      aria-keyshortcuts={key}
      className={`flex min-h-14 items-center gap-1.5 border border-[#3a4142] px-2.5 text-left leading-tight font-semibold text-[#e4dfd2] hover:border-[#f2eee4] disabled:opacity-35 sm:min-h-12 sm:justify-center ${small ? "" : "sm:flex-auto"}`}
    >
      <Icon size={17} aria-hidden="true" className="shrink-0" />
      <span className={small ? "sm:sr-only" : ""}>{label}</span>
    </button>
  );
}
