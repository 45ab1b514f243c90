import type { Photograph } from "./photo-angles";

/** The longer edge of a kept picture, px: enough to see the landmarks again, small enough to keep hundreds. */
const longestEdge = 1000;

/** A photograph scaled down to a JPEG data URL, to be kept in the notebook. */
export async function keepable({ url, width, height }: Photograph): Promise<{
  image: string;
  width: number;
  height: number;
}> {
  const image = new Image();
  image.src = url;
  await image.decode();
  const scale = Math.min(1, longestEdge / Math.max(width, height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const pen = canvas.getContext("2d")!;
  pen.fillStyle = "#fff";
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  return {
    image: canvas.toDataURL("image/jpeg", 0.8),
    width: canvas.width,
    height: canvas.height,
  };
}
