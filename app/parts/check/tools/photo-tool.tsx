import { decimal } from "#words/locale";
import { useEffect, useRef, useState } from "react";
import { Camera, FolderOpen, RotateCcw, RotateCw, Trash2 } from "lucide-react";
import { usualPointing } from "#core/measure/photo";
import { newId } from "../../../clock";
import { useAct } from "../../use-act";
import { say } from "../../say";
import { PictureBoard } from "./picture-board";
import {
  angleOfDraft,
  isPlumb,
  namesOf,
  readingOfDraft,
  type AngleDraft,
  type Photograph,
} from "./photo-angles";
import { keepable } from "./scaled-picture";
import { TargetSelect, targetText } from "./target-select";
import type { Target, ToolProps } from "./tool";
import { Trainer } from "./trainer";

const whole = (value: number): string => decimal(value, 1);

const draftFor = (target: Target): AngleDraft => ({
  key: newId("shot"),
  target,
  spots: [],
  over: false,
});

/** Angles from a photograph. The picture stays in this tab; it is kept only when the user says so. */
export default function PhotoTool({
  target,
  targets,
  pointing,
  onReading,
  close,
}: ToolProps & { athleteId: string; pointing: number | null }) {
  const [photo, setPhoto] = useState<Photograph | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [training, setTraining] = useState(false);
  const { act } = useAct();
  const url = photo?.url;
  useEffect(() => () => (url ? URL.revokeObjectURL(url) : undefined), [url]);
  const load = async (file: File | undefined) => {
    if (!file) return;
    setProblem(null);
    const image = new Image();
    image.src = URL.createObjectURL(file);
    try {
      await image.decode();
      const [width, height] = [image.naturalWidth || 800, image.naturalHeight || 600];
      setPhoto({ url: image.src, width, height, name: file.name, turn: 0 });
    } catch {
      URL.revokeObjectURL(image.src);
      setProblem(`“${file.name}” is not a picture this browser can show. A JPEG or PNG will do.`);
    }
  };
  if (training)
    return (
      <Trainer
        own={pointing}
        use={(error) => {
          act("save-pointing", { pointing: error });
          say(
            error === null
              ? "The usual pointing error is used again."
              : "Your own pointing error is used from now on.",
          );
        }}
        close={() => setTraining(false)}
      />
    );
  if (!photo)
    return (
      <div className="grid gap-4 py-6">
        <p className="max-w-xl text-muted">
          Square to the joint, lens at its height, far enough back; clothes that show the landmarks.
          The picture never leaves this device.
        </p>
        <p className="flex flex-wrap gap-3">
          <PictureInput label="Load a picture" icon={<FolderOpen size={18} />} onFile={load} />
          <PictureInput label="Take a picture" icon={<Camera size={18} />} onFile={load} camera />
          <button type="button" className="press" onClick={() => setTraining(true)}>
            Practise on drawn pictures
          </button>
        </p>
        {problem ? (
          <p role="alert" className="font-semibold text-clay">
            {problem}
          </p>
        ) : null}
        <Pointing pointing={pointing} />
      </div>
    );
  return (
    <Reader
      photo={photo}
      setPhoto={setPhoto}
      first={target}
      targets={targets}
      pointing={pointing}
      train={() => setTraining(true)}
      done={async (drafts, keep) => {
        for (const draft of drafts) {
          const reading = readingOfDraft(draft, photo, pointing);
          if (reading) onReading(draft.target, reading);
        }
        if (keep) {
          const picture = await keepable(photo);
          act("save-photo", {
            photo: {
              ...picture,
              readings: drafts.flatMap((draft) => {
                const reading = readingOfDraft(draft, photo, pointing);
                return reading
                  ? [
                      {
                        protocolId: draft.target.row.protocol.id,
                        side: draft.target.side,
                        degrees: reading.value,
                        se: reading.se,
                        spots: draft.spots.map(([x, y]): [number, number] => [
                          x / photo.width,
                          y / photo.height,
                        ]),
                      },
                    ]
                  : [];
              }),
            },
          });
        }
        close();
      }}
    />
  );
}

function Pointing({ pointing }: { pointing: number | null }) {
  const percent = decimal((pointing ?? usualPointing) * 100, 1);
  return (
    <p className="text-sm text-muted">
      {pointing === null
        ? `Each landmark is taken to be off by ${percent} % of the longer segment. Ten placements on drawn pictures show your own.`
        : `Your own pointing error counts: ${percent} % of the longer segment.`}
    </p>
  );
}

function PictureInput({
  label,
  icon,
  onFile,
  camera = false,
}: {
  label: string;
  icon: React.ReactNode;
  onFile: (file: File | undefined) => Promise<void>;
  camera?: boolean;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className="press" onClick={() => input.current?.click()}>
        {icon} {label}
      </button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        {...(camera ? { capture: "environment" as const } : {})}
        onChange={(event) => void onFile(event.target.files?.[0])}
      />
    </>
  );
}

/** The loaded picture: landmarks, angles, turn, and what to do with it. */
function Reader({
  photo,
  setPhoto,
  first,
  targets,
  pointing,
  train,
  done,
}: {
  photo: Photograph;
  setPhoto: (photo: Photograph | null) => void;
  first: Target;
  targets: readonly Target[];
  pointing: number | null;
  train: () => void;
  done: (drafts: readonly AngleDraft[], keep: boolean) => Promise<void>;
}) {
  const [drafts, setDrafts] = useState<AngleDraft[]>(() => [draftFor(first)]);
  const [active, setActive] = useState(drafts[0]!.key);
  const [keep, setKeep] = useState(false);
  const draft = drafts.find(({ key }) => key === active) ?? drafts[0]!;
  const edit = (part: Partial<AngleDraft>) =>
    setDrafts((all) => all.map((one) => (one.key === draft.key ? { ...one, ...part } : one)));
  const complete = drafts.filter((one) => angleOfDraft(one, photo, pointing));
  const names = namesOf(draft);
  const next = names[draft.spots.length];
  const turn = (by: number) => setPhoto({ ...photo, turn: ((photo.turn + by + 540) % 360) - 180 });
  return (
    <div className="mt-3 grid gap-4 lg:grid-cols-[1fr_20rem]">
      <div>
        <PictureBoard
          size={photo}
          turn={photo.turn}
          angles={drafts.map((one) => ({
            key: one.key,
            names: namesOf(one),
            spots: one.spots,
            plumb: isPlumb(one),
            text: angleText(one, photo, pointing),
          }))}
          active={draft.key}
          onSpots={(spots) => edit({ spots })}
        >
          <image href={photo.url} width={photo.width} height={photo.height} />
        </PictureBoard>
        <p className="mt-1 flex flex-wrap items-center gap-2 text-sm">
          <button
            type="button"
            className="quiet"
            aria-label="Turn left a quarter"
            onClick={() => turn(-90)}
          >
            <RotateCcw size={18} />
          </button>
          <button
            type="button"
            className="quiet"
            aria-label="Turn right a quarter"
            onClick={() => turn(90)}
          >
            <RotateCw size={18} />
          </button>
          <label className="flex flex-1 items-center gap-2">
            <span className="text-muted">level it</span>
            <input
              type="range"
              min={-180}
              max={180}
              step={0.5}
              value={photo.turn}
              className="min-w-24 flex-1 accent-[var(--spruce)]"
              onChange={(event) => setPhoto({ ...photo, turn: Number(event.target.value) })}
            />
            <span className="figures w-16 text-right">{photo.turn}°</span>
          </label>
          <button type="button" className="underlined" onClick={() => setPhoto(null)}>
            another picture
          </button>
        </p>
      </div>
      <div className="grid content-start gap-3">
        <p role="status" className="border-l-4 border-ink pl-3">
          {next ? (
            <>
              Place the <b>{next}</b>
              {isPlumb(draft) ? ", against the plumb line" : ""}.
            </>
          ) : (
            <>
              <span className="figures block text-3xl font-bold">
                {angleText(draft, photo, pointing) || "The landmarks lie on each other."}
              </span>
              <span className="text-sm text-muted">
                ± from pointing alone; the check’s own error is added. Drag a landmark or nudge it
                with the arrow keys.
              </span>
            </>
          )}
        </p>
        <TargetSelect
          label="This angle is"
          target={draft.target}
          targets={targets}
          onChange={(target) =>
            edit({
              target,
              spots: draft.spots.slice(0, target.row.protocol.photo?.points.length ?? 0),
            })
          }
        />
        {!isPlumb(draft) ? (
          <label className="flex min-h-8 items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="size-4 accent-[var(--spruce)]"
              checked={draft.over}
              onChange={(event) => edit({ over: event.target.checked })}
            />
            past straight: read the other side of the arc
          </label>
        ) : null}
        <ul className="text-sm">
          {drafts.map((one) => (
            <li key={one.key} className="flex items-center gap-2 border-b border-line">
              <button
                type="button"
                className={`min-h-9 flex-1 text-left ${one.key === draft.key ? "font-semibold" : "text-muted"}`}
                onClick={() => setActive(one.key)}
              >
                {targetText(one.target)}: {angleText(one, photo, pointing) || "not placed yet"}
              </button>
              {drafts.length > 1 ? (
                <button
                  type="button"
                  className="quiet"
                  aria-label={`Remove the angle of ${targetText(one.target)}`}
                  onClick={() => setDrafts((all) => all.filter(({ key }) => key !== one.key))}
                >
                  <Trash2 size={14} />
                </button>
              ) : null}
            </li>
          ))}
        </ul>
        <p className="flex flex-wrap gap-3 text-sm">
          <button
            type="button"
            className="underlined"
            onClick={() => {
              const used = drafts.map(({ target }) => target);
              const free = targets.find(
                (one) => !used.some((t) => t.row.key === one.row.key && t.side === one.side),
              );
              const added = draftFor(free ?? draft.target);
              setDrafts((all) => [...all, added]);
              setActive(added.key);
            }}
          >
            another angle on this picture
          </button>
          <button type="button" className="underlined" onClick={() => edit({ spots: [] })}>
            place again
          </button>
          <button type="button" className="underlined" onClick={train}>
            practise pointing
          </button>
        </p>
        <Pointing pointing={pointing} />
        <label className="flex min-h-8 items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-4 accent-[var(--spruce)]"
            checked={keep}
            onChange={(event) => setKeep(event.target.checked)}
          />
          keep the picture too, scaled down, on this device
        </label>
        <button
          type="button"
          className="press press-main justify-center"
          disabled={complete.length === 0}
          onClick={() => void done(complete, keep)}
        >
          {complete.length > 1 ? `Use the ${complete.length} readings` : "Use the reading"}
        </button>
      </div>
    </div>
  );
}

function angleText(draft: AngleDraft, photo: Photograph, pointing: number | null): string {
  const reading = readingOfDraft(draft, photo, pointing);
  return reading ? `${whole(reading.value)}° ± ${whole(reading.se)}` : "";
}
