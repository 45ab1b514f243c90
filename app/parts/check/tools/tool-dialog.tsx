import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { lazy, Suspense } from "react";
import { X } from "lucide-react";
import type { ToolName, ToolProps } from "./tool";

const PhotoTool = lazy(() => import("./photo-tool"));
const LevelTool = lazy(() => import("./level-tool"));
const SensorTool = lazy(() => import("./sensor-tool"));

const titles: Record<ToolName, string> = {
  photo: "Read an angle from a photo",
  level: "Read an angle with the level",
  "sensor-log": "Read a sensor’s file",
};

/** An instrument over the desk; what it reads goes into the round's fields. */
export default function ToolDialog({
  name,
  athleteId,
  pointing,
  ...tool
}: ToolProps & { name: ToolName; athleteId: string; pointing: number | null }) {
  return (
    <Dialog open onClose={tool.close} className="relative z-40">
      <div className="fixed inset-0 bg-ink/60" aria-hidden="true" />
      <div className="fixed inset-0 grid overflow-y-auto sm:place-items-center sm:p-4">
        <DialogPanel className="min-h-full w-full max-w-6xl bg-paper p-4 text-ink sm:min-h-0 sm:p-5">
          <div className="flex items-start justify-between gap-4">
            <DialogTitle className="text-2xl">{titles[name]}</DialogTitle>
            <button type="button" className="quiet" aria-label="Close" onClick={tool.close}>
              <X aria-hidden="true" />
            </button>
          </div>
          <Suspense fallback={<p className="py-16 text-muted">Opening …</p>}>
            {name === "photo" ? (
              <PhotoTool {...tool} athleteId={athleteId} pointing={pointing} />
            ) : name === "level" ? (
              <LevelTool {...tool} />
            ) : (
              <SensorTool {...tool} />
            )}
          </Suspense>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
