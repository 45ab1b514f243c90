import { later, useLater } from "../later";
import type { PosePictureProps } from "./pose-picture";

/** The geometry of bodies, hands and things: fetched beside the page, whose words and numbers don't wait for it. */
export const posePicture = later(() =>
  import("./pose-picture").then(({ PosePicture }) => PosePicture),
);

/** A drill's or a check's picture where it stands beside what is read and typed; its place stays free until it is there. */
export function PictureBeside(props: PosePictureProps) {
  const Drawn = useLater(posePicture);
  if (Drawn) return <Drawn {...props} />;
  return <svg viewBox="0 0 200 100" className={props.className} aria-hidden="true" />;
}
