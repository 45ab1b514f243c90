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
  undo: Undo2,
  sound: Volume2,
  silent: VolumeX,
  voice: MessageSquareText,
  wall: Maximize,
  leave: X,
} satisfies Record<string, LucideIcon>;

/** What can be changed on the floor, each with its key; large enough for a chalky thumb. */
export function FloorKeys({ acts }: { acts: readonly FloorAct[] }) {
  return (
    <div className="grid grid-cols-3 gap-1.5 sm:flex sm:flex-wrap" role="group" aria-label="Change">
      {acts.map(({ id, label, key, icon: Icon, press, off, title }) => (
        <button
          key={id}
          type="button"
          onClick={press}
          disabled={off}
          title={title ?? `${label} (${key})`}
          aria-keyshortcuts={key}
          className="flex min-h-14 items-center gap-2 border border-[#3a4142] px-3 text-left text-[0.98rem] leading-tight font-semibold text-[#e4dfd2] hover:border-[#f2eee4] disabled:opacity-35 sm:min-h-12 sm:flex-auto sm:justify-center"
        >
          <Icon size={18} aria-hidden="true" className="shrink-0" />
          {label}
        </button>
      ))}
    </div>
  );
}
