import { decimal } from "#words/locale";
import { Trash2 } from "lucide-react";
import type { Photo } from "#core/records/records";
import { protocolOf, type Library } from "#core/content/library";
import { useAct } from "../use-act";
import { notch } from "../words";
import { longDay } from "#words/days";

/** The pictures the user chose to keep, with the landmarks that were placed on them. */
export function KeptPhotos({
  photos,
  library,
  action,
}: {
  photos: readonly Photo[];
  library: Library;
  action: string;
}) {
  const { act } = useAct(action);
  if (photos.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-xl">Kept pictures</h2>
      <ul className="mt-2 grid gap-4 sm:grid-cols-3">
        {photos.map((photo) => (
          <li key={photo.id}>
            <svg
              viewBox={`0 0 ${photo.width} ${photo.height}`}
              className="max-h-56 w-full bg-raised"
              role="img"
              aria-label={`Picture of ${longDay(photo.on)}`}
            >
              <image href={photo.image} width={photo.width} height={photo.height} />
              {photo.readings.map(({ spots }, i) => (
                <polyline
                  key={i}
                  points={spots.map(([x, y]) => `${x * photo.width},${y * photo.height}`).join(" ")}
                  fill="none"
                  stroke="#a8461f"
                  strokeWidth={photo.width / 150}
                />
              ))}
            </svg>
            <p className="flex items-start justify-between text-sm">
              <span>
                {longDay(photo.on)}
                {photo.readings.map(({ protocolId, side, degrees, se }, i) => (
                  <span key={i} className="block text-muted">
                    {protocolOf(library, protocolId)?.name ?? protocolId} {notch[side]}{" "}
                    {decimal(degrees, 1)}° ± {decimal(se, 1)}
                  </span>
                ))}
              </span>
              <button
                type="button"
                className="quiet"
                aria-label={`Remove the picture of ${longDay(photo.on)}`}
                onClick={() => act("remove-photo", { id: photo.id })}
              >
                <Trash2 size={14} />
              </button>
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
